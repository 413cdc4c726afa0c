import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { carDetailsSchema } from '#core/car';
import type { Entry } from '#core/walk';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { type Courier, Outbox } from './outbox';
import { openOutboxStore } from './outboxStore';

const log = entriesOf([begun, noted(1), noted(2, 'roof')]);
let names = 0;
const opened: Outbox[] = [];

/** A server that keeps what it takes, and may be out of reach or refuse. */
function fakeServer() {
  const taken = new Map<string, Entry>();
  const photos = new Set<string>();
  const recordings = new Set<string>();
  const cars: string[] = [];
  const looks: string[] = [];
  const state = { reachable: true, refuse: new Map<string, string>() };
  const courier: Courier = {
    async postCar(car) {
      if (!state.reachable) throw new Error('no signal');
      const refusal = state.refuse.get(car.id);
      if (refusal) return { refusal };
      cars.push(car.details.stockNumber);
      return {};
    },
    async postLook({ id, isTakenBack }) {
      if (!state.reachable) throw new Error('no signal');
      const refusal = state.refuse.get(id);
      if (refusal) return { refusal };
      looks.push(isTakenBack ? `${id} back` : id);
      return {};
    },
    async postEntries(_walk, entries) {
      if (!state.reachable) throw new Error('no signal');
      const refused = new Map(
        entries.flatMap((e) => (state.refuse.has(e.id) ? [[e.id, state.refuse.get(e.id) as string]] : [])),
      );
      if (refused.size === 0) for (const entry of entries) taken.set(entry.id, entry);
      return { refused };
    },
    async putPhoto(sha256) {
      if (!state.reachable) throw new Error('no signal');
      if (state.refuse.has(sha256)) return { refusal: state.refuse.get(sha256) as string };
      photos.add(sha256);
      return {};
    },
    async putRecording(sha256) {
      recordings.add(sha256);
      return {};
    },
  };
  return { courier, taken, photos, recordings, cars, looks, state };
}

async function open(courier: Courier, name = `t${names++}`) {
  const store = await openOutboxStore(name);
  const outbox = await Outbox.open(store, courier);
  opened.push(outbox);
  return { outbox, name };
}

afterEach(() => {
  for (const outbox of opened.splice(0)) outbox.stop();
});

const newCar = { id: CAR, details: carDetailsSchema.parse(details), addedAt: '2026-03-14T09:00:00.000Z' };

describe('a car added here', () => {
  it('goes before its walks, which wait for it and for no other reason', async () => {
    const server = fakeServer();
    server.state.reachable = false;
    const { outbox, name } = await open(server.courier);
    await outbox.addEntries(log);
    expect(await outbox.addCar(newCar, 20)).toBe('waits');
    expect(outbox.snapshot()).toMatchObject({ waiting: log.length + 1, cars: [{ id: newCar.id }] });
    outbox.stop();

    // Refused, it holds its walk: the server would refuse that as one of no car.
    server.state.reachable = true;
    server.state.refuse.set(newCar.id, 'The year is too late.');
    const { outbox: again } = await open(server.courier, name);
    await again.flush();
    expect(server.taken.size).toBe(0);
    expect(again.car(newCar.id)?.refusal).toBe('The year is too late.');
    expect(again.snapshot().waiting).toBe(log.length);

    server.state.refuse.clear();
    const mended = { ...newCar, details: { ...newCar.details, stockNumber: 'B-2' } };
    expect(await again.addCar(mended, 1000)).toBe('sent');
    await again.flush();
    expect(server.cars).toEqual(['B-2']);
    expect([...server.taken.keys()].toSorted()).toEqual(log.map(({ id }) => id).toSorted());
    expect(again.snapshot()).toMatchObject({ waiting: 0, cars: [] });
  });

  it('is told to be refused when the server says so at once', async () => {
    const server = fakeServer();
    server.state.refuse.set(newCar.id, 'Type the make.');
    const { outbox } = await open(server.courier);
    expect(await outbox.addCar(newCar, 1000)).toEqual({ refusal: 'Type the make.' });
    await outbox.setAside([newCar.id]);
    expect(outbox.snapshot()).toMatchObject({ waiting: 0, cars: [] });
  });

  it('holds no walk of another car', async () => {
    const server = fakeServer();
    server.state.refuse.set('another', 'No.');
    const { outbox } = await open(server.courier);
    await outbox.addCar({ ...newCar, id: 'another' }, 1000);
    await outbox.addEntries(log);
    await outbox.flush();
    expect(server.taken.size).toBe(log.length);
  });
});

describe('the outbox', () => {
  it('sends a recording as such, also after a reload', async () => {
    const server = fakeServer();
    const name = `t${names++}`;
    const store = await openOutboxStore(name);
    await store.put('photos', { sha256: 'r1', blob: new Blob(['sound']), is: 'recording' });
    store.close();
    const { outbox } = await open(server.courier, name);
    await outbox.addRecording('r2', new Blob(['more']));
    await outbox.flush();
    expect([...server.recordings]).toEqual(['r1', 'r2']);
    expect([...server.photos]).toEqual([]);
    expect(outbox.snapshot().waiting).toBe(0);
  });

  it('does not say saved while something chosen is still being read', async () => {
    const { outbox } = await open(fakeServer().courier);
    let read = (_: string) => {};
    const reading = outbox.takeIn(() => new Promise<string>((done) => (read = done)));
    expect(outbox.snapshot().waiting).toBe(1);
    read('kept');
    expect(await reading).toBe('kept');
    expect(outbox.snapshot().waiting).toBe(0);
    await expect(outbox.takeIn(() => Promise.reject(new Error('unreadable')))).rejects.toThrow('unreadable');
    expect(outbox.snapshot().waiting).toBe(0);
  });

  it('sends what is put in and forgets it', async () => {
    const server = fakeServer();
    const { outbox } = await open(server.courier);
    await outbox.addEntries(log);
    await outbox.addPhoto('p1', new Blob(['x']));
    await outbox.flush();
    expect([...server.taken.keys()]).toEqual(log.map((entry) => entry.id));
    expect(server.photos).toEqual(new Set(['p1']));
    expect(outbox.snapshot()).toMatchObject({ waiting: 0, stalled: false });
  });

  it('keeps everything through a lost signal and a closed browser', async () => {
    const server = fakeServer();
    server.state.reachable = false;
    const first = await open(server.courier);
    await first.outbox.addEntries(log);
    await first.outbox.flush();
    expect(first.outbox.snapshot()).toMatchObject({ waiting: 3, stalled: true });
    first.outbox.stop();
    server.state.reachable = true;
    const { outbox } = await open(server.courier, first.name);
    expect(outbox.entriesOf(WALK)).toEqual(log);
    await outbox.flush();
    expect(server.taken.size).toBe(3);
    expect(outbox.snapshot().waiting).toBe(0);
  });

  it('tries again by itself', async () => {
    const server = fakeServer();
    server.state.reachable = false;
    const { outbox } = await open(server.courier);
    await outbox.addEntries(log);
    await outbox.flush();
    server.state.reachable = true;
    await vi.waitFor(() => expect(server.taken.size).toBe(3), { timeout: 3000 });
  });

  it('sends the others when one is refused, and keeps that one to show', async () => {
    const server = fakeServer();
    const bad = log[1] as Entry;
    server.state.refuse.set(bad.id, 'The part is unknown.');
    const { outbox, name } = await open(server.courier);
    await outbox.addEntries(log);
    await outbox.flush();
    expect(server.taken.size).toBe(2);
    expect(outbox.snapshot().refusedEntries).toMatchObject([{ id: bad.id, refusal: 'The part is unknown.' }]);
    expect(outbox.entriesOf(WALK)).toEqual([]);
    const again = await open(server.courier, name);
    expect(again.outbox.snapshot().refusedEntries).toHaveLength(1);
    server.state.refuse.clear();
    await again.outbox.tryAgain();
    expect(server.taken.has(bad.id)).toBe(true);
    expect(again.outbox.snapshot().refusedEntries).toEqual([]);
  });

  it('sends at once what is added while a photo is on its way', async () => {
    const server = fakeServer();
    let arrive = () => {};
    const slow: Courier = {
      ...server.courier,
      putPhoto: () => new Promise((resolve) => (arrive = () => resolve({}))),
    };
    const { outbox } = await open(slow);
    await outbox.addPhoto('p1', new Blob(['x']));
    await vi.waitFor(() => expect(outbox.snapshot().waiting).toBe(1));
    await outbox.addEntries(log);
    arrive();
    await outbox.flush();
    expect(server.taken.size).toBe(3);
    expect(outbox.snapshot().waiting).toBe(0);
  });

  it('forgets a refused thing only when told to', async () => {
    const server = fakeServer();
    server.state.refuse.set('p1', 'HEIC photos cannot be read.');
    const { outbox } = await open(server.courier);
    await outbox.addPhoto('p1', new Blob(['x']));
    await outbox.flush();
    expect(outbox.snapshot().refusedPhotos).toHaveLength(1);
    await outbox.setAside(['p1']);
    expect(outbox.snapshot().refusedPhotos).toHaveLength(0);
  });

  it('tells its listeners until they leave', async () => {
    const { outbox } = await open(fakeServer().courier);
    const listener = vi.fn();
    const leave = outbox.subscribe(listener);
    await outbox.addEntries(log.slice(0, 1));
    expect(listener).toHaveBeenCalled();
    leave();
    await outbox.flush();
    listener.mockClear();
    await outbox.addEntries(log.slice(1, 2));
    await outbox.flush();
    expect(listener).not.toHaveBeenCalled();
  });

  it('sends from memory at once what the device cannot keep, and says so until it is sent', async () => {
    const server = fakeServer();
    server.state.reachable = false;
    const { outbox } = await open(server.courier);
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    try {
      await outbox.addEntries(log);
      await outbox.addPhoto('p1', new Blob(['x']));
    } finally {
      full.mockRestore();
    }
    expect(outbox.snapshot()).toMatchObject({
      waiting: 4,
      unkept: 4,
      unkeptBy: 'There is no room left on this device.',
    });
    server.state.reachable = true;
    await outbox.flush();
    expect(server.taken.size).toBe(3);
    expect(server.photos).toEqual(new Set(['p1']));
    expect(outbox.snapshot()).toMatchObject({ waiting: 0, unkept: 0 });
  });

  it('works without any storage', async () => {
    const server = fakeServer();
    const outbox = await Outbox.open(undefined, server.courier);
    opened.push(outbox);
    await outbox.addEntries(log);
    await outbox.flush();
    expect(server.taken.size).toBe(3);
    server.state.reachable = false;
    await outbox.addPhoto('p1', new Blob(['x']));
    expect(outbox.snapshot()).toMatchObject({
      unkept: 1,
      unkeptBy: expect.stringContaining('private window'),
    });
  });

  it('is never held by one file that always fails, and shows it', async () => {
    const server = fakeServer();
    const courier: Courier = {
      ...server.courier,
      putPhoto: (sha256, blob) =>
        sha256 === 'bad' ? Promise.reject(new Error('Too slow.')) : server.courier.putPhoto(sha256, blob),
    };
    const { outbox } = await open(courier);
    await outbox.addPhoto('bad', new Blob(['x']));
    for (let i = 0; i < 20; i++) await outbox.addPhoto(`p${i}`, new Blob(['x']));
    await outbox.addEntries(log);
    await vi.waitFor(() => expect(server.photos.size).toBe(20), { timeout: 5000 });
    expect(server.taken.size).toBe(3);
    for (let i = 0; i < 3; i++) await outbox.flush();
    expect(outbox.snapshot()).toMatchObject({ waiting: 1, failing: [{ what: 'photo', why: 'Too slow.' }] });
  });

  it('gets 60 photos through in 40 seconds though three requests in ten fail', async () => {
    vi.useFakeTimers();
    try {
      const worst: number[] = [];
      for (let seed = 1; seed <= 5; seed++) {
        // mulberry32: the same failures every time.
        let state = seed;
        const random = () => {
          state = (state + 0x6d2b79f5) | 0;
          let t = Math.imul(state ^ (state >>> 15), 1 | state);
          t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
          return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
        };
        // A large photo asks first what is there already: either request may fail, and each takes its time.
        const arrive = async () => {
          for (const tookMs of [80, 500]) {
            await new Promise((later) => setTimeout(later, tookMs));
            if (random() < 0.3) throw new Error('no signal');
          }
          return {};
        };
        const outbox = await Outbox.open(undefined, {
          postCar: async () => ({}),
          postLook: async () => ({}),
          postEntries: async () => ({ refused: new Map() }),
          putPhoto: arrive,
          putRecording: arrive,
        });
        opened.push(outbox);
        const start = Date.now();
        for (let i = 0; i < 60; i++) void outbox.addPhoto(`p${i}`, new Blob(['x']));
        while (outbox.snapshot().waiting > 0 && Date.now() - start < 300_000)
          await vi.advanceTimersByTimeAsync(100);
        worst.push(Date.now() - start);
      }
      expect(Math.max(...worst)).toBeLessThanOrEqual(40_000);
    } finally {
      vi.useRealTimers();
    }
  });
});

describe('looks at standing cars', () => {
  const look = (n: number) => ({
    id: `0c8f2a52-7d10-4c7b-9b6e-3a51d90e050${n}`,
    look: {
      id: `0c8f2a52-7d10-4c7b-9b6e-3a51d90e050${n}`,
      car: CAR,
      at: '2026-03-14T07:30:00.000Z',
      day: '2026-03-14',
      start: 'at-once' as const,
    },
  });

  it('wait where there is no signal, through a reload, and go by themselves', async () => {
    const { courier, looks, state } = fakeServer();
    state.reachable = false;
    const { outbox, name } = await open(courier);
    await outbox.addLook(look(1));
    await outbox.flush();
    expect(outbox.snapshot()).toMatchObject({ waiting: 1, looks: [{ id: look(1).id }] });
    outbox.stop();
    state.reachable = true;
    const { outbox: again } = await open(courier, name);
    await again.flush();
    expect(looks).toEqual([look(1).id]);
    expect(again.snapshot()).toMatchObject({ waiting: 0, looks: [] });
  });

  it('taken back before they were sent are sent and taken back; refused ones stay with why', async () => {
    const { courier, looks, state } = fakeServer();
    state.reachable = false;
    const { outbox } = await open(courier);
    await outbox.addLook(look(1));
    await outbox.addLook({ ...look(1), isTakenBack: true });
    state.reachable = true;
    state.refuse.set(look(2).id, 'The clock of this device does not fit the day of the look.');
    await outbox.addLook(look(2));
    await outbox.flush();
    expect(looks).toEqual([`${look(1).id} back`]);
    expect(outbox.snapshot().looks).toMatchObject([
      { id: look(2).id, refusal: expect.stringContaining('clock') },
    ]);
    await outbox.setAside([look(2).id]);
    expect(outbox.snapshot()).toMatchObject({ waiting: 0, looks: [] });
  });
});
