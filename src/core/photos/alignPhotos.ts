import type { PartId } from '../car';

/** A stay at a part, as the log tells it: from reaching the stop to reaching the next one. Milliseconds since 1970, Zelk's clock. */
export interface Visit {
  part: PartId;
  fromMs: number;
  untilMs: number;
  /** Findings noted during it, with when. */
  findings: readonly { id: string; atMs: number }[];
}

export interface TimedPhoto {
  id: string;
  /** When it was taken, camera's clock. */
  takenMs: number;
}

/** Why a photo was put where it is, in facts: words are made elsewhere. */
export type PlacingReason =
  /** Taken while standing there. */
  | { code: 'during'; secondsIn: number }
  /** Taken a little before or after, nearest to this visit. */
  | { code: 'before'; seconds: number }
  | { code: 'after'; seconds: number }
  /** In one burst with photos placed there. */
  | { code: 'burst' };

export interface PlacedPhoto {
  photo: string;
  visit: number;
  part: PartId;
  finding?: string;
  /** 0..1: how much worse the next best place would be. */
  confidence: number;
  reason: PlacingReason;
}

/** A photo so far outside a visit costs one point. Common practice: people tap some seconds before or after they shoot. */
const SECONDS_A_POINT = 6;
/** Photos closer together than this belong to one burst; parting them costs up to so many points. */
const BURST_S = 4;
const PARTING_POINTS = 1.5;
/** A finding is noted within this of its photos. */
const FINDING_S = 45;
/** Points of difference that make a placing as good as certain. */
const SURE_POINTS = 3;

/**
 * The camera's offset from Zelk's clock, milliseconds: what to add to the camera's times. From one photo known to be taken at a known moment.
 */
export const clockOffset = (takenMs: number, trulyMs: number): number => trulyMs - takenMs;

/**
 * Places photos along a walk by time alone: every photo gets the visit, so that a later photo never lies at an earlier visit, and the
 * points for lying outside visits and for parting bursts are the fewest possible. Dynamic programming, photos × visits. Photos may
 * come in any order; the answer is in order of time.
 */
export function alignPhotos(
  photos: readonly TimedPhoto[],
  visits: readonly Visit[],
  offsetMs: number,
): PlacedPhoto[] {
  const order = photos
    .map((photo) => ({ id: photo.id, atMs: photo.takenMs + offsetMs }))
    .sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1));
  if (order.length === 0 || visits.length === 0) return [];
  const cost = order.map(({ atMs }) => visits.map((visit) => outside(visit, atMs) / SECONDS_A_POINT));
  const parting = partingOf(order.map(({ atMs }) => atMs));
  const onward = sweep(cost, parting);
  const back = sweep(
    cost.toReversed().map((row) => row.toReversed()),
    // Going back, the price of parting stands at the photo one comes from.
    [0, ...parting.slice(1).toReversed()],
  )
    .toReversed()
    .map((row) => row.toReversed());
  const through = onward.map((row, i) =>
    row.map((sum, j) => sum + (back[i]?.[j] as number) - (cost[i]?.[j] as number)),
  );
  const path = pathOf(onward, cost, parting);
  return order.map(({ id, atMs }, i): PlacedPhoto => {
    const at = path[i] as number;
    const visit = visits[at] as Visit;
    const row = through[i] as number[];
    const best = row[at] as number;
    const second = row.reduce(
      (least, sum, j) => (j === at ? least : Math.min(least, sum)),
      Number.POSITIVE_INFINITY,
    );
    const finding = nearestFinding(visit, atMs);
    return {
      photo: id,
      visit: at,
      part: visit.part,
      ...(finding && { finding }),
      confidence: visits.length === 1 ? 1 : Math.min(1, Math.max(0, (second - best) / SURE_POINTS)),
      reason: reasonOf(visit, atMs, Math.min(...(cost[i] as number[])) < (cost[i]?.[at] as number)),
    };
  });
}

/** Offsets tried between the ends of a visit. */
const TRIES = 61;

/**
 * The camera's offset when one photo is known to be of one visit: of all offsets that put it inside the visit, the one under which all
 * the photos together lie best along the walk; of several equally good ones the middle. Milliseconds to add to the camera's times.
 */
export function fitClock(
  photos: readonly TimedPhoto[],
  visits: readonly Visit[],
  known: Pick<TimedPhoto, 'takenMs'>,
  visit: Visit,
): number {
  const order = photos.toSorted((a, b) => a.takenMs - b.takenMs);
  const tried = Array.from({ length: TRIES }, (_, i) => {
    const offsetMs = visit.fromMs + ((visit.untilMs - visit.fromMs) * i) / (TRIES - 1) - known.takenMs;
    return { offsetMs, points: leastPoints(order, visits, offsetMs) };
  });
  const least = Math.min(...tried.map(({ points }) => points));
  const best = tried.filter(({ points }) => points <= least + 1e-6);
  return Math.round((best[Math.floor((best.length - 1) / 2)] as { offsetMs: number }).offsetMs);
}

function leastPoints(order: readonly TimedPhoto[], visits: readonly Visit[], offsetMs: number): number {
  if (order.length === 0 || visits.length === 0) return 0;
  const cost = order.map(({ takenMs }) =>
    visits.map((visit) => outside(visit, takenMs + offsetMs) / SECONDS_A_POINT),
  );
  return Math.min(...(sweep(cost, partingOf(order.map(({ takenMs }) => takenMs))).at(-1) as number[]));
}

/** What parting each photo from the one before it costs. */
const partingOf = (times: readonly number[]): number[] =>
  times.map((atMs, i) =>
    i === 0 ? 0 : PARTING_POINTS * Math.exp(-(atMs - (times[i - 1] as number)) / 1000 / BURST_S),
  );

/** Seconds between a moment and a visit; 0 during it. */
function outside({ fromMs, untilMs }: Visit, atMs: number): number {
  if (atMs < fromMs) return (fromMs - atMs) / 1000;
  return atMs > untilMs ? (atMs - untilMs) / 1000 : 0;
}

/** Fewest points up to each photo, by the visit it lies at. */
function sweep(cost: readonly (readonly number[])[], parting: readonly number[]): number[][] {
  const sums: number[][] = [];
  for (const [i, row] of cost.entries()) {
    const before = sums[i - 1];
    let least = Number.POSITIVE_INFINITY;
    sums.push(
      row.map((points, j) => {
        if (!before) return points;
        const stay = before[j] as number;
        const come = least + (parting[i] as number);
        least = Math.min(least, stay);
        return points + Math.min(stay, come);
      }),
    );
  }
  return sums;
}

function pathOf(
  sums: readonly (readonly number[])[],
  cost: readonly (readonly number[])[],
  parting: readonly number[],
): number[] {
  const path = new Array<number>(sums.length);
  const last = sums[sums.length - 1] as readonly number[];
  let at = last.reduce((best, sum, j) => (sum < (last[best] as number) ? j : best), 0);
  for (let i = sums.length - 1; i >= 0; i--) {
    path[i] = at;
    const before = sums[i - 1];
    if (!before) break;
    const owed = (sums[i]?.[at] as number) - (cost[i]?.[at] as number);
    // Staying, unless coming from an earlier visit was cheaper.
    if ((before[at] as number) <= owed + 1e-9) continue;
    for (let j = at - 1; j >= 0; j--)
      if ((before[j] as number) + (parting[i] as number) <= owed + 1e-9) {
        at = j;
        break;
      }
  }
  return path;
}

function nearestFinding({ findings }: Visit, atMs: number): string | undefined {
  let best: { id: string; far: number } | undefined;
  for (const { id, atMs: noted } of findings) {
    const far = Math.abs(noted - atMs) / 1000;
    if (far <= FINDING_S && (!best || far < best.far)) best = { id, far };
  }
  return best?.id;
}

function reasonOf(visit: Visit, atMs: number, isPulled: boolean): PlacingReason {
  if (isPulled) return { code: 'burst' };
  if (atMs < visit.fromMs) return { code: 'before', seconds: Math.round((visit.fromMs - atMs) / 1000) };
  if (atMs > visit.untilMs) return { code: 'after', seconds: Math.round((atMs - visit.untilMs) / 1000) };
  return { code: 'during', secondsIn: Math.round((atMs - visit.fromMs) / 1000) };
}
