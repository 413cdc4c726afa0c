import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { styleOf } from '#core/car';
import { checkEntry, coverage, type Entry, type Fact, replay } from '#core/walk';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK, WHO } from '../../../tests/builders/entries';
import { carDetails, NOW, nowIso, openTestStores, type TestStores } from '../../../tests/builders/testStores';
import type { Problem } from '../problems';

let test: TestStores;
beforeEach(() => {
  test = openTestStores();
  test.stores.people.put({ id: WHO, name: 'Nell Harrick' });
  test.stores.cars.add(CAR, carDetails, nowIso);
});
afterEach(() => test.close());

const append = (entries: readonly unknown[], walk = WALK) => test.stores.walks.append(walk, entries, NOW);
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const problemOf = (work: () => unknown): Problem => {
  try {
    work();
  } catch (error) {
    return error as Problem;
  }
  throw new Error('nothing was refused');
};

describe('a walk', () => {
  it('begins with its first entry, and only of a car that is there', () => {
    expect(problemOf(() => append(entriesOf([clear('roof')])))).toMatchObject({ status: 404 });
    const stranger = { ...begun, body: { ...begun.body, carId: idOf(0xcd) } } as Fact;
    expect(problemOf(() => append(entriesOf([stranger])))).toMatchObject({
      status: 404,
      detail: expect.stringContaining('Add the car'),
    });
    expect(test.stores.walks.get(WALK)).toBeUndefined();
    expect(append(entriesOf([begun])).position).toBe(1);
    expect(test.stores.walks.get(WALK)).toMatchObject({ car_id: CAR, body_style: 'hatch-5', entries: 1 });
  });

  it('takes the same entries again without a change, and says which they were', () => {
    const entries = entriesOf([begun, noted(1), clear('roof')]);
    append(entries.slice(0, 2));
    expect(append(entries)).toEqual({
      accepted: [entries[2]?.id],
      already: entries.slice(0, 2).map(({ id }) => id),
      position: 3,
    });
    expect(append(entries)).toEqual({ accepted: [], already: entries.map(({ id }) => id), position: 3 });
    expect(append([...entries, ...entries]).accepted).toEqual([]);
  });

  it('never changes an entry: the same id with other words is refused, in one request and in two', () => {
    const [first, second] = entriesOf([begun, clear('roof')]) as [Entry, Entry];
    append([first, second]);
    const changed = { ...second, body: { part: 'bonnet' } };
    expect(problemOf(() => append([changed]))).toMatchObject({ status: 409, code: 'entry-differs' });
    const other = { ...second, id: idOf(77) };
    expect(problemOf(() => append([other, { ...other, body: { part: 'bonnet' } }]))).toMatchObject({
      status: 409,
    });
    expect(test.stores.walks.entriesOf(WALK)).toEqual([first, second]);
  });

  it('does not take an entry of another walk under its own name', () => {
    const entries = entriesOf([begun, clear('roof')]);
    append(entries);
    const elsewhere = idOf(0xab);
    const moved = entries.map((entry) => ({ ...entry, walk: elsewhere }));
    expect(problemOf(() => append(moved, elsewhere)).status).toBe(409);
  });

  it('takes a request whole or not at all, and names each entry it refuses', () => {
    append(entriesOf([begun]));
    const [good, wrongPart, nonsense] = [
      ...entriesOf([clear('roof'), clear('sleeper')], WALK, 50),
      { id: 7, kind: 'sung' },
    ];
    const problem = problemOf(() => append([good, wrongPart, nonsense]));
    expect(problem).toMatchObject({ status: 422, code: 'entries-refused' });
    expect(problem.errors).toEqual([
      expect.objectContaining({ path: 'entries.1.body.part', code: 'unknown-part', entry: idOf(51) }),
      expect.objectContaining({ path: 'entries.2.kind', code: 'unknown-kind', entry: undefined }),
    ]);
    expect(problem.detail).toMatch(/\(and 1 more\) Nothing was stored\.$/);
    expect(test.stores.walks.get(WALK)?.entries).toBe(1);
  });

  it('is read back the same after a second start, with the figures of its list', () => {
    const entries = entriesOf([begun, noted(1), noted(2, 'roof', { suspected: true }), clear('bonnet')]);
    append(entries);
    // Cut off before the figures were worked out: they are when they are first asked for.
    const stores = test.reopen();
    expect(stores.walks.entriesOf(WALK)).toEqual(entries);
    const [row] = stores.walks.ofCar(CAR);
    expect(row).toMatchObject({
      entries: 4,
      findings: 2,
      visited: 3,
      photos: 0,
      last_entry_at: entries.at(-1)?.at,
    });
  });

  it('sees what another process wrote meanwhile', () => {
    append(entriesOf([begun]));
    expect(test.stores.walks.entriesOf(WALK)).toHaveLength(1);
    const entry = entriesOf([clear('roof')], WALK, 9)[0] as Entry;
    test.stores.db
      .prepare('INSERT INTO entries (walk_id, position, id, json, received_at) VALUES (?, 2, ?, ?, ?)')
      .run(WALK, entry.id, JSON.stringify(entry), nowIso);
    expect(test.stores.walks.entriesOf(WALK)).toHaveLength(2);
  });

  it('loses one entry, not itself, when its bytes go bad on the disk', () => {
    const entries = entriesOf([begun, noted(1), clear('bonnet'), clear('roof')]);
    append(entries);
    const spoil = test.stores.db.prepare('UPDATE entries SET json = ? WHERE id = ?');
    spoil.run(JSON.stringify(entries[2]).replace('{', '\u007b\u0001'), entries[2]?.id);
    spoil.run(JSON.stringify({ ...entries[1], kind: 'finding-nofed' }), entries[1]?.id);
    const { walks } = test.reopen();
    expect(walks.entriesOf(WALK)).toEqual([entries[0], entries[3]]);
    expect(walks.damagedIn(WALK)).toBe(2);
    // It goes on behind its last row, and the same entries again still change nothing.
    const more = entriesOf([clear('tailgate')], WALK, 60);
    expect(walks.append(WALK, more, NOW)).toMatchObject({ position: 5 });
    expect(walks.append(WALK, [entries[3], ...more], NOW)).toMatchObject({ accepted: [], position: 5 });
    expect(walks.entriesOf(WALK)).toEqual([entries[0], entries[3], ...more]);
  });

  it('goes on when the clock of the server goes back', () => {
    append(entriesOf([begun]));
    const yesterday = new Date(NOW.getTime() - 86_400_000);
    const entries = entriesOf([clear('roof')], WALK, 40);
    expect(test.stores.walks.append(WALK, entries, yesterday).accepted).toHaveLength(1);
    const { walks } = test.reopen();
    expect(walks.append(WALK, entriesOf([clear('bonnet')], WALK, 50), yesterday).accepted).toHaveLength(1);
    // A clock that goes right still refuses what is dated far ahead.
    const ahead = {
      ...(entriesOf([clear('tailgate')], WALK, 70)[0] as Entry),
      at: '2031-01-01T00:00:00.000Z',
    };
    expect(problemOf(() => walks.append(WALK, [ahead], NOW)).detail).toContain('in the future');
  });

  it('keeps list figures that are those of its log, whatever was said', () => {
    let n = 0;
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        // Each log is a walk of its own, with ids of its own.
        const walk = idOf(0x10_0000 + n);
        const ownId = (id: string) => idOf(0x20_0000 + n * 100 + Number.parseInt(id.slice(-4), 16));
        n++;
        const style = styleOf({ bodyStyle: 'hatch-5' });
        const valid = log
          .map((entry) => ({
            ...entry,
            walk,
            id: ownId(entry.id),
            ...(entry.kind === 'undone' && { body: { entry: ownId(entry.body.entry) } }),
          }))
          .filter((entry) => checkEntry(entry, { walk, now: NOW, style }).ok) as Entry[];
        append(valid, walk);
        const state = replay(walk, valid);
        test.stores.walks.settle();
        const row = test.stores.walks.get(walk);
        const cover = coverage(state, style);
        expect(row).toMatchObject({
          entries: valid.length,
          parts: cover.total,
          visited: cover.visited,
          photos: state.photos.length,
        });
      }),
      { numRuns: 25 },
    );
  });
});

describe('entries that arrive together', () => {
  const soon = (entries: readonly Entry[], walk = WALK) => test.stores.walks.appendSoon(walk, entries, NOW);

  it('are taken in the order they came, each by itself, and are there when they are answered', async () => {
    const log = entriesOf([begun, clear('roof'), clear('bonnet'), clear('tailgate')]);
    const [a, b, c, d] = log.map((entry) => [entry]) as [Entry[], Entry[], Entry[], Entry[]];
    const wrong = entriesOf([{ kind: 'part-cleared', body: { part: 'no-such-part' } } as never], WALK, 50);
    const answers = await Promise.allSettled([soon(a), soon(b), soon(wrong), soon(c), soon(b), soon(d)]);
    expect(
      answers.map((answer) => (answer.status === 'fulfilled' ? answer.value.position : 'refused')),
    ).toEqual([1, 2, 'refused', 3, 3, 4]);
    expect(test.reopen().walks.entriesOf(WALK)).toEqual(log);
  });

  it('share a transaction: many cost hardly more flushes of the disk than one', async () => {
    append(entriesOf([begun]));
    const pages = () => test.stores.db.pragma('wal_checkpoint(PASSIVE)') as { log: number }[];
    const before = pages()[0]?.log ?? 0;
    const log = entriesOf(
      Array.from({ length: 100 }, (_, i) => noted(i + 1, 'roof')),
      WALK,
      500,
    );
    await Promise.all(log.map((entry) => soon([entry])));
    // Each commit writes the changed pages anew: a hundred would write hundreds.
    expect((pages()[0]?.log ?? 0) - before).toBeLessThan(100);
    expect(test.stores.walks.entriesOf(WALK)).toHaveLength(101);
  });

  it('fail together when the disk takes none, and nothing of them is shown', async () => {
    append(entriesOf([begun]));
    const [a, b] = entriesOf([clear('roof'), clear('bonnet')], WALK, 40).map((entry) => [entry]) as [
      Entry[],
      Entry[],
    ];
    // No more room: the database may not grow by a page.
    const { page_count: pages } = test.stores.db.prepare('PRAGMA page_count').get() as { page_count: number };
    test.stores.db.pragma(`max_page_count = ${pages}`);
    const big = Array.from({ length: 400 }, (_, i) => noted(i + 1, 'roof'));
    const answers = await Promise.allSettled([soon(a), soon(entriesOf(big, WALK, 900)), soon(b)]);
    expect(answers.some(({ status }) => status === 'rejected')).toBe(true);
    const held = test.stores.walks.entriesOf(WALK).map(({ id }) => id);
    const answered = [a, entriesOf(big, WALK, 900), b].flatMap((entries, i) =>
      answers[i]?.status === 'fulfilled' ? entries.map(({ id }) => id) : [],
    );
    // What was answered is there, what was not is not, in memory as on the disk.
    expect(held.toSorted()).toEqual([idOf(1), ...answered].toSorted());
    test.stores.db.pragma('max_page_count = 1073741823');
    expect(
      test
        .reopen()
        .walks.entriesOf(WALK)
        .map(({ id }) => id),
    ).toEqual(held);
    expect((await soon(a)).position).toBeGreaterThan(1);
  });
});

describe('the walks of a person and of a car', () => {
  it('come latest first', () => {
    for (const [i, walk] of [idOf(0xa1), idOf(0xa2), idOf(0xa3)].entries()) {
      const at = `2026-03-${10 + i}T09:00:00.000Z`;
      append(
        entriesOf([begun], walk, 0x500 + i).map((entry) => ({ ...entry, at })),
        walk,
      );
    }
    expect(test.stores.walks.ofCar(CAR).map(({ id }) => id)).toEqual([idOf(0xa3), idOf(0xa2), idOf(0xa1)]);
    const last = test.stores.walks.lastWalksOf(WHO, 2);
    expect(last.map(({ entries }) => entries[0]?.walk)).toEqual([idOf(0xa3), idOf(0xa2)]);
    expect(last[0]?.style.id).toBe(testCar.bodyStyle);
    expect(test.stores.walks.lastWalksOf(idOf(0xef), 2)).toEqual([]);
    expect(test.stores.walks.logsOfCar(CAR)).toHaveLength(3);
  });
});
