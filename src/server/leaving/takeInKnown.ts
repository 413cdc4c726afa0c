import { z } from 'zod';
import { keptLookSchema } from '#core/diary';
import { expectationTableSchema, gridOf } from '#core/judge';
import { checkSpots, weakSpotListSchema } from '#core/weakSpots';
import type { Context } from '../context';

/** What a yard knows of cars, beside its walks: files of its ZIP, and how each is taken in. */
export const knownFiles = ['what-is-usual.json', 'weak-spots.json', 'mornings.json'] as const;
export type KnownFile = (typeof knownFiles)[number];

const morningsSchema = z.object({ looks: z.array(keptLookSchema) });

/**
 * Takes in what is usual, weak spots or mornings. A table this yard has set stays as it is; weak spots are added to those here by their id; looks are kept under
 * their own id, of cars there are, so that the same ZIP again changes nothing. Tells why a file was not taken, or nothing.
 */
export function takeInKnown(
  { stores, now }: Pick<Context, 'stores' | 'now'>,
  name: KnownFile,
  json: unknown,
): string | undefined {
  const at = now().toISOString();
  const { judge, diary, cars } = stores;
  if (name === 'what-is-usual.json') {
    const read = expectationTableSchema.safeParse(json);
    if (!read.success || !gridOf(read.data.rows).ok) return 'It is no table of what is usual.';
    if (judge.table().rows.every(({ setBy }) => setBy === 'house')) judge.setTable(read.data, at);
    return undefined;
  }
  if (name === 'weak-spots.json') {
    const read = weakSpotListSchema.safeParse(json);
    if (!read.success) return 'It is no list of weak spots.';
    const { spots } = judge.spots();
    const here = new Set(spots.map(({ id }) => id));
    const merged = weakSpotListSchema.safeParse({
      spots: [...spots, ...read.data.spots.filter(({ id }) => !here.has(id))],
    });
    if (!merged.success) return 'With those that are here they are more weak spots than a yard keeps.';
    const checked = checkSpots(merged.data.spots);
    if (!checked.ok) return checked.says[0];
    judge.setSpots(checked.list, at);
    return undefined;
  }
  const read = morningsSchema.safeParse(json);
  if (!read.success) return 'It holds no mornings.';
  stores.db
    .transaction(() => {
      for (const { who, ...look } of read.data.looks) if (cars.get(look.car)) diary.add(look, who, at);
    })
    .immediate();
  return undefined;
}
