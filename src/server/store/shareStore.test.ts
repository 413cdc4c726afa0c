import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
  freezeIn,
  nowIso,
  openTestStores,
  type TestStores,
  withWalk,
} from '../../../tests/builders/testStores';
import { tokenPattern } from './shareStore';

let test: TestStores;
let report: string;
beforeEach(() => {
  test = openTestStores();
  withWalk(test.stores);
  report = freezeIn(test.stores).id;
});
afterEach(() => {
  vi.useRealTimers();
  test.close();
});

const create = (wish: { expiresAt?: string; passphrase?: string; label?: string } = {}) =>
  test.stores.shares.create(report, { label: '', ...wish }, nowIso);
const open = (token: string, now = nowIso, unlock?: string) => test.stores.shares.open(token, now, unlock);

describe('a link', () => {
  it('opens its report by a token that is told once and kept nowhere', async () => {
    const { token, ...share } = await create({ label: 'Mirela' });
    expect(token).toMatch(tokenPattern);
    expect(open(token)).toEqual({ status: 'open', share: share.id, report });
    const rows = JSON.stringify(test.stores.db.prepare('SELECT * FROM shares').all());
    expect(rows).not.toContain(token);
    expect(test.stores.shares.beside(report)).toEqual([share]);
    expect(test.stores.shares.labelOf(share.id)).toBe('Mirela');
    expect(test.stores.shares.labelOf('nobody')).toBe('');
  });

  it('is a new one every time, and opens over a second start', async () => {
    const tokens = (await Promise.all(Array.from({ length: 20 }, () => create()))).map(({ token }) => token);
    expect(new Set(tokens).size).toBe(20);
    expect(test.reopen().shares.open(tokens[3] as string, nowIso).status).toBe('open');
  });

  it('is unknown by anything but its token', async () => {
    const { token } = await create();
    for (const wrong of [
      '',
      token.slice(1),
      `${token}A`,
      token.toLowerCase(),
      'A'.repeat(27),
      `${token.slice(0, 26)}%`,
    ])
      expect(wrong === token ? 'unknown' : open(wrong).status).toBe('unknown');
  });

  it('stops opening when it is withdrawn, and stays withdrawn since then', async () => {
    const { token, id } = await create();
    expect(test.stores.shares.revoke(id, '2026-04-01T00:00:00.000Z')?.revokedAt).toBe(
      '2026-04-01T00:00:00.000Z',
    );
    expect(test.stores.shares.revoke(id, '2026-05-01T00:00:00.000Z')?.revokedAt).toBe(
      '2026-04-01T00:00:00.000Z',
    );
    expect(open(token)).toEqual({ status: 'revoked' });
    expect(test.stores.shares.revoke('nobody', nowIso)).toBeUndefined();
  });

  it('expires to the millisecond', async () => {
    const { token } = await create({ expiresAt: '2026-04-01T00:00:00.000Z' });
    expect(open(token, '2026-03-31T23:59:59.999Z').status).toBe('open');
    expect(open(token, '2026-04-01T00:00:00.000Z').status).toBe('expired');
  });

  it('with a passphrase opens in the browser that gave it, and in no other', async () => {
    const { token, id, hasPassphrase } = await create({ passphrase: 'three green doors' });
    const other = await create({ passphrase: 'three green doors' });
    expect(hasPassphrase).toBe(true);
    expect(open(token)).toEqual({ status: 'locked', share: id });
    expect(await test.stores.shares.unlock(id, 'three red doors', nowIso)).toBeUndefined();
    const unlock = (await test.stores.shares.unlock(id, 'three green doors', nowIso)) as string;
    expect(open(token, nowIso, unlock).status).toBe('open');
    expect(open(token, nowIso, `${unlock}x`).status).toBe('locked');
    // What opens one link opens no other.
    expect(open(other.token, nowIso, unlock).status).toBe('locked');
    const rows = JSON.stringify(test.stores.db.prepare('SELECT * FROM unlocks').all());
    expect(rows).not.toContain(unlock);
  });

  it('takes a passphrase as it is meant, however its letters are put together', async () => {
    const { id } = await create({ passphrase: 'caf\u00e9 au lait' });
    expect(await test.stores.shares.unlock(id, 'cafe\u0301 au lait', nowIso)).toBeDefined();
  });

  it('forgets the browsers that gave one once their time is over', async () => {
    const { token, id } = await create({ passphrase: 'three green doors' });
    const unlock = (await test.stores.shares.unlock(id, 'three green doors', nowIso)) as string;
    test.stores.shares.forgetUnlocks(nowIso);
    expect(open(token, nowIso, unlock).status).toBe('open');
    test.stores.shares.forgetUnlocks('2027-01-01T00:00:00.000Z');
    expect(open(token, nowIso, unlock).status).toBe('locked');
  });

  it('without a passphrase has nothing to unlock', async () => {
    expect(await test.stores.shares.unlock((await create()).id, 'anything', nowIso)).toBeUndefined();
  });
});

describe('how often a link was opened', () => {
  const opened = () => test.stores.db.prepare('SELECT opened FROM shares').pluck().get();

  it('is written down within a second, many at a stroke', async () => {
    vi.useFakeTimers();
    const { id } = await create();
    for (const second of [1, 2, 3]) test.stores.shares.noteOpened(id, `2026-03-20T10:00:0${second}.000Z`);
    expect(opened()).toBe(0);
    vi.advanceTimersByTime(1000);
    expect(opened()).toBe(3);
  });

  it('is told at once to who asks, with the first time and the last', async () => {
    const { id } = await create();
    test.stores.shares.noteOpened(id, '2026-03-20T10:00:00.000Z');
    test.stores.shares.noteOpened(id, '2026-03-21T10:00:00.000Z');
    expect(test.stores.shares.beside(report)[0]).toMatchObject({
      opened: 2,
      firstOpenedAt: '2026-03-20T10:00:00.000Z',
      lastOpenedAt: '2026-03-21T10:00:00.000Z',
    });
    test.stores.shares.noteOpened(id, '2026-03-22T10:00:00.000Z');
    expect(test.stores.shares.beside(report)[0]).toMatchObject({
      opened: 3,
      firstOpenedAt: '2026-03-20T10:00:00.000Z',
      lastOpenedAt: '2026-03-22T10:00:00.000Z',
    });
  });

  it('is flushed when the server stops, and does no harm once the database is closed', async () => {
    const { id } = await create();
    test.stores.shares.noteOpened(id, nowIso);
    test.stores.shares.flush();
    expect(opened()).toBe(1);
    test.stores.shares.noteOpened(id, nowIso);
    const { shares } = test.stores;
    test.reopen();
    expect(() => shares.flush()).not.toThrow();
  });
});

describe('the links of a walk', () => {
  it('are all beside each of its reports, oldest first', async () => {
    const first = await create({ label: 'first' });
    const second = freezeIn(test.stores, 2).id;
    await test.stores.shares.create(second, { label: 'second' }, '2026-03-20T10:00:00.000Z');
    for (const id of [report, second])
      expect(test.stores.shares.beside(id).map(({ label }) => label)).toEqual(['first', 'second']);
    expect(test.stores.shares.beside('no report')).toEqual([]);
    expect(first.opened).toBe(0);
  });
});
