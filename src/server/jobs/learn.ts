import { gridOf, type Learned, learn as learnFrom, seededRandom } from '#core/judge';
import type { JobInput } from '../aside/jobTypes';

/** Learns what is usual from walks, where it holds up nobody. */
export async function learn({ table, walks, seed }: JobInput<'learn'>): Promise<Learned> {
  const read = gridOf(table.rows);
  if (!read.ok) throw new Error('the table of what is usual is no grid');
  return learnFrom(read.grid, walks, { random: seededRandom(seed) });
}
