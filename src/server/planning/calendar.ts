import { createHash } from 'node:crypto';
import ical from 'ical-generator';
import type { BoardPage } from '#core/api';

type Member = BoardPage['crew']['members'][number];

/** When a morning and an afternoon of work begin. House rule; by the clock of whoever reads it, without a zone. */
const BEGINS = ['08:00', '13:00'] as const;
const MINUTE_MS = 60_000;

/** The jobs of one member of the crew as a calendar: one after another within a half-day, a stay as whole days. */
export function calendarOf({ tasks, cars }: BoardPage, { id: crew, name }: Member, now: Date): string {
  const calendar = ical({ name, prodId: { company: 'Zelk', product: 'Board' } });
  /** Minutes of each half-day that are taken by jobs before. */
  const taken = new Map<string, number>();
  for (const { id, walk, crew: who, says, minutes, from, to } of tasks) {
    if (who !== crew || !from || !to) continue;
    const car = cars.find((each) => each.walk === walk);
    const at = `${from.day} ${from.half}`;
    const before = taken.get(at) ?? 0;
    taken.set(at, before + minutes);
    const isStay = minutes === 0;
    const start = isStay
      ? new Date(`${from.day}T00:00:00Z`)
      : new Date(Date.parse(`${from.day}T${BEGINS[from.half]}:00Z`) + before * MINUTE_MS);
    // The end of a day-long event is the day after its last.
    const end = isStay
      ? new Date(Date.parse(`${to.day}T00:00:00Z`) + 24 * 60 * MINUTE_MS)
      : new Date(start.getTime() + minutes * MINUTE_MS);
    calendar.createEvent({
      id: `${createHash('sha256').update(id).digest('hex').slice(0, 32)}@zelk`,
      summary: `${car?.stockNumber ?? ''}: ${says}`,
      description: car?.title ?? '',
      start,
      end,
      stamp: now,
      ...(isStay ? { allDay: true } : { floating: true }),
    });
  }
  return calendar.toString();
}
