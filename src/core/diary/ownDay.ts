import { isoDay } from '../wording';

const HOUR_MS = 3_600_000;
/** No clock on earth is further from Greenwich. */
const [WEST, EAST] = [-12 * HOUR_MS, 14 * HOUR_MS];

/**
 * The day a moment belongs to where the looks were made, which tell both: a morning in the far east is still the day before in Greenwich. The hours apart are
 * those that fit every look; none, where that fits too or nothing does.
 */
export function ownDayOf(looks: readonly { at: string; day: string }[]): (at: string) => string {
  let [least, most] = [WEST, EAST];
  for (const { at, day } of looks) {
    const sinceMidnight = Date.parse(`${day}T00:00:00Z`) - Date.parse(at);
    least = Math.max(least, sinceMidnight);
    most = Math.min(most, sinceMidnight + 24 * HOUR_MS - 1);
  }
  const isGreenwich = least > most || (least <= 0 && most >= 0);
  const apart = isGreenwich ? 0 : (least + most) / 2;
  return (at) => isoDay(new Date(Date.parse(at) + apart).toISOString());
}
