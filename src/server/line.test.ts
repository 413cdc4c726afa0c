import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeLine } from './line';

describe('a line', () => {
  it('does no more at once than it may, each in its turn, and tells how many are before it', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 3 }),
        fc.array(fc.boolean(), { minLength: 1, maxLength: 12 }),
        async (size, jobs) => {
          const line = makeLine(size);
          const order: number[] = [];
          const ends: (() => void)[] = [];
          let most = 0;
          let now = 0;
          const all = jobs.map((fails, i) =>
            line
              .run(`job ${i}`, async () => {
                order.push(i);
                now++;
                most = Math.max(most, now);
                await new Promise<void>((end) => ends.push(end));
                now--;
                if (fails) throw new Error('failed');
              })
              .catch((error: Error) => error.message),
          );
          await new Promise(setImmediate);
          jobs.forEach((_, i) => {
            expect(line.before(`job ${i}`)).toBe(Math.max(0, i - size + 1));
          });
          for (let done = 0; done < jobs.length; done++) {
            ends[done]?.();
            await new Promise(setImmediate);
          }
          await Promise.all(all);
          expect(order).toEqual(jobs.map((_, i) => i));
          expect(most).toBe(Math.min(size, jobs.length));
          expect(line.before('job 0')).toBeUndefined();
        },
      ),
      { numRuns: 50 },
    );
  });
});
