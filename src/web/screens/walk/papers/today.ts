import type { Day } from '#core/papers';

/** The day it is where the person stands. */
export function todayIs(now = new Date()): Day {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
