import { MM_PER_INCH } from '../measure';
import { HIGHEST_LOAD_INDEX, LOWEST_LOAD_INDEX, loadOf, speedOf } from './loadAndSpeed';

/** What is written on a tyre’s side. */
export interface TyreSize {
  /** As people write it: "225/45R17 94W". */
  text: string;
  widthMm: number;
  /** Height of the side in per cent of the width; not written on every truck tyre. */
  aspect?: number;
  construction: 'radial' | 'diagonal';
  rimIn: number;
  /** Over the tread, new, millimetres; undefined where the height of the side is not written. */
  diameterMm?: number;
  loadIndex?: number;
  /** Of a tyre in a pair of twins. */
  twinLoadIndex?: number;
  loadKg?: number;
  twinLoadKg?: number;
  speedSymbol?: string;
  speedKmh?: number;
}

export type TyreSizeReading =
  | { ok: true; size: TyreSize }
  | { ok: false; problem: 'empty' | 'not-a-size' | 'no-such-rim' | 'no-such-load' | 'no-such-speed' };

const METRIC = /^(?:P|LT|ST|T|HL)?(\d{3})\/(\d{2,3})(ZRF|ZR|RF|R|D|B|-)(\d{2}(?:\.5)?)(?:C|LT|CP)?$/;
/** Without the height of the side, which is then about 82 % of the width: "195R14C", "155R13". From memory. */
const FULL = /^(\d{3})(R|-)(\d{2})(?:C|CP)?$/;
const FULL_ASPECT = 82;
const INCHES = /^(\d{1,2}(?:\.\d{1,2})?)(R|-)(\d{2}(?:\.5)?)(?:C|LT)?$/;
const FLOTATION = /^(?:LT)?(\d{2}(?:\.\d)?)X(\d{1,2}(?:\.\d{1,2})?)(R|-)(\d{2}(?:\.5)?)(?:LT)?$/;
const SERVICE = /^\(?(\d{2,3})(?:\/(\d{2,3}))?([A-Z])\)?$/;

/**
 * Reads a tyre size as people type it: "225/45R17 94W", "225 45 17", "LT265/70R17 121/118S", "315/80R22.5 156/150L", "11R22.5",
 * "31x10.50R15". Says which figure to look at again.
 */
export function parseTyreSize(text: string): TyreSizeReading {
  const clean = text.trim().toUpperCase().replace(/,/g, '.').replace(/\s+/g, ' ');
  if (clean === '') return { ok: false, problem: 'empty' };
  // "225 45 17" and "225/45 R 17" are as good as what is moulded.
  const joined = clean
    .replace(
      /^([A-Z]*\d{3})[ /](\d{2,3}) (ZRF|ZR|RF|R)?(\d{2}(?:\.5)?)(?=[A-Z]|\b)/,
      (_, width, aspect, r, rim) => `${width}/${aspect}${r ?? 'R'}${rim}`,
    )
    // What carries a load and a speed stands together: "91 V", "(91V)", "121/118 S".
    .replace(/(\d{2,3}(?:\/\d{2,3})?) ([A-Z])(?= |$|\))/, '$1$2')
    .replace(/ ?\/ ?/g, '/')
    .replace(/ ?(ZRF|ZR|RF|R|-) ?(?=\d{2})/, '$1')
    .replace(/(?<=\d) ?X ?(?=\d)/, 'X');
  const [code = '', ...rest] = joined.split(' ');
  const shape = shapeOf(code);
  if (!shape) return { ok: false, problem: 'not-a-size' };
  if (shape.rimIn < 8 || shape.rimIn > 30) return { ok: false, problem: 'no-such-rim' };
  const service = rest.map((word) => SERVICE.exec(word)).find((match) => match !== null);
  if (!service) return { ok: true, size: { text: text.trim(), ...shape } };
  const [, index, twin, symbol] = service as unknown as [string, string, string | undefined, string];
  const [loadIndex, twinLoadIndex] = [Number(index), twin === undefined ? undefined : Number(twin)];
  if ([loadIndex, twinLoadIndex ?? loadIndex].some((i) => i < LOWEST_LOAD_INDEX || i > HIGHEST_LOAD_INDEX))
    return { ok: false, problem: 'no-such-load' };
  const speedKmh = speedOf(symbol);
  if (speedKmh === undefined) return { ok: false, problem: 'no-such-speed' };
  return {
    ok: true,
    size: {
      text: text.trim(),
      ...shape,
      loadIndex,
      loadKg: loadOf(loadIndex) as number,
      ...(twinLoadIndex !== undefined && { twinLoadIndex, twinLoadKg: loadOf(twinLoadIndex) as number }),
      speedSymbol: symbol,
      speedKmh,
    },
  };
}

type Shape = Pick<TyreSize, 'widthMm' | 'aspect' | 'construction' | 'rimIn' | 'diameterMm'>;

function shapeOf(code: string): Shape | undefined {
  const construction = (mark: string | undefined) => (mark?.includes('R') ? 'radial' : 'diagonal');
  const metric = METRIC.exec(code);
  if (metric) {
    const [widthMm, aspect, rimIn] = [Number(metric[1]), Number(metric[2]), Number(metric[4])];
    // Twice the side, which is a share of the width, round the rim.
    const diameterMm = Math.round((rimIn * MM_PER_INCH + (2 * widthMm * aspect) / 100) * 10) / 10;
    return { widthMm, aspect, construction: construction(metric[3]), rimIn, diameterMm };
  }
  const full = FULL.exec(code);
  if (full) {
    const [widthMm, rimIn] = [Number(full[1]), Number(full[3])];
    const diameterMm = Math.round((rimIn * MM_PER_INCH + (2 * widthMm * FULL_ASPECT) / 100) * 10) / 10;
    return { widthMm, construction: construction(full[2]), rimIn, diameterMm };
  }
  const flotation = FLOTATION.exec(code);
  if (flotation) {
    const [across, wide] = [Number(flotation[1]) * MM_PER_INCH, Number(flotation[2]) * MM_PER_INCH];
    return {
      widthMm: Math.round(wide),
      construction: construction(flotation[3]),
      rimIn: Number(flotation[4]),
      diameterMm: Math.round(across * 10) / 10,
    };
  }
  const inches = INCHES.exec(code);
  if (!inches) return undefined;
  return {
    widthMm: Math.round(Number(inches[1]) * MM_PER_INCH),
    construction: construction(inches[2]),
    rimIn: Number(inches[3]),
  };
}

export function tyreSizeProblemMessage(problem: Extract<TyreSizeReading, { ok: false }>['problem']): string {
  switch (problem) {
    case 'empty':
      return 'Type the size as it stands on the side, for example 225/45R17 94W.';
    case 'not-a-size':
      return 'That is not a tyre size Zelk can read. Type it like 225/45R17 94W, 315/80R22.5 or 31x10.50R15.';
    case 'no-such-rim':
      return 'Road wheels are 8 to 30 inches across. Check the last figure of the size.';
    case 'no-such-load':
      return `A load index lies between ${LOWEST_LOAD_INDEX} and ${HIGHEST_LOAD_INDEX}. Check the figure after the size.`;
    case 'no-such-speed':
      return 'There is no such speed symbol. Check the letter after the load index.';
  }
}
