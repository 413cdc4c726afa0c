import type { Message } from '../told';
import { mmFrom32nds, thirtySecondsFromMm } from './units';
import { inEnglish, say } from './words';

/** A depth as spoken: a range is kept, and judged by its low end. Millimetres. */
export interface TreadDepth {
  lowMm: number;
  highMm: number;
}

export type TreadUnit = 'mm' | '32nds';

export type TreadReading =
  | { ok: true; depth: TreadDepth; unit: TreadUnit }
  | { ok: false; problem: 'empty' | 'not-a-depth' | 'negative' | 'too-deep'; limitMm: number };

/** Deeper than any road tyre, truck tyres included; more than this is a slip of the finger. */
export const MAX_TREAD_MM = 30;
/** Deeper than any tyre for cars and pick-ups, the coarsest cross-country ones (21/32 in) included. Common practice. */
export const MAX_CAR_TREAD_MM = 16.7;
/** Deeper than a car tyre is made: asked about, not refused. Common practice. */
export const NEW_CAR_TREAD_MM = 10;

/**
 * Reads a tread depth as people type it: "4", "3.5 mm", "4-5", "5/32", "5/32-6/32".
 * A bare number is in `unit`, the unit of the car's country. Deeper than `mostMm` is a slip of the finger.
 */
export function parseTread(text: string, unit: TreadUnit, mostMm = MAX_TREAD_MM): TreadReading {
  const clean = text.trim().toLowerCase().replace(/,/g, '.').replace(/\s+/g, '');
  const fail = (problem: Extract<TreadReading, { ok: false }>['problem']): TreadReading => ({
    ok: false,
    problem,
    limitMm: mostMm,
  });
  if (clean === '') return fail('empty');
  if (/^[-–]/.test(clean)) return fail('negative');
  const spoken = /^([\d.]+)(\/32)?(?:(?:-|–|to)([\d.]+)(\/32)?)?(mm|32nds?|in)?$/.exec(clean);
  if (!spoken) return fail('not-a-depth');
  const [, first, first32, second, second32, suffix] = spoken;
  const in32nds = Boolean(first32 ?? second32) || Boolean(suffix?.startsWith('32'));
  if (suffix === 'in' && !in32nds) return fail('not-a-depth');
  if (suffix === 'mm' && in32nds) return fail('not-a-depth');
  const used: TreadUnit = in32nds ? '32nds' : suffix === 'mm' ? 'mm' : unit;
  // Ten-thousandths of a millimetre: enough for exact 32nds, without the dust of binary fractions.
  const toMm = (value: number) => Math.round((used === 'mm' ? value : mmFrom32nds(value)) * 1e4) / 1e4;
  const ends = [Number(first), Number(second ?? first)].map(toMm);
  if (ends.some((end) => !Number.isFinite(end))) return fail('not-a-depth');
  const depth = { lowMm: Math.min(...ends), highMm: Math.max(...ends) };
  return depth.highMm > mostMm ? fail('too-deep') : { ok: true, depth, unit: used };
}

export function treadProblemMessage(reading: Extract<TreadReading, { ok: false }>): string {
  switch (reading.problem) {
    case 'empty':
      return 'Type a depth, for example 4, 3.5, 4-5 or 5/32.';
    case 'not-a-depth':
      return 'That is not a depth Zelk can read. Type it like 4, 3.5 mm, 4-5 or 5/32.';
    case 'negative':
      return 'A depth cannot be less than 0. Type it like 4, 3.5, 4-5 or 5/32.';
    case 'too-deep':
      return `No such tyre has more than ${reading.limitMm} mm of tread. Check the figure and the unit.`;
  }
}

/** "4 mm", "4 to 5 mm", "5/32 in". */
export const treadTold = (depth: TreadDepth, unit: TreadUnit): Message => depthTold(depth, unit, 1);
export const speakTread = (depth: TreadDepth, unit: TreadUnit): string => inEnglish(treadTold(depth, unit));

/** A depth that lies under a limit, with as many decimals as it takes to tell them apart: "1.59 mm", where 1.6 mm is asked. */
export function underTold(depthMm: number, limitMm: number, unit: TreadUnit): Message {
  // Depths are kept to ten-thousandths of a millimetre.
  const decimals =
    [1, 2, 3, 4].find((each) => inUnit(depthMm, unit, each) !== inUnit(limitMm, unit, each)) ?? 4;
  return depthTold({ lowMm: depthMm, highMm: depthMm }, unit, decimals);
}

const inUnit = (mm: number, unit: TreadUnit, decimals: number): number =>
  Number((unit === 'mm' ? mm : thirtySecondsFromMm(mm)).toFixed(decimals));

function depthTold({ lowMm, highMm }: TreadDepth, unit: TreadUnit, decimals: number): Message {
  const [low, high] = [inUnit(lowMm, unit, decimals), inUnit(highMm, unit, decimals)];
  return low === high ? say(`tread.${unit}`, { low }) : say(`tread.${unit}.range`, { low, high });
}
