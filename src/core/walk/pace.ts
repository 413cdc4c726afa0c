import { z } from 'zod';
import type { BodyStyle, PartKind } from '../car';
import type { Stop } from '../route';
import type { Entry } from './entries';
import { ordered, undoneIds } from './liveEntries';

/** Seconds a part takes when nothing is known of the person. House figures; a walk takes 5 to 12 minutes in common practice. */
const HOUSE_SECONDS = 5;
const slower: Partial<Record<PartKind, number>> = {
  bonnet: 9,
  windscreen: 8,
  door: 8,
  quarter: 8,
  wheel: 8,
  tyre: 10,
  'tyre-inner': 10,
  roof: 8,
  seat: 8,
  odometer: 8,
  'bumper-front': 8,
  'bumper-rear': 8,
};

/** A stop longer than this was a telephone call, not a look. */
const LONGEST_SECONDS = 300;
/** Fewer looks than this say nothing of a person's pace. */
const FEWEST = 3;

export const paceSchema = z.object({
  /** Walks it was learnt from. */
  walks: z.int().nonnegative(),
  /** Median seconds per kind of part, where known well enough. */
  seconds: z.record(z.string(), z.number().positive()),
});
/** How long a person takes at each kind of part. */
export type Pace = z.output<typeof paceSchema>;

export const noPace: Pace = { walks: 0, seconds: {} };

/**
 * Learns a pace from past walks: the time from reaching a stop to reaching the next one, by kind of part; medians, so that one
 * interruption changes little.
 */
export function learnPace(walks: readonly { style: BodyStyle; entries: readonly Entry[] }[]): Pace {
  const times = new Map<PartKind, number[]>();
  for (const { style, entries } of walks) {
    const log = ordered(entries);
    const undone = undoneIds(log);
    const stops = log.filter((entry) => entry.kind === 'stop-reached' && !undone.has(entry.id));
    stops.forEach((entry, i) => {
      const next = stops[i + 1];
      const kind = entry.kind === 'stop-reached' ? style.parts.get(entry.body.part)?.kind : undefined;
      if (!next || !kind || next.who !== entry.who) return;
      const seconds = (Date.parse(next.at) - Date.parse(entry.at)) / 1000;
      if (seconds > 0 && seconds <= LONGEST_SECONDS) times.set(kind, [...(times.get(kind) ?? []), seconds]);
    });
  }
  const known = [...times].filter(([, list]) => list.length >= FEWEST);
  return {
    walks: walks.length,
    seconds: Object.fromEntries(known.map(([kind, list]) => [kind, median(list)])),
  };
}

function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const half = sorted.length / 2;
  const upper = sorted[Math.floor(half)] as number;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] as number) + upper) / 2;
}

/** Seconds the stops will take this person: their own median where known, the house figure elsewhere. */
export function estimateSeconds(style: BodyStyle, stops: readonly Stop[], pace: Pace = noPace): number {
  return stops.reduce((sum, { part }) => {
    const kind = style.parts.get(part)?.kind;
    if (!kind) return sum;
    return sum + (pace.seconds[kind] ?? slower[kind] ?? HOUSE_SECONDS);
  }, 0);
}
