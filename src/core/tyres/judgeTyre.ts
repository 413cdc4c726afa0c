import { type TreadDepth, type TreadUnit, treadTold, underTold } from '../measure';
import { listed, type Message, starting, type Text } from '../told';
import { say } from './say';

/** Depths as they were measured: once for the whole tyre, or by thirds, of which some may be missing. */
export interface MeasuredThirds {
  whole?: TreadDepth;
  /** Away from the car. */
  outer?: TreadDepth;
  centre?: TreadDepth;
  inner?: TreadDepth;
}

/** What there is of a tyre's depths, as it is judged: what was not measured is taken to be as its neighbour. */
export function asThirds({ whole, outer, centre, inner }: MeasuredThirds): TreadThirds | undefined {
  const middle = centre ?? whole ?? outer ?? inner;
  return middle && { centre: middle, ...(outer && { outer }), ...(inner && { inner }) };
}

/** Depths of the three thirds; the outer one is away from the car. One figure alone stands for all. */
export interface TreadThirds {
  outer?: TreadDepth;
  centre: TreadDepth;
  inner?: TreadDepth;
}

export type WearPattern = 'even' | 'outer-edge' | 'inner-edge' | 'both-edges' | 'centre';

/** Common practice: a difference over this across one tyre means something. */
const UNEVEN_MM = 1.5;
/** Common practice: below this one says that it will need replacing soon. */
const SOON_MM = 3;
/** Common practice, years. */
const OLD_YEARS = { say: 6, replace: 10 } as const;

const low = (depth: TreadDepth) => depth.lowMm;

/** The depth a tyre is judged by: the low end of its lowest third. */
export const lowestMm = ({ outer, centre, inner }: TreadThirds): number =>
  Math.min(low(centre), low(outer ?? centre), low(inner ?? centre));

/** Where it has worn, by the low ends of its thirds; even when measured once. */
export function wearPattern({ outer, centre, inner }: TreadThirds): WearPattern {
  const [o, c, i] = [low(outer ?? centre), low(centre), low(inner ?? centre)];
  // Worn in the centre only when both edges stand above it: one alone is a slope across the tyre.
  if (Math.min(o, i) - c >= UNEVEN_MM) return 'centre';
  if (c - Math.max(o, i) >= UNEVEN_MM) return 'both-edges';
  const rest = (edge: number, other: number) => Math.max(c, other) - edge >= UNEVEN_MM;
  if (rest(o, i)) return 'outer-edge';
  if (rest(i, o)) return 'inner-edge';
  return 'even';
}

export const tyreFlags = [
  'cracks',
  'bulge',
  'cord',
  'cut',
  'repair',
  'retread',
  'run-flat',
  'new',
  'odd',
] as const;
export type TyreFlag = (typeof tyreFlags)[number];
/** With one of these it must not be driven until someone qualified has looked. */
const dangerous: ReadonlySet<TyreFlag> = new Set(['bulge', 'cord']);
export const isDangerous = (flags: readonly TyreFlag[]): boolean => flags.some((flag) => dangerous.has(flag));

/** What is a fault among the flags, worst first. */
const faults = ['cord', 'bulge', 'cracks', 'cut'] as const satisfies readonly TyreFlag[];
/** The faults among what was seen on a tyre, worst first. */
export const tyreFaults = (flags: readonly TyreFlag[]): Message[] =>
  faults.filter((fault) => flags.includes(fault)).map((fault) => say(`tyreFault.${fault}`));

/** What was seen on a tyre that is no fault and yet told. */
export const tyreMarks = (flags: readonly TyreFlag[]): Message[] =>
  flags.flatMap((flag) =>
    flag === 'repair' || flag === 'run-flat' || flag === 'new' || flag === 'odd'
      ? [say(`tyreFlag.${flag}`)]
      : [],
  );

export interface TyreFacts {
  thirds: TreadThirds;
  ageMonths?: number;
  flags?: readonly TyreFlag[];
}

export interface TyreVerdict {
  isLegal: boolean;
  /** Replace now; within the year; or go on. */
  when: 'now' | 'soon' | 'later';
  mayBeDriven: boolean;
  /** What decides, in a word; absent when it may go on. */
  because?: 'tread' | 'age' | 'damage';
  /** Why, one by one. */
  reasons: readonly Text[];
}

/** What is to be done about a tyre, under a limit in millimetres, with its reasons spoken in a unit. */
export function judgeTyre(
  { thirds, ageMonths, flags = [] }: TyreFacts,
  limitMm: number,
  unit: TreadUnit = 'mm',
): TyreVerdict {
  const spoken = (mm: number) => treadTold({ lowMm: mm, highMm: mm }, unit);
  const depth = lowestMm(thirds);
  const isLegal = depth >= limitMm - 1e-9;
  const years = ageMonths === undefined ? undefined : ageMonths / 12;
  const danger = flags.filter((flag) => dangerous.has(flag));
  const pattern = wearPattern(thirds);
  const isTooOld = years !== undefined && years > OLD_YEARS.replace;
  const isOld = years !== undefined && years > OLD_YEARS.say;
  const reasons = [
    ...(isLegal
      ? []
      : [say('tyre.under', { left: underTold(depth, limitMm, unit), limit: spoken(limitMm) })]),
    ...tyreFaults(danger),
    ...(isTooOld
      ? [say('tyre.tooOld', { years: Math.floor(years) })]
      : isOld
        ? [say('tyre.old', { years: Math.floor(years) })]
        : []),
    ...(isLegal && depth < SOON_MM ? [say('tyre.soon', { left: spoken(depth) })] : []),
    // Usual causes: common practice.
    ...(pattern === 'even' ? [] : [say(`wear.${pattern}`)]),
    ...tyreFaults(flags.filter((flag) => !dangerous.has(flag))),
    ...(flags.includes('retread') ? [say('tyre.lookAtRetread')] : []),
  ];
  const isDamaged = flags.includes('cracks') || flags.includes('cut');
  const now = !isLegal || danger.length > 0 || isTooOld;
  const soon = depth < SOON_MM || isOld || isDamaged;
  const because = now
    ? becauseOf(!isLegal, danger.length > 0)
    : soon
      ? becauseOf(depth < SOON_MM, isDamaged)
      : undefined;
  return {
    isLegal,
    when: now ? 'now' : soon ? 'soon' : 'later',
    mayBeDriven: isLegal && danger.length === 0,
    ...(because && { because }),
    reasons,
  };
}

const becauseOf = (isTread: boolean, isDamage: boolean) => (isTread ? 'tread' : isDamage ? 'damage' : 'age');

/** Share of its life left, 0..1: (depth − limit) ÷ (new − limit). Common practice. */
export function shareLeft(depthMm: number, newMm: number, limitMm: number): number {
  if (newMm <= limitMm) return 0;
  return Math.max(0, Math.min(1, (depthMm - limitMm) / (newMm - limitMm)));
}

/** Less wear than this says nothing of the rate. */
const LEAST_WORN_MM = 0.5;

/**
 * Distance left, in the unit of `since`, as a range: at the rate it has worn since it was fitted, by the two ends of its reading. Undefined
 * when hardly anything has worn.
 */
export function distanceLeft(
  depth: TreadDepth,
  newMm: number,
  limitMm: number,
  since: number,
): { low: number; high: number } | undefined {
  const at = (mm: number) => {
    const worn = newMm - mm;
    return worn < LEAST_WORN_MM ? undefined : (Math.max(0, mm - limitMm) / worn) * since;
  };
  const [a, b] = [at(depth.lowMm), at(depth.highMm)];
  return a === undefined || b === undefined || !(since > 0) ? undefined : { low: a, high: b };
}

/** "Two to replace now, one within the year; one not read"; what is in order is said too. `of` is how many there are. */
export function tyreSummary(verdicts: readonly Pick<TyreVerdict, 'when'>[], of = verdicts.length): Text {
  const read = verdicts.length;
  if (read === 0) return starting(say('tyres.noneRead'));
  const count = (when: TyreVerdict['when']) => verdicts.filter((verdict) => verdict.when === when).length;
  const [now, soon] = [count('now'), count('soon')];
  const due =
    now + soon === 0
      ? say('tyres.inOrder', { n: read })
      : listed('comma', [
          now > 0 ? say('tyres.now', { n: now }) : undefined,
          soon > 0 ? say('tyres.soon', { n: soon }) : undefined,
        ]);
  return starting(listed('semicolon', [due, of > read ? say('tyres.unread', { n: of - read }) : undefined]));
}
