import PostalMime from 'postal-mime';
import sharp from 'sharp';
import { SMTPServer } from 'smtp-server';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpegWithSecrets } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { wholeBody } from '../../../tests/builders/wholeBody';
import { smtpDelivery } from '../messages/writeMail';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1)]) })
    .expect(200);
});
afterEach(() => server.close());

const yard = {
  name: 'Brindle & “Tew”',
  place: 'Quay 1\nPort Averil',
  phone: '01632 960104',
  mail: 'desk@brindle.example',
};
const setYard = (more: object = {}) =>
  request(server.app)
    .put('/api/yard')
    .send({ ...yard, ...more });
async function freeze(n = 1): Promise<string> {
  await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd00 + n) })
    .expect(201);
  return idOf(0xd00 + n);
}
const send = (report: string, more: object = {}) =>
  request(server.app)
    .post(`/api/reports/${report}/messages`)
    .send({ id: idOf(0xe01), to: 'ida@town.example', ...more });

describe('a link sent by mail', () => {
  it('is a mail that an independent parser reads, with a link that opens', async () => {
    await setYard().expect(200);
    const { body } = await send(await freeze(), {
      note: 'Grüße — as promised.',
      days: 30,
      passphrase: 'tidewater',
    }).expect(201);
    const { body: eml } = await request(server.app)
      .get(`/api/messages/${body.message.id}/eml`)
      .buffer(true)
      .parse(wholeBody)
      .expect('Content-Type', /message\/rfc822/)
      .expect(200);
    // RFC 5322: lines end with CRLF, and none is longer than 998 signs.
    for (const line of eml.toString('latin1').split('\r\n')) {
      expect(line).not.toContain('\n');
      expect(line.length).toBeLessThanOrEqual(998);
    }
    // postal-mime reads it independently.
    const mail = await PostalMime.parse(eml);
    expect(mail.from).toMatchObject({ name: yard.name, address: yard.mail });
    expect(mail.to?.[0]).toMatchObject({ address: 'ida@town.example' });
    expect(mail.subject).toBe('Condition report: Fenlark Tessel (2017)');
    expect(mail.text?.trim()).toBe(body.message.text);
    expect(mail.text).toContain('Grüße — as promised.');
    expect(mail.messageId).toContain(body.message.id);
    const link = /https?:\/\/\S+/.exec(mail.text ?? '')?.[0] ?? '';
    await request(server.app).get(new URL(link).pathname.replace('/r/', '/api/shared/')).expect(401);
    expect(body.message.sentAt).toBeUndefined();
  });

  it('is a text message to a telephone number', async () => {
    const { body } = await send(await freeze(), { to: '+44 1632 960 104' }).expect(201);
    expect(body.message).toMatchObject({ kind: 'text', to: '+441632960104', subject: '' });
    await request(server.app).get(`/api/messages/${body.message.id}/eml`).expect(404);
    const { body: page } = await request(server.app).get('/api/messages').expect(200);
    expect(page).toEqual({ messages: [body.message], isDelivering: false });
  });

  it('is refused with what to change, and then makes no link', async () => {
    const report = await freeze();
    for (const to of ['ida', 'a@b.example\r\nBcc: all@b.example', ''])
      expect((await send(report, { to }).expect(422)).body.detail).toContain('mail address like');
    expect((await request(server.app).get(`/api/reports/${report}`)).body.shares).toEqual([]);
    await send(report).expect(201);
    expect((await send(report).expect(409)).body.detail).toContain('went out already');
  });

  it('goes to a mail server where one is set, and what that says is kept', async () => {
    const taken: string[] = [];
    const smtp = new SMTPServer({
      disabledCommands: ['AUTH', 'STARTTLS'],
      onRcptTo: ({ address }, _session, done) =>
        done(address.startsWith('nobody') ? new Error('No such mailbox here') : null),
      onData: (stream, _session, done) => {
        stream.on('data', (chunk: Buffer) => taken.push(chunk.toString()));
        stream.on('end', () => done());
      },
    });
    await new Promise<void>((listening) => smtp.listen(0, '127.0.0.1', listening));
    const { port } = smtp.server.address() as { port: number };
    server.context.deliver = smtpDelivery(`smtp://127.0.0.1:${port}`);
    const report = await freeze();
    const { body } = await send(report).expect(201);
    expect(body.message.sentAt).toBeDefined();
    expect(taken.join('')).toContain('Condition report: Fenlark');
    const refused = await send(report, { id: idOf(0xe02), to: 'nobody@town.example' }).expect(201);
    expect(refused.body.message.problem).toContain('No such mailbox');
    await new Promise<void>((closed) => smtp.close(closed));
  });
});

describe('the yard on its reports', () => {
  const logo = (file: Buffer, type = 'image/png') =>
    request(server.app).put('/api/yard/logo').set('Content-Type', type).send(file);

  it('stands on reports frozen from then on; earlier ones keep what they said', async () => {
    const before = await freeze(1);
    const picture = await sharp({ create: { width: 2000, height: 500, channels: 4, background: '#0a0' } })
      .png()
      .toBuffer();
    const { body: kept } = await logo(picture).expect(200);
    await setYard({ colour: '#0a5c2a', logo: kept.sha256 }).expect(200);
    const after = await freeze(2);
    const yardOf = async (id: string) =>
      (await request(server.app).get(`/api/reports/${id}`)).body.report.yard;
    expect(await yardOf(before)).toEqual({ name: 'The yard', place: '', phone: '' });
    expect(await yardOf(after)).toEqual({ ...yard, colour: '#0a5c2a', logo: kept.sha256 });
    const { token } = (await request(server.app).post(`/api/reports/${after}/shares`).send({})).body;
    const { body: png } = await request(server.app)
      .get(`/api/shared/${token}/logos/${kept.sha256}`)
      .expect(200);
    expect(await sharp(png).metadata()).toMatchObject({ width: 480, height: 120, format: 'png' });
    await request(server.app)
      .get(`/api/shared/${token}/logos/${'a'.repeat(64)}`)
      .expect(404);
  });

  it('has a logo of pixels alone', async () => {
    const { body } = await logo(await jpegWithSecrets(), 'image/jpeg').expect(200);
    const { body: png } = await request(server.app).get(`/api/logos/${body.sha256}`).expect(200);
    expect((await sharp(png).metadata()).exif).toBeUndefined();
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
    expect((await logo(svg).expect(422)).body.detail).toContain('PNG, JPEG or WebP');
    expect((await logo(Buffer.from('89504e470d0a1a0a00', 'hex')).expect(422)).body.detail).toContain(
      'damaged',
    );
    expect((await setYard({ logo: 'b'.repeat(64) }).expect(422)).body.detail).toContain(
      'Choose the picture again',
    );
    await setYard({ colour: 'red' }).expect(400);
  });
});
