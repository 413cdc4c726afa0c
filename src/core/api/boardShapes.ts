import { z } from 'zod';
import { crewSchema } from '../schedule';
import { workToldSchema } from './sheetShapes';

const momentSchema = z.object({ day: z.string(), half: z.union([z.literal(0), z.literal(1)]) });

/** The board of days: cars the yard works on, when they are ready, and every task with its place. */
export const boardPageSchema = z.object({
  /** Its days, from today. */
  days: z.array(z.string()),
  crew: crewSchema,
  isCrewSet: z.boolean(),
  cars: z.array(
    z.object({
      walk: z.uuid(),
      car: z.uuid(),
      stockNumber: z.string(),
      title: z.string(),
      /** Until the end of this day, as it was promised. */
      promised: z.string().optional(),
      /** It is the day of its collection that names it. */
      isForCollection: z.boolean(),
      ready: momentSchema.optional(),
      /** Days by which it misses what was promised. */
      lateDays: z.int(),
      /** What it waits for in the end, in words; empty where nothing holds it up. */
      waits: z.string(),
      /** Its jobs, and how many of them are said to be done. */
      jobs: z.int(),
      jobsDone: z.int(),
      /** What its jobs come to, in the smallest unit of the currency, without tax. */
      cost: z.object({ low: z.int(), high: z.int(), currency: z.string() }),
    }),
  ),
  tasks: z.array(
    z.object({
      id: z.string(),
      walk: z.uuid(),
      trade: z.string(),
      says: z.string(),
      minutes: z.int(),
      /** Ids of the faults it puts right, as the plan names them. */
      mends: z.array(z.string()),
      /** What to be careful of. */
      cautions: z.array(z.string()),
      crew: z.string().optional(),
      from: momentSchema.optional(),
      to: momentSchema.optional(),
      waits: z.string(),
      isFixed: z.boolean(),
      /** What whoever does it says of it. */
      work: workToldSchema.optional(),
    }),
  ),
  /** Jobs that are said to be done: on no day any more. */
  done: z.array(
    z.object({
      id: z.string(),
      walk: z.uuid(),
      says: z.string(),
      crew: z.string(),
      mends: z.array(z.string()),
      work: workToldSchema.optional(),
    }),
  ),
});
/** The board as it was planned anew, and how good that can be said to be. */
export const plannedBoardSchema = z.object({
  board: boardPageSchema,
  /** Schedules that were tried. */
  tries: z.int(),
  /** No schedule can be better by more than this, in percent of its cost. */
  atMostBetter: z.number(),
});
export type PlannedBoard = z.output<typeof plannedBoardSchema>;
export type BoardPage = z.output<typeof boardPageSchema>;

/** The board after a task was put elsewhere, and what that does. */
export const movedSchema = z.object({
  board: boardPageSchema,
  /** What moved with it, and which promises it breaks or mends, in words. */
  effects: z.array(z.string()),
});
export type Moved = z.output<typeof movedSchema>;
