import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carDetailsSchema } from '#core/car';
import { details } from '../../../tests/builders/car';
import { openOutboxStore } from './outboxStore';
import { Shelf } from './shelf';

let names = 0;
const car = (n: number, more: { refusal?: string } = {}) => ({
  id: `car-${n}`,
  details: carDetailsSchema.parse({ ...details, stockNumber: `S-${n}` }),
  addedAt: '2026-03-14T09:00:00.000Z',
  ...more,
});

const deed = fc.oneof(
  fc.record({ is: fc.constant('put' as const), ns: fc.array(fc.nat({ max: 4 }), { maxLength: 3 }) }),
  fc.record({ is: fc.constant('refuse' as const), n: fc.nat({ max: 4 }) }),
  fc.record({ is: fc.constant('drop' as const), ns: fc.array(fc.nat({ max: 4 }), { maxLength: 3 }) }),
  fc.record({ is: fc.constant('again' as const) }),
);

describe('what waits on a device', () => {
  it('is there after a reload just as it was before, whatever was done, and however quickly', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { maxLength: 12 }), fc.boolean(), async (deeds, isHasty) => {
        const store = await openOutboxStore(`shelf-${names++}`);
        const shelf = new Shelf('cars', store, () => {});
        const done: Promise<void>[] = [];
        for (const each of deeds) {
          const work =
            each.is === 'put'
              ? shelf.put(each.ns.map((n) => car(n)))
              : each.is === 'refuse'
                ? shelf.put([car(each.n, { refusal: 'not so' })])
                : each.is === 'drop'
                  ? shelf.drop(each.ns.map((n) => `car-${n}`))
                  : shelf.tryAgain();
          done.push(work);
          if (!isHasty) await work;
        }
        await Promise.all(done);
        const reloaded = new Shelf('cars', store, () => {});
        await reloaded.open();
        const told = ({ all, refused, waiting, unkept }: Shelf<'cars'>) => ({
          all: all.toSorted((a, b) => a.id.localeCompare(b.id)),
          refused: refused.length,
          waiting: waiting.length,
          unkept,
        });
        expect(told(reloaded)).toEqual(told(shelf));
        expect(shelf.refused.length + shelf.waiting.length).toBe(shelf.all.length);
        store.close();
      }),
      { numRuns: 60 },
    );
  });

  it('tells what could not be kept until it is sent, and gives the same list while nothing changes', async () => {
    let told = 0;
    const shelf = new Shelf('cars', undefined, () => {
      told += 1;
    });
    await shelf.put([car(1), car(2)]);
    expect(shelf.unkept).toMatchObject({ count: 2, why: expect.stringContaining('keeps nothing') });
    const before = shelf.all;
    expect(told).toBeGreaterThan(0);
    await shelf.drop(['car-9']);
    expect(shelf.all).toBe(before);
    await shelf.drop(['car-1', 'car-2']);
    expect(shelf.unkept).toEqual({ count: 0, why: undefined });
    expect(shelf.all).toEqual([]);
  });
});
