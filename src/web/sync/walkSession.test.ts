import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { WalkPage } from '#core/api';
import { replay } from '#core/walk';
import { testCar } from '../../../tests/builders/car';
import { WALK, WHO } from '../../../tests/builders/entries';
import { RefusedError, UnreachableError } from '../api/client';
import { Outbox } from './outbox';
import { openOutboxStore } from './outboxStore';
import { WalkSessions } from './walkSession';

const page: WalkPage = {
  walk: WALK,
  car: testCar,
  entries: [],
  photos: [],
  reports: [],
};
let names = 0;

async function open(name = `s${names++}`) {
  const store = await openOutboxStore(name);
  const outbox = await Outbox.open(store, {
    postCar: async () => Promise.reject(new Error('no signal')),
    postLook: async () => Promise.reject(new Error('no signal')),
    postEntries: async () => Promise.reject(new Error('no signal')),
    putPhoto: async () => ({}),
    putRecording: async () => ({}),
  });
  return { sessions: new WalkSessions(outbox, store), outbox, name };
}
const serverSays = (status: number, body: unknown) =>
  vi.stubGlobal('fetch', async () => new Response(JSON.stringify(body), { status }));

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('making entries', () => {
  it('sorts them in the order they were made, even within a millisecond and with a clock set back', async () => {
    const { sessions, outbox } = await open();
    const stop = (part: string) => ({ kind: 'stop-reached', body: { part } }) as const;
    sessions.record(WALK, WHO, ['bonnet', 'grille', 'roof'].map(stop));
    const now = Date.now();
    vi.spyOn(Date, 'now').mockReturnValue(now - 3_600_000);
    sessions.record(WALK, WHO, [stop('door-fl')]);
    expect(replay(WALK, sessions.made(WALK)).at).toBe('door-fl');
    const at = sessions.made(WALK).map((entry) => entry.at);
    expect(at).toEqual(at.toSorted());
    vi.restoreAllMocks();
    outbox.stop();
  });

  it('shows them at once and keeps them for a reopened browser', async () => {
    const { sessions, outbox, name } = await open();
    const shown = vi.fn();
    const leave = sessions.subscribe(shown);
    const made = sessions.record(WALK, WHO, [{ kind: 'part-cleared', body: { part: 'roof' } }]);
    expect(shown).toHaveBeenCalledOnce();
    leave();
    await vi.waitFor(async () => {
      const again = await open(name);
      again.outbox.stop();
      expect(again.outbox.entriesOf(WALK)).toEqual(made);
    });
    outbox.stop();
  });
});

describe('giving up what was refused', () => {
  it('takes it out of the walk, not only out of the outbox', async () => {
    const { sessions, outbox } = await open();
    const [first, second] = sessions.record(WALK, WHO, [
      { kind: 'part-cleared', body: { part: 'roof' } },
      { kind: 'part-cleared', body: { part: 'bonnet' } },
    ]);
    await sessions.giveUp([first?.id ?? '']);
    expect(sessions.made(WALK)).toEqual([second]);
    expect(outbox.entriesOf(WALK)).toEqual([second]);
    outbox.stop();
  });
});

describe('opening a walk', () => {
  it('falls back to what this device last saw when the server is out of reach or does not know it yet', async () => {
    const { sessions, outbox } = await open();
    await sessions.remember(page);
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('failed')));
    await expect(sessions.load(WALK)).resolves.toEqual(page);
    serverSays(404, { type: 'x', title: 'x', status: 404, detail: 'No such walk.' });
    await expect(sessions.load(WALK)).resolves.toEqual(page);
    outbox.stop();
  });

  it('tells why when there is nothing to fall back to', async () => {
    const { sessions, outbox } = await open();
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('failed')));
    await expect(sessions.load(WALK)).rejects.toBeInstanceOf(UnreachableError);
    serverSays(400, { type: 'x', title: 'x', status: 400, detail: 'That is not a walk of this yard.' });
    await expect(sessions.load('nonsense')).rejects.toBeInstanceOf(RefusedError);
    outbox.stop();
  });

  it('remembers what the server answers', async () => {
    const { sessions, outbox } = await open();
    serverSays(200, page);
    await sessions.load(WALK);
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('failed')));
    await expect(sessions.load(WALK)).resolves.toEqual(page);
    outbox.stop();
  });
});

describe('a walk without signal', () => {
  const sending = async (name: string) => {
    const store = await openOutboxStore(name);
    const outbox = await Outbox.open(store, {
      postCar: async () => ({}),
      postLook: async () => ({}),
      postEntries: async () => ({ refused: new Map() }),
      putPhoto: async () => ({}),
      putRecording: async () => ({}),
    });
    return { sessions: new WalkSessions(outbox, store), outbox, store };
  };

  it('has what was sent since the server last told it, each once', async () => {
    const { sessions, outbox, store } = await sending(`s${names++}`);
    await sessions.remember(page);
    const [made] = sessions.record(WALK, WHO, [{ kind: 'part-cleared', body: { part: 'roof' } }]);
    await outbox.flush();
    await vi.waitFor(async () => expect(await store.count('sent')).toBe(1));
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no signal')));
    expect((await sessions.load(WALK)).entries).toEqual([made]);
    expect(await sessions.upToDate(WALK, made?.at ?? '')).toMatchObject({ entries: [made] });

    // Told by the server, it need not be kept besides.
    serverSays(200, { ...page, entries: [made] });
    await sessions.load(WALK);
    await vi.waitFor(async () => expect(await store.count('sent')).toBe(0));
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no signal')));
    expect((await sessions.load(WALK)).entries).toEqual([made]);
    outbox.stop();
  });

  it('is listed with its car until the server has it', async () => {
    const { sessions, outbox } = await open();
    await sessions.remember(page);
    expect(await sessions.begunHere(testCar.id)).toEqual([]);
    sessions.record(WALK, WHO, [{ kind: 'part-cleared', body: { part: 'roof' } }]);
    expect(await sessions.begunHere(testCar.id)).toMatchObject([{ walk: WALK }]);
    expect(await sessions.begunHere('another')).toEqual([]);
    outbox.stop();
  });

  it('keeps a shape of before, and what waited in it', async () => {
    const name = `s${names++}`;
    const before = await openDB(name, 1, {
      upgrade(db) {
        db.createObjectStore('entries', { keyPath: 'id' });
        db.createObjectStore('photos', { keyPath: 'sha256' });
        db.createObjectStore('walks', { keyPath: 'walk' });
      },
    });
    await before.put('walks', page);
    before.close();
    const { sessions, outbox } = await sending(name);
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no signal')));
    expect(await sessions.load(WALK)).toEqual(page);
    outbox.stop();
  });
});
