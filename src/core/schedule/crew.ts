import { z } from 'zod';
import { daySchema } from '../papers';
import { tradeIds } from '../plan';
import { type Crew, HALF_DAY_MIN } from './schedule';

/** Somebody who does jobs, as the yard sets it: one of its own people or bays, a visiting trade, a body shop that keeps cars. */
const memberSchema = z.strictObject({
  id: z.string().min(1).max(40),
  name: z.string().trim().min(1, 'Give everybody a name.').max(60),
  trades: z.array(z.enum(tradeIds)).min(1, 'Say what they do.').max(tradeIds.length),
  /** Days of the week they work here, Monday 0 to Sunday 6. */
  weekdays: z.array(z.int().min(0).max(6)).max(7),
  /** Minutes of work on such a day. */
  minutes: z
    .int('Minutes are whole.')
    .min(0)
    .max(2 * HALF_DAY_MIN, 'A day has eight hours of work at most.'),
  is: z.enum(['own', 'visits', 'keeps']),
  /** How many cars it keeps at once. */
  cars: z.int().min(1).max(50).optional(),
});

/** Who does it in this yard, and when it is closed. */
export const crewSchema = z.strictObject({
  version: z.literal(1),
  members: z
    .array(memberSchema)
    .max(60, 'At most 60.')
    .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, 'Each may stand here once.'),
  /** Days on which nobody works. */
  closed: z.array(daySchema).max(100),
});
export type CrewSet = z.output<typeof crewSchema>;

const WEEK = [0, 1, 2, 3, 4];

/** What a yard begins with: its own hands, a valeter and a workshop on working days; visiting trades on one day each; a body shop for two cars. */
export const usualCrew: CrewSet = {
  version: 1,
  members: [
    { id: 'hands', name: 'Our own hands', trades: ['own-hands'], weekdays: WEEK, minutes: 360, is: 'own' },
    { id: 'valet-bay', name: 'Valet bay', trades: ['valeter'], weekdays: WEEK, minutes: 420, is: 'own' },
    {
      id: 'workshop',
      name: 'Workshop',
      trades: ['workshop', 'tyre-fitter'],
      weekdays: WEEK,
      minutes: 420,
      is: 'own',
    },
    {
      id: 'dents',
      name: 'Dent specialist',
      trades: ['dent-specialist'],
      weekdays: [3],
      minutes: 420,
      is: 'visits',
    },
    {
      id: 'paint',
      name: 'Local paint specialist',
      trades: ['paint-specialist'],
      weekdays: [1],
      minutes: 420,
      is: 'visits',
    },
    {
      id: 'wheels',
      name: 'Wheel specialist',
      trades: ['wheel-specialist'],
      weekdays: [2],
      minutes: 420,
      is: 'visits',
    },
    {
      id: 'glass',
      name: 'Glass specialist',
      trades: ['glass-specialist'],
      weekdays: [0, 2, 4],
      minutes: 300,
      is: 'visits',
    },
    {
      id: 'trim',
      name: 'Trim specialist',
      trades: ['trim-specialist'],
      weekdays: [4],
      minutes: 420,
      is: 'visits',
    },
    {
      id: 'body-shop',
      name: 'Body shop',
      trades: ['body-shop'],
      weekdays: WEEK,
      minutes: 480,
      is: 'keeps',
      cars: 2,
    },
  ],
  closed: [],
};

/** Monday 0 to Sunday 6. */
const weekdayOf = (day: string): number => (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** The days of a schedule, from its first. */
export const daysFrom = (first: string, days: number): string[] =>
  Array.from({ length: days }, (_, i) => dayAfter(first, i));

/** Everybody's half-days over so many days from the first. */
export function crewsOver({ members, closed }: CrewSet, first: string, days: number): Crew[] {
  const all = daysFrom(first, days);
  return members.map(({ id, name, trades, weekdays, minutes, is, cars = 1 }) => ({
    id,
    name,
    trades,
    minutes: all.flatMap((day) => {
      if (closed.includes(day) || !weekdays.includes(weekdayOf(day))) return [0, 0];
      const morning = Math.min(HALF_DAY_MIN, Math.ceil(minutes / 2));
      return [morning, minutes - morning];
    }),
    ...(is === 'visits' && { isVisiting: true as const }),
    ...(is === 'keeps' && { holds: cars }),
  }));
}
