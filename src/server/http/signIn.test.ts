import type { Server } from 'node:http';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Me } from '#core/api';
import { idOf } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { firstAddress } from '../people/firstAddress';
import { IDLE_MS, LONGEST_MS } from '../store/sessionStore';
import { createApp } from './createApp';
import { makeServer } from './makeServer';

const PASSWORD = 'salt marsh lantern';
const OWNER = idOf(0xa11);
const DAY_MS = 86_400_000;

let server: TestServer;
/** On a port of its own: cookies are named by it. */
let app: Server;
let ahead = 0;
beforeEach(async () => {
  server = await startTestServer(false);
  ahead = 0;
  // One's own clock, so that days can pass.
  const start = server.context.now().getTime();
  const context = { ...server.context, now: () => new Date(start + ahead) };
  server.context.now = context.now;
  app = makeServer(createApp(context, join(server.dir, 'no-interface')));
  await new Promise<void>((listening) => app.listen(0, '127.0.0.1', listening));
});
afterEach(async () => {
  await new Promise((closed) => app.close(closed));
  await server.close();
});

/** A browser that keeps its cookies. */
const browser = () => request.agent(app);
type Browser = ReturnType<typeof browser>;

interface Jar {
  getCookies(at: object): { toValueString(): string }[];
}
/** What a browser holds, as it would send it. */
const held = (who: Browser): string[] =>
  (who as unknown as { jar: Jar }).jar
    .getCookies({ domain: '127.0.0.1', path: '/', secure: false, script: false })
    .map((cookie) => cookie.toValueString());

const meOf = async (who: Browser): Promise<Me> => (await who.get('/api/me').expect(200)).body;
const signIn = (who: Browser, name: string, password = PASSWORD) =>
  who.post('/api/sign-in').send({ name, password, device: 'Phone' });

/** The yard with its owner signed in. */
async function owned(): Promise<Browser> {
  const owner = browser();
  const token = firstAddress(server.context);
  await owner
    .post('/api/first')
    .send({ token, id: OWNER, name: 'Nell Harrick', password: PASSWORD, device: 'The office' })
    .expect(201);
  return owner;
}

/** Somebody invited, who came in. */
async function joined(owner: Browser, name: string, role: string): Promise<Browser> {
  const { body } = await owner.post('/api/invitations').send({ name, role }).expect(201);
  const them = browser();
  await them
    .post('/api/join')
    .send({ token: body.token, password: PASSWORD, device: `${name}’s phone` })
    .expect(201);
  return them;
}

describe('the first start', () => {
  it('makes one owner, once, by the address the server printed', async () => {
    const stranger = browser();
    expect(await meOf(stranger)).toEqual({ isNew: true, here: [] });
    await stranger.get('/api/cars').expect(401);
    const token = firstAddress(server.context);
    const first = (body: object) =>
      stranger
        .post('/api/first')
        .send({ token, id: OWNER, name: 'Nell Harrick', password: PASSWORD, ...body });
    expect((await first({ token: 'guessed' }).expect(404)).body.detail).toContain('whole address');
    expect((await first({ password: 'nellharrick' }).expect(422)).body.detail).toContain('the name');
    expect((await first({ password: 'password123' }).expect(422)).body.detail).toContain('list of guesses');
    const { body } = await first({}).expect(201);
    expect(body.me).toMatchObject({ name: 'Nell Harrick', role: 'owner' });
    await stranger.get('/api/cars').expect(200);
    expect((await first({}).expect(410)).body.detail).toContain('opens once');
    // A later address makes no second one.
    const later = firstAddress(server.context);
    await first({ token: later, id: idOf(0xa12), name: 'Somebody' }).expect(409);
  });

  it('lets an address run out, and the one before it open nothing', async () => {
    const before = firstAddress(server.context);
    const token = firstAddress(server.context);
    const look = (of: string) => request(app).post('/api/one-time').send({ token: of });
    await look(before).expect(404);
    expect((await look(token).expect(200)).body).toEqual({ opens: 'first', yard: 'The yard' });
    ahead = DAY_MS + 1;
    expect((await look(token).expect(410)).body.detail).toContain('short time');
  });
});

describe('signing in', () => {
  it('is by name, however it is written, and password; the cookie is for this site’s requests alone', async () => {
    await owned();
    const phone = browser();
    const answer = await signIn(phone, '  NELL   harrick ').expect(201);
    expect(answer.body.me.person).toBe(OWNER);
    const cookies = answer.headers['set-cookie'] as unknown as string[];
    for (const cookie of cookies) {
      expect(cookie).toMatch(/; HttpOnly/);
      expect(cookie).toMatch(/; SameSite=Lax/);
      expect(cookie).toMatch(/; Path=\//);
      expect(cookie).not.toMatch(/Domain=/);
    }
    await phone.get('/api/cars').expect(200);
  });

  it('keeps no password, PIN or token as it was, not even in its own tables', async () => {
    const owner = await owned();
    await owner.put('/api/me/pin').send({ pin: '802714' }).expect(200);
    const dump = JSON.stringify(
      ['accounts', 'devices', 'device_people', 'sessions', 'one_time', 'audit'].map((table) =>
        server.context.stores.db.prepare(`SELECT * FROM ${table}`).all(),
      ),
    );
    expect(dump).toContain('$argon2id$v=19$m=19456,t=2,p=1$');
    const secrets = held(owner).map((cookie) => cookie.split('=')[1] as string);
    expect(secrets.map(({ length }) => length)).toEqual([43, 43]);
    for (const secret of [PASSWORD, '802714', ...secrets]) expect(dump).not.toContain(secret);
  });

  it('says the same of a wrong password and of nobody, and takes as long', async () => {
    await owned();
    const time = async (name: string) => {
      const start = performance.now();
      const { body, status } = await signIn(browser(), name, 'not the password');
      return { ms: performance.now() - start, said: [status, body.detail] };
    };
    const [wrong, nobody] = [await time('Nell Harrick'), await time('Nobody At All')];
    expect(nobody.said).toEqual(wrong.said);
    // Both hold an Argon2id hash; without, nobody would be answered in a millisecond.
    expect(nobody.ms).toBeGreaterThan(wrong.ms / 4);
  });

  it('is slowed down for strangers, and never for who signed in on the device before', async () => {
    const owner = await owned();
    const stranger = browser();
    for (let i = 0; i < 10; i++) await signIn(stranger, 'Nell Harrick', `guess number ${i}`).expect(401);
    expect((await signIn(stranger, 'Nell Harrick').expect(429)).body.detail).toContain('quarter of an hour');
    // Nell herself, at her own computer, is not locked out by them.
    await owner.post('/api/sign-out').send({}).expect(200);
    await signIn(owner, 'Nell Harrick').expect(201);
    // Nor is anybody else at theirs.
    await joined(owner, 'Tomas Vey', 'walk');
  });

  it('is over when it was not used for long, and after a longest time however it was', async () => {
    const owner = await owned();
    ahead = IDLE_MS - 1000;
    await owner.get('/api/cars').expect(200);
    // Being seen prolongs it.
    ahead += IDLE_MS - 1000;
    await owner.get('/api/cars').expect(200);
    ahead += IDLE_MS + 1000;
    await owner.get('/api/cars').expect(401);
    const again = browser();
    await signIn(again, 'Nell Harrick').expect(201);
    const begun = ahead;
    while (ahead + IDLE_MS - 1000 < begun + LONGEST_MS) {
      ahead += IDLE_MS - 1000;
      await again.get('/api/cars').expect(200);
    }
    ahead = begun + LONGEST_MS + 1000;
    expect((await again.get('/api/cars').expect(401)).body.detail).toContain('nothing is lost');
  });

  it('on a device takes the place of who was there', async () => {
    const owner = await owned();
    await joined(owner, 'Tomas Vey', 'walk');
    const before = held(owner).join('; ');
    await signIn(owner, 'Tomas Vey').expect(201);
    expect((await meOf(owner)).me?.name).toBe('Tomas Vey');
    // What the cookie of before held opens nothing any more.
    await request(app).get('/api/cars').set('Cookie', before).expect(401);
  });
});

describe('a shared phone', () => {
  it('is taken over with a PIN that counts there alone', async () => {
    const owner = await owned();
    const phone = await joined(owner, 'Tomas Vey', 'walk');
    expect((await phone.put('/api/me/pin').send({ pin: '123456' }).expect(422)).body.detail).toContain(
      'first',
    );
    await phone.put('/api/me/pin').send({ pin: '802714' }).expect(200);
    await signIn(phone, 'Nell Harrick').expect(201);
    const tomas = (await meOf(phone)).here.find(({ name }) => name === 'Tomas Vey');
    expect(tomas).toMatchObject({ hasPin: true });
    const take = (who: Browser, pin: string) => who.post('/api/switch').send({ person: tomas?.person, pin });
    await take(browser(), '802714').expect(401);
    await take(owner, '802714').expect(401);
    expect((await take(phone, '111222').expect(401)).body.detail).toContain('4 more tries');
    expect((await take(phone, '802714').expect(201)).body.me.name).toBe('Tomas Vey');
  });

  it('counts tries made all at once', async () => {
    const owner = await owned();
    await owner.put('/api/me/pin').send({ pin: '802714' }).expect(200);
    const take = (pin: string) => owner.post('/api/switch').send({ person: OWNER, pin });
    await Promise.all(Array.from({ length: 12 }, (_, i) => take(String(900_001 + i))));
    await take('802714').expect(401);
    const stranger = browser();
    const answers = await Promise.all(
      Array.from({ length: 25 }, (_, i) => signIn(stranger, 'Nell Harrick', `guess number ${i}`)),
    );
    expect(answers.filter(({ status }) => status === 401).length).toBeLessThanOrEqual(12);
  });

  it('forgets a PIN after five wrong tries; the password still opens', async () => {
    const owner = await owned();
    await owner.put('/api/me/pin').send({ pin: '802714' }).expect(200);
    const take = (pin: string) => owner.post('/api/switch').send({ person: OWNER, pin });
    for (let i = 0; i < 4; i++) await take('999000').expect(401);
    expect((await take('999000').expect(401)).body.detail).toContain('gone from this device');
    await take('802714').expect(401);
    await signIn(owner, 'Nell Harrick').expect(201);
  });
});

describe('addresses that open once', () => {
  it('bring a phone within two minutes, and not a second one', async () => {
    const owner = await owned();
    const { body } = await owner.post('/api/me/phone').send({}).expect(201);
    const enter = (who: Browser) => who.post('/api/enter').send({ token: body.token, device: 'Phone' });
    const phone = browser();
    expect((await enter(phone).expect(201)).body.me.person).toBe(OWNER);
    await enter(browser()).expect(410);
    const late = (await owner.post('/api/me/phone').send({}).expect(201)).body.token;
    ahead = 2 * 60_000 + 1;
    await browser().post('/api/enter').send({ token: late, device: 'Phone' }).expect(410);
    const { devices } = (await owner.get('/api/devices').expect(200)).body;
    expect(devices.map(({ name, isThis }: { name: string; isThis: boolean }) => [name, isThis])).toEqual(
      expect.arrayContaining([
        ['The office', true],
        ['Phone', false],
      ]),
    );
  });

  it('invite somebody once, until they are taken back', async () => {
    const owner = await owned();
    const invite = async () =>
      (await owner.post('/api/invitations').send({ name: 'Wren', role: 'walk' }).expect(201)).body;
    const [one, other] = [await invite(), await invite()];
    expect(
      (await owner.delete(`/api/invitations/${one.id}`).send({}).expect(200)).body.invitations,
    ).toHaveLength(1);
    const join = (token: string) =>
      browser().post('/api/join').send({ token, password: PASSWORD, device: '' });
    await join(one.token).expect(404);
    await join(other.token).expect(201);
    await join(other.token).expect(410);
    await owner.post('/api/invitations').send({ name: 'wren', role: 'walk' }).expect(409);
    // Two for one whose name stood on entries: with the first taken the second sets no password anew.
    const osk = { id: idOf(0xa0c), name: 'Osk' };
    await owner.post('/api/people').send(osk).expect(201);
    const named = async () =>
      (await owner.post('/api/invitations').send({ name: 'Osk', role: 'walk', person: osk.id }).expect(201))
        .body;
    const [first, second] = [await named(), await named()];
    await join(first.token).expect(201);
    await join(second.token).expect(404);
  });

  it('give a forgotten password anew, and whoever knew the old one is out', async () => {
    const owner = await owned();
    const tomas = await joined(owner, 'Tomas Vey', 'walk');
    const { accounts } = (await owner.get('/api/accounts').expect(200)).body;
    const { person } = accounts.find(({ name }: { name: string }) => name === 'Tomas Vey');
    const { token } = (await owner.post(`/api/accounts/${person}/password`).send({}).expect(201)).body;
    const phone = browser();
    await phone.post('/api/join').send({ token, password: 'ferry slipway gull', device: '' }).expect(201);
    await tomas.get('/api/cars').expect(401);
    await signIn(browser(), 'Tomas Vey').expect(401);
    await signIn(browser(), 'Tomas Vey', 'ferry slipway gull').expect(201);
  });
});

describe('letting go', () => {
  it('of one device signs out everybody on it, from another', async () => {
    const owner = await owned();
    const phone = await joined(owner, 'Tomas Vey', 'walk');
    const { devices } = (await owner.get('/api/devices').expect(200)).body;
    const lost = devices.find(({ name }: { name: string }) => name === 'Tomas Vey’s phone');
    // He sees his own alone, and may sign that out; not the office.
    const his = (await phone.get('/api/devices').expect(200)).body.devices;
    expect(his.map(({ name }: { name: string }) => name)).toEqual(['Tomas Vey’s phone']);
    const office = devices.find(({ isThis }: { isThis: boolean }) => isThis);
    await phone.delete(`/api/devices/${office.id}`).send({}).expect(404);
    await owner.delete(`/api/devices/${lost.id}`).send({}).expect(200);
    await phone.get('/api/cars').expect(401);
    expect(await meOf(phone)).toEqual({ isNew: false, here: [] });
  });

  it('of somebody ends what they are signed in on; the last owner stays', async () => {
    const owner = await owned();
    const phone = await joined(owner, 'Tomas Vey', 'walk');
    const { accounts } = (await owner.get('/api/accounts').expect(200)).body;
    const { person } = accounts.find(({ name }: { name: string }) => name === 'Tomas Vey');
    await owner.put(`/api/accounts/${person}`).send({ isEnded: true }).expect(200);
    await phone.get('/api/cars').expect(401);
    await signIn(browser(), 'Tomas Vey').expect(401);
    await owner.put(`/api/accounts/${person}`).send({ isEnded: false }).expect(200);
    await signIn(browser(), 'Tomas Vey').expect(201);
    for (const change of [{ role: 'manager' }, { isEnded: true }])
      expect((await owner.put(`/api/accounts/${OWNER}`).send(change).expect(409)).body.detail).toContain(
        'an owner',
      );
  });

  it('of a password changes it everywhere else', async () => {
    const owner = await owned();
    const phone = browser();
    await signIn(phone, 'Nell Harrick').expect(201);
    const change = (password: string, fresh: string) =>
      owner.put('/api/me/password').send({ password, fresh });
    await change('not mine', 'ferry slipway gull').expect(422);
    await change(PASSWORD, 'short').expect(422);
    await change(PASSWORD, 'ferry slipway gull').expect(200);
    await owner.get('/api/cars').expect(200);
    await phone.get('/api/cars').expect(401);
  });

  it('leaves a trail that can be read by those who look after people, and changed by nobody', async () => {
    const owner = await owned();
    await joined(owner, 'Tomas Vey', 'walk');
    await signIn(browser(), 'Nell Harrick', 'not hers at all').expect(401);
    const { rows } = (await owner.get('/api/audit').expect(200)).body;
    expect(rows.map(({ name, what, about }: Record<string, string>) => [name, what, about])).toEqual([
      [undefined, 'sign-in-refused', 'Nell Harrick'],
      ['Tomas Vey', 'joined', ''],
      ['Nell Harrick', 'invited', 'Tomas Vey, for “Walk”'],
      ['Nell Harrick', 'first-owner', ''],
    ]);
    const { db } = server.context.stores;
    expect(() => db.prepare('DELETE FROM audit').run()).toThrow('audit rows stay');
    expect(() => db.prepare("UPDATE audit SET about = ''").run()).toThrow('audit rows stay');
  });
});
