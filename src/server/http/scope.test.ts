import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Fact } from '#core/walk';
import { filled } from '../../../tests/builders/arrival';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK, WHO } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { sameYard } from '../../../tests/builders/sameYard';
import { asNell, type TestServer } from '../../../tests/builders/testServer';
import { createApp } from './createApp';

const OTHER_CAR = idOf(0xca2);
const OTHER_WALK = idOf(0xaa2);
const HELPER = idOf(0xee2);

let server: TestServer;
let own: { photo: string; check: string };
let others: { photo: string; check: string };
let tokens: Record<'open' | 'revoked' | 'expired' | 'locked' | 'unknown' | 'malformed' | 'id', string>;
let routes: { method: 'get' | 'post' | 'put' | 'delete'; path: string }[];

const post = (path: string, body: object) => request(server.app).post(path).send(body);

async function put(photo: Buffer, path: string): Promise<string> {
  await request(server.app)
    .put(`${path}/${sha256Of(photo)}`)
    .set('Content-Type', 'image/jpeg')
    .send(photo)
    .expect(200);
  return sha256Of(photo);
}

/** A car with a photographed finding, noted by a helper and signed by another; a link with a check that came by it. */
async function reported(walk: string, car: string, seed: number) {
  const photo = await put(await jpeg(seed), '/api/photos');
  const facts: Fact[] = [
    { ...begun, body: { carId: car, bodyStyle: 'hatch-5' } } as Fact,
    noted(1),
    { kind: 'photo-attached', body: { photo, role: 'what', part: 'door-fl', finding: idOf(0xf001) } },
  ];
  const entries = entriesOf(facts, walk, seed * 100).map((entry) => ({ ...entry, who: HELPER }));
  await post(`/api/walks/${walk}/entries`, { entries }).expect(200);
  const report = idOf(0xd00 + seed);
  await post(`/api/walks/${walk}/reports`, { id: report }).expect(201);
  const link = async (wish: object) => (await post(`/api/reports/${report}/shares`, wish).expect(201)).body;
  const { token, id } = await link({ label: `Label of the link ${seed}` });
  const check = idOf(0xc00 + seed);
  await post(`/api/shared/${token}/checks`, { ...filled(seed), id: check }).expect(201);
  return { photo, check, token, id, link };
}

const start = sameYard(async (made) => {
  server = made;
  await post('/api/people', { id: HELPER, name: 'Osk the helper' }).expect(201);
  await post('/api/cars', { id: OTHER_CAR, details: { ...details, stockNumber: 'OTHER-7' } }).expect(201);
  const mine = await reported(WALK, '018f0000-0000-7000-8000-0000000000cc', 1);
  others = await reported(OTHER_WALK, OTHER_CAR, 2);
  own = mine;
  const revoked = await mine.link({});
  await request(server.app).delete(`/api/shares/${revoked.id}`).send({}).expect(200);
  const expired = await mine.link({ days: 1 });
  server.context.stores.db
    .prepare('UPDATE shares SET expires_at = ? WHERE id = ?')
    .run('2026-03-14T00:00:00.000Z', expired.id);
  const locked = await mine.link({ passphrase: 'tidewater' });
  tokens = {
    open: mine.token,
    revoked: revoked.token,
    expired: expired.token,
    locked: locked.token,
    unknown: 'a'.repeat(27),
    malformed: '..%2F..%2Fzelk.db',
    id: mine.id,
  };
  const { body } = await request(server.app).get('/api/openapi.json');
  routes = Object.entries(body.paths as Record<string, object>).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({ method: method as 'get', path })),
  );
});
beforeEach(async () => {
  server = await start();
});
afterEach(() => server.close());

const call = (
  app: TestServer['app'],
  { method, path }: (typeof routes)[number],
  token: string,
  of: typeof own,
) => {
  const address = path
    .replace('{token}', token)
    .replace('{sha256}', of.photo)
    .replace('{width}', '320')
    .replace('{check}', of.check)
    .replace('{id}', idOf(1));
  const asked = request(app)[method](address);
  // A body that any of them would take: only the token stands in the way.
  if (method === 'get') return asked;
  const bodies: [RegExp, object][] = [
    [/questions$/, { id: idOf(0xa77), text: 'Is it bent?', about: {}, wantsLook: false }],
    [/checks$/, filled(9)],
    [/unlock$/, { passphrase: 'not this one' }],
  ];
  return asked.send(bodies.find(([pattern]) => pattern.test(path))?.[1] ?? {});
};

describe('what a link opens', () => {
  it.each(['revoked', 'expired', 'locked', 'unknown', 'malformed', 'id'] as const)(
    'every route under a link that is %s stays shut, with words that help',
    async (kind) => {
      const shared = routes.filter(({ path }) => path.startsWith('/api/shared/'));
      expect(shared.length).toBeGreaterThan(10);
      const wanted = { revoked: 410, expired: 410, locked: 401, unknown: 404, malformed: 404, id: 404 }[kind];
      for (const route of shared) {
        const { status, body } = await call(server.app, route, tokens[kind], own);
        const isWrongPassphrase = kind === 'locked' && route.path.endsWith('/unlock');
        expect([route.path, status]).toEqual([route.path, isWrongPassphrase ? 422 : wanted]);
        expect(body.detail.length).toBeGreaterThan(20);
      }
    },
  );

  it('is nothing of another car: no photo, no check, no word of it', async () => {
    for (const route of routes) {
      if (!route.path.startsWith('/api/shared/') || route.path.endsWith('/live') || route.method !== 'get')
        continue;
      const names = /\{(sha256|check)\}/.test(route.path);
      const { status } = await call(server.app, route, tokens.open, others);
      expect([route.path, status]).toEqual([route.path, names ? 404 : 200]);
    }
  });

  it('tells no staff but the signer, no other reader, no path and no original', async () => {
    for (const route of routes) {
      if (!route.path.startsWith('/api/shared/') || route.path.endsWith('/live') || route.method !== 'get')
        continue;
      if (/recordings|logos/.test(route.path)) continue;
      const { status, text, body, headers } = await call(server.app, route, tokens.open, own);
      expect([route.path, status]).toEqual([route.path, 200]);
      const said = text ?? (Buffer.isBuffer(body) ? body.toString('latin1') : '');
      for (const hidden of ['Osk the helper', HELPER, WHO, 'Label of the link', 'OTHER-7', server.dir])
        expect(`${route.path}: ${said.includes(hidden) ? hidden : 'nothing'}`).toBe(`${route.path}: nothing`);
      expect(headers['cache-control'] ?? 'none').not.toContain('public');
    }
  });
});

describe('from outside', () => {
  it('only what a reader needs is there: the yard’s screens and API are not', async () => {
    for (const page of ['index.html', 'buyer.html']) writeFileSync(join(server.dir, page), page);
    const context = { ...server.context, publicUrl: 'https://reports.yard.example' };
    const outside = createApp(context, server.dir, { audience: 'readers', identify: asNell });
    const inside = createApp(context, server.dir, { identify: asNell });
    const others = routes.filter(({ path }) => !path.startsWith('/api/shared/'));
    expect(others.length).toBeGreaterThan(30);
    for (const route of others) {
      const { status } = await call(outside, route, tokens.open, own).set('Host', 'reports.yard.example');
      expect([route.path, status]).toEqual([route.path, 404]);
    }
    await request(outside).get('/').set('Host', 'reports.yard.example').expect(404);
    await request(outside).get(`/api/shared/${tokens.open}`).set('Host', 'reports.yard.example').expect(200);
    await request(outside)
      .get(`/r/${tokens.open}`)
      .set('Host', 'reports.yard.example')
      .expect(200, 'buyer.html');
    await request(inside).get('/').set('Host', '127.0.0.1:4310').expect(200, 'index.html');
    await request(inside).get('/api/cars').set('Host', 'localhost').expect(200);
  });
});

describe('the first answer', () => {
  it('holds the head of the report for a link that is open, and of no other', async () => {
    writeFileSync(join(server.dir, 'buyer.html'), '<head></head><body><div id="first"></div></body>');
    server.context.stores.people.setYard({ name: 'Tew <script>alert(1)</script>', place: '', phone: '' });
    await request(server.app)
      .put(`/api/cars/${CAR}`)
      .send({ ...details, plate: 'QX70BRT' })
      .expect(200);
    await post(`/api/walks/${WALK}/reports`, { id: idOf(0xd77) }).expect(201);
    const app = createApp(server.context, server.dir);
    const page = async (token: string) => (await request(app).get(`/r/${token}`).expect(200)).text;
    const open = await page(tokens.open);
    expect(open).toContain('Fenlark Tessel (2017)</h1>');
    expect(open).toContain('Revision 2, signed 14 March 2026');
    expect(open).toContain('You were sent revision 1;');
    expect(open).toContain('This is no safety inspection');
    // What a chat shows of the link: which car, the worst of it in a line, no plate and no number.
    const tags = open.slice(open.indexOf('<meta property'), open.indexOf('</head>'));
    expect(tags).toContain('<meta property="og:title" content="Fenlark Tessel (2017)" />');
    expect(tags).toMatch(/og:description" content="Condition report, revision 2\. [^"]+ · [^"]+"/);
    expect(tags).toContain('content="Tew &lt;script&gt;');
    expect(tags).not.toContain('QX70BRT');
    for (const kind of ['revoked', 'expired', 'locked', 'unknown', 'malformed'] as const)
      expect(await page(tokens[kind])).toBe('<head></head><body><div id="first"></div></body>');
    // Nobody counts as having read it by that alone.
    const { body } = await request(server.app).get(`/api/reports/${idOf(0xd77)}`);
    expect(body.shares.find(({ id }: { id: string }) => id === tokens.id).opened).toBe(0);
  });

  it('holds none for whoever has guessed too often, even with the right link', async () => {
    writeFileSync(join(server.dir, 'buyer.html'), '<body><div id="first"></div></body>');
    const app = createApp(server.context, server.dir);
    for (let i = 0; i < 60; i++)
      await request(app)
        .get(`/r/${String(i).padStart(27, 'x')}`)
        .expect(200);
    expect((await request(app).get(`/r/${tokens.open}`).expect(200)).text).not.toContain('Fenlark');
  });
});

describe('two who freeze at once', () => {
  it('get a revision each, and the same one sent twice is one', async () => {
    const freeze = (n: number) => post(`/api/walks/${WALK}/reports`, { id: idOf(0xdd0 + n) });
    const answers = await Promise.all([freeze(1), freeze(2), freeze(2), freeze(3)]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201, 201]);
    const revisions = answers.map(({ body }) => body.revision);
    expect(revisions[1]).toBe(revisions[2]);
    expect(new Set(revisions)).toEqual(new Set([2, 3, 4]));
    const { body } = await request(server.app).get(`/api/walks/${WALK}`);
    expect(body.reports.map(({ revision }: { revision: number }) => revision)).toEqual([1, 2, 3, 4]);
  });
});
