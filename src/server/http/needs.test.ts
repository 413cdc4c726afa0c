import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mayDo, type Role, roles } from '#core/people';
import { begun, entriesOf, idOf, noted, WALK, WHO } from '../../../tests/builders/entries';
import { asNell, startTestServer, type TestServer } from '../../../tests/builders/testServer';
import type { Identity } from '../people/identity';
import { createApp } from './createApp';
import type { AnyRoute, Need } from './route';
import { routeTable } from './routeTable';

let server: TestServer;
let routes: readonly AnyRoute[];
beforeAll(async () => {
  server = await startTestServer();
  for (const page of ['index.html', 'buyer.html']) writeFileSync(join(server.dir, page), page);
  routes = routeTable(server.context);
});
afterAll(() => server.close());

const appFor = (by: Identity | undefined) => createApp(server.context, server.dir, { identify: () => by });
const somebody = (role: Role): Identity => ({ ...(asNell({} as never, new Date()) as Identity), role });

const addressOf = (path: string) =>
  path
    .replace(':token', 'a'.repeat(27))
    .replace(':sha256', 'a'.repeat(64))
    .replace(':width', '320')
    .replace(/:\w+/g, idOf(0xbad));

/** Whether a route let somebody in: what it says of what was asked is another matter. */
async function letsIn(app: ReturnType<typeof appFor>, { method, path }: AnyRoute): Promise<boolean> {
  const { body } = await request(app)
    [method as 'get'](addressOf(path))
    .send(method === 'get' ? undefined : {});
  return !['/problems/sign-in', '/problems/not-yours'].includes(body?.type);
}

describe('every route', () => {
  it('says whom it is for', () => {
    const list = (need: Need) =>
      routes
        .filter(({ needs }) => needs === need)
        .map(({ method, path }) => `${method} ${path}`)
        .toSorted();
    // What needs nobody, or only a link, is short, and a change of it is a decision.
    expect(list('anyone')).toEqual([
      'get /api/health',
      'get /api/me',
      'get /api/metrics',
      'post /api/enter',
      'post /api/first',
      'post /api/join',
      'post /api/one-time',
      'post /api/sign-in',
      'post /api/sign-in/passkey',
      'post /api/sign-in/passkey/options',
      'post /api/switch',
    ]);
    expect(list('link').every((each) => /\/api\/(shared|trade)\/:token/.test(each))).toBe(true);
    expect(
      routes
        .filter(({ path }) => /^\/api\/(shared|trade)\//.test(path))
        .every(({ needs }) => needs === 'link'),
    ).toBe(true);
    expect(list('manage')).toEqual([
      'delete /api/expectations',
      'get /api/yard/backups',
      'get /api/yard/files',
      'post /api/imports',
      'post /api/imports/archive',
      'post /api/yard/backups',
      'put /api/crew',
      'put /api/cure-rules',
      'put /api/expectations',
      'put /api/prices',
      'put /api/weak-spots',
      'put /api/yard',
      'put /api/yard/logo',
    ]);
    expect(list('people')).toEqual([
      'delete /api/invitations/:id',
      'get /api/accounts',
      'get /api/audit',
      'get /api/cars/:id/erasing',
      'get /api/practice/team',
      'get /api/yard/everything.zip',
      'post /api/accounts/:id/erasing',
      'post /api/accounts/:id/password',
      'post /api/cars/:id/erasing',
      'post /api/imports/yard',
      'post /api/invitations',
      'post /api/messages/:id/erasing',
      'post /api/people',
      'post /api/photos/:sha256/erasing',
      'post /api/shares/:id/erasing',
      'put /api/accounts/:id',
    ]);
    expect(list('work')).toEqual([
      'delete /api/mornings/:id',
      'delete /api/words/:word',
      'get /api/board/:crew/sheet',
      'get /api/board/:crew/sheet.pdf',
      'post /api/mornings',
      'post /api/walks/:id/entries',
      'put /api/board/work',
      'put /api/photos/:sha256',
      'put /api/words',
    ]);
    // Nothing is changed by asking.
    expect(
      routes
        .filter(({ method, needs }) => method !== 'get' && needs === 'look')
        .map(({ path }) => path)
        .toSorted(),
    ).toEqual([
      '/api/devices/:id',
      '/api/devices/:id',
      '/api/me/passkeys',
      '/api/me/passkeys/:key',
      '/api/me/passkeys/options',
      '/api/me/password',
      '/api/me/phone',
      '/api/me/pin',
      '/api/practice/answers',
      '/api/practice/sharing',
      '/api/sign-out',
    ]);
  });

  it('is shut to whoever is not signed in, whatever they send, but those for anyone and for links', async () => {
    const nobody = appFor(undefined);
    for (const route of routes) {
      const isOpen = route.needs === 'anyone' || route.needs === 'link';
      expect([route.method, route.path, await letsIn(nobody, route)]).toEqual([
        route.method,
        route.path,
        isOpen,
      ]);
    }
  });

  it.each(roles)(
    'lets in who is here for “%s” where the table of roles says so, and nowhere else',
    async (role) => {
      const app = appFor(somebody(role));
      for (const route of routes) {
        const need = route.needs as Need;
        const wanted = need === 'anyone' || need === 'link' || mayDo(role, need);
        // A stream that listens goes on for ever.
        if (wanted && route.gives === 'text/event-stream') continue;
        expect([route.method, route.path, await letsIn(app, route)]).toEqual([
          route.method,
          route.path,
          wanted,
        ]);
      }
    },
  );

  it('is shut to what was a session and is none any more, or never was', async () => {
    const app = createApp(server.context, server.dir);
    for (const cookie of [
      'zelk-session=',
      `zelk-session=${'a'.repeat(43)}`,
      'zelk-session=%00',
      'zelk-session=../x',
    ])
      for (const route of routes.filter(({ needs }) => needs !== 'anyone' && needs !== 'link').slice(0, 12)) {
        const { status } = await request(app)
          [route.method as 'get'](addressOf(route.path))
          .set('Host', '127.0.0.1')
          .set('Cookie', cookie);
        expect([route.path, status]).toEqual([route.path, 401]);
      }
  });

  it('of the yard opens to no reader’s link, though a link is given', async () => {
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf([begun, noted(1)]) })
      .expect(200);
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd01) })
      .expect(201);
    const { body } = await request(server.app)
      .post(`/api/reports/${idOf(0xd01)}/shares`)
      .send({})
      .expect(201);
    const app = createApp(server.context, server.dir);
    for (const route of routes.filter(({ needs }) => needs !== 'anyone' && needs !== 'link')) {
      const { status } = await request(app)
        [route.method as 'get'](`${addressOf(route.path)}?token=${body.token}`)
        .set('Cookie', `zelk-session=${body.token}; zelk-unlock=${body.token}`)
        .set('Authorization', `Bearer ${body.token}`);
      expect([route.path, status]).toEqual([route.path, 401]);
    }
  });
});

describe('entries', () => {
  const post = (by: Identity, entries: readonly object[]) =>
    request(appFor(by)).post(`/api/walks/${WALK}/entries`).send({ entries });

  it('are signed by who is signed in, or was on the same device', async () => {
    const tomas = idOf(0xe55);
    const entries = entriesOf([noted(7)], WALK, 70).map((entry) => ({ ...entry, who: tomas }));
    const stranger: Identity = { ...somebody('walk'), speaksFor: (person) => person === WHO };
    const { body } = await post(stranger, entries).expect(422);
    expect(body.errors[0]).toMatchObject({ code: 'not-signed', entry: entries[0]?.id });
    expect(body.detail).toContain('never signed in on this device');
    await post({ ...stranger, speaksFor: () => true }, entries).expect(200);
  });

  it('of the workshop tell what was put right, and nothing else', async () => {
    const workshop = somebody('workshop');
    const { body } = await post(workshop, entriesOf([noted(8)], WALK, 80)).expect(422);
    expect(body.errors[0]).toMatchObject({ code: 'not-yours' });
    const done = entriesOf(
      [{ kind: 'put-right', body: { finding: idOf(0xf001), says: 'Pressed out.' } }],
      WALK,
      90,
    );
    await post(workshop, done).expect(200);
  });
});
