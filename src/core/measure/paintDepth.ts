import type { Message } from '../told';
import { MM_PER_INCH } from './units';
import { inEnglish, say } from './words';

export type PaintUnit = 'um' | 'mil';

/** One mil is a thousandth of an inch: 25.4 µm exactly. */
export const UM_PER_MIL = MM_PER_INCH;

/** Coating thicker than this is beyond any gauge for cars. */
export const MAX_PAINT_UM = 5000;
/** A bare figure under this cannot be micrometres of a car's paint, and one over the other cannot be mil: people mix the two. */
const LEAST_BARE_UM = 20;
const MOST_BARE_MIL = 60;

export type PaintTyped =
  | { ok: true; um: number[]; unit: PaintUnit }
  | { ok: false; problem: 'empty' | 'not-a-reading' | 'not-more-than-0' | 'too-thick' | 'mixed' };

/**
 * Reads several readings typed in one go: "118 122 115", "5 5.5 4.5", "4.6 mil", "5 thou". Bare figures are in `unit`, unless only the other unit can
 * be meant. Returns micrometres and the unit they were taken in.
 */
export function parsePaint(text: string, unit: PaintUnit): PaintTyped {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/µm|μm|microns?|um/g, ' um ')
    .replace(/mils?|thou(?![a-z])/g, ' mil ');
  const words = clean.split(/[\s;/]+|,\s+/).filter(Boolean);
  if (words.length === 0) return { ok: false, problem: 'empty' };
  const units = new Set(words.filter((word) => word === 'um' || word === 'mil'));
  const figures = words.filter((word) => word !== 'um' && word !== 'mil');
  if (figures.length === 0) return { ok: false, problem: 'not-a-reading' };
  const values = figures.map((word) =>
    /^-?\d+(?:[.,]\d+)?$/.test(word) ? Number(word.replace(',', '.')) : Number.NaN,
  );
  if (values.some(Number.isNaN)) return { ok: false, problem: 'not-a-reading' };
  if (values.some((value) => value <= 0)) return { ok: false, problem: 'not-more-than-0' };
  if (units.size > 1) return { ok: false, problem: 'mixed' };
  const [named] = units as Set<PaintUnit>;
  const taken = named ?? unitMeant(values, unit);
  if (!taken) return { ok: false, problem: 'mixed' };
  const um = values.map((value) => Math.round(value * (taken === 'mil' ? UM_PER_MIL : 1) * 10) / 10);
  return um.some((value) => value > MAX_PAINT_UM)
    ? { ok: false, problem: 'too-thick' }
    : { ok: true, um, unit: taken };
}

function unitMeant(values: readonly number[], unit: PaintUnit): PaintUnit | undefined {
  const isOther = (value: number) => (unit === 'um' ? value < LEAST_BARE_UM : value > MOST_BARE_MIL);
  const other = unit === 'um' ? 'mil' : 'um';
  if (values.every(isOther)) return other;
  return values.some(isOther) ? undefined : unit;
}

export function paintProblemMessage(problem: Extract<PaintTyped, { ok: false }>['problem']): string {
  switch (problem) {
    case 'empty':
      return 'Type one or more readings, like 118 122 115 or 5 5.5 4.5.';
    case 'not-a-reading':
      return 'Zelk cannot read that. Type figures with spaces between, like 118 122 115 or 5 5.5 4.5 mil.';
    case 'not-more-than-0':
      return 'A paint reading is more than 0. If the gauge shows nothing, it is not over steel or aluminium.';
    case 'too-thick':
      return `More than ${MAX_PAINT_UM} µm is beyond any gauge for cars. Check the figure and the unit.`;
    case 'mixed':
      return 'Some of these look like µm and some like mil. Type them apart, with the unit behind.';
  }
}

/** "118 µm", "4.6 mil". */
export const paintDepthTold = (um: number, unit: PaintUnit): Message =>
  unit === 'um' ? say('paint.um', { um: Math.round(um) }) : say('paint.mil', { mil: um / UM_PER_MIL });
export const speakPaint = (um: number, unit: PaintUnit): string => inEnglish(paintDepthTold(um, unit));

/** "104 to 131 µm". */
export const paintRangeTold = (low: number, high: number, unit: PaintUnit): Message =>
  unit === 'um'
    ? say('paint.um.range', { low: Math.round(low), high: Math.round(high) })
    : say('paint.mil.range', { low: low / UM_PER_MIL, high: high / UM_PER_MIL });
