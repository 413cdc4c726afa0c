/*
 * Time is counted in half-days from the first day of a schedule: 0 is its first morning, 1 its first afternoon, 2 the next morning. Closed days count too,
 * so that a slot tells its day.
 */

/** Half a day of work, minutes: what one car can be worked on in it. */
export const HALF_DAY_MIN = 240;

/** Somebody or something that does tasks: a person, a bay, a visiting trade, a body shop. */
export interface Crew {
  id: string;
  name: string;
  /** What it does. */
  trades: readonly string[];
  /** Minutes it has in each half-day; as many as the schedule is long. 0 where it is not here. */
  minutes: readonly number[];
  /** Comes for a day and is paid for coming: fewer such days are better. */
  isVisiting?: true;
  /** Cars stay with it for the whole of a task: so many at once. Its minutes only say when it works. */
  holds?: number;
}

export interface Task {
  id: string;
  car: string;
  trade: string;
  /** Not more than half a day; longer work is several tasks. */
  minutes: number;
  /** Half-days it takes where cars stay; 1 elsewhere. */
  length: number;
  /** Tasks of the same car that come before it, and for how many half-days it must wait after each: paint cures. */
  after: readonly { task: string; lag: number }[];
  /** Not before this half-day: what came before it is done, and cures until then. */
  notBefore?: { slot: number; task: string };
  /** It cannot be done: why, in the words of whoever was to do it. */
  stopped?: string;
}

export interface CarWanted {
  id: string;
  /** The last half-day it may be ready in, where that was promised. */
  promised?: number;
  /** Not before this half-day: it has not come yet. */
  from?: number;
  /** Days it has stood already: of two alike the older goes first. */
  daysInStock: number;
}

export interface Placed {
  task: string;
  crew: string;
  /** Its first half-day and its last. */
  start: number;
  end: number;
  /** Why it is not earlier. */
  because: Waits;
}

/** What a task waits for, and until which half-day that alone would have it wait. */
export type Waits =
  /** Nothing: it begins as soon as it may. */
  | { for: 'nothing' }
  | { for: 'task'; task: string }
  | { for: 'curing'; task: string }
  /** Nobody who does it is here before. */
  | { for: 'crew-away'; trade: string }
  /** Whoever does it has other work. */
  | { for: 'crew-busy'; trade: string }
  /** The car is being worked on elsewhere. */
  | { for: 'car-busy' }
  /** A visit that is paid for anyway. */
  | { for: 'visit'; trade: string }
  /** It could be earlier by now, but nothing moves unasked. */
  | { for: 'stood' }
  /** It was put there by hand. */
  | { for: 'hand' }
  /** Whoever was to do it says that it cannot be done. */
  | { for: 'stopped'; why: string };

export interface Schedule {
  placed: ReadonlyMap<string, Placed>;
  /** Tasks for which there is no time or nobody at all, with what they wait for. */
  unplaced: ReadonlyMap<string, Waits>;
  /** By car, the half-day it is ready in; absent while a task of it has no place. */
  ready: ReadonlyMap<string, number>;
  /** Days of visiting trades, by "crew day". */
  visits: number;
}

export interface Yard {
  /** Half-days the schedule is long. */
  length: number;
  crews: readonly Crew[];
  cars: readonly CarWanted[];
  tasks: readonly Task[];
  /** What stays where it is: done, under way, or put there by hand. By task. */
  fixed: ReadonlyMap<string, { crew: string; start: number }>;
}
