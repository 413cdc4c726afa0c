import {
  inchesFromMm,
  kmFromMiles,
  MM_PER_INCH,
  milesFromKm,
  mmFrom32nds,
  speakDistance,
  thirtySecondsFromMm,
  UM_PER_MIL,
} from '../../measure';
import type { ReportDocument } from '../reportDocument';

/** Units a reader thinks in: how far, and how large. */
export const readersUnits = ['miles-mm', 'km-mm', 'miles-in'] as const;
export type ReadersUnits = (typeof readersUnits)[number];

/** Units of a reader by the language their device is set to ("en-GB"); undefined where it names no country. */
export function unitsOfLanguage(language: string): ReadersUnits | undefined {
  const country = /-([A-Z]{2})\b/i.exec(language)?.[1]?.toUpperCase();
  if (!country) return undefined;
  if (country === 'US') return 'miles-in';
  return country === 'GB' ? 'miles-mm' : 'km-mm';
}

/** What people said in their own words, and what is no measure. */
const asSaid: ReadonlySet<string> = new Set([
  'note',
  'yard',
  'car',
  'signedBy',
  'title',
  'bodyStyleName',
  'rule',
  'law',
]);
/** In here depths of tread stand, which inches count in 32nds. */
const ofTread: ReadonlySet<string> = new Set(['tyres', 'treads']);

/**
 * A report as a reader of other units sees it: behind each measure that is not told in theirs stands the same in theirs, in brackets. Nothing that was written is
 * changed, and what people said in their own words is left alone.
 */
export const withReadersUnits = (report: ReportDocument, units: ReadersUnits): ReportDocument =>
  deeply(report, units, false) as ReportDocument;

function deeply(value: unknown, units: ReadersUnits, isTread: boolean): unknown {
  if (typeof value === 'string') return alsoIn(value, units, isTread);
  if (Array.isArray(value)) return value.map((each) => deeply(each, units, isTread));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [
      key,
      asSaid.has(key) ? each : deeply(each, units, isTread || ofTread.has(key)),
    ]),
  );
}

const FIGURE = String.raw`(\d[\d,]*(?:\.\d+)?)`;
/** A figure or a range with its unit, unless the same stands behind it in brackets, or it is itself what stands there. */
const measure = (unit: string) =>
  new RegExp(String.raw`(?<![\d.,/(])(?:${FIGURE} to )?${FIGURE} ${unit}\b(?! \()`, 'g');
const patterns = {
  mi: measure('miles?'),
  km: measure('km'),
  mm: measure('mm'),
  in32: /(?<![\d.,(])(?:(\d+(?:\.\d+)?)\/32 to )?(\d+(?:\.\d+)?)\/32 in\b(?! \()/g,
  um: measure('µm'),
  mil: measure('mil'),
};

/** A text with each measure told in the other units too: "46 mm" → "46 mm (1.8 in)". `isTread`: inches are counted in 32nds. */
export function alsoIn(text: string, units: ReadersUnits, isTread = false): string {
  const [far, large] = units.split('-');
  const add = (said: string, pattern: RegExp, speak: (low: number | undefined, high: number) => string) =>
    said.replace(pattern, (whole, low: string | undefined, high: string) => {
      const told = speak(low === undefined ? undefined : numberOf(low), numberOf(high));
      return `${whole} (${told})`;
    });
  const range = (one: (value: number) => string, unit: string) => (low: number | undefined, high: number) =>
    low === undefined ? `${one(high)} ${unit}` : `${one(low)} to ${one(high)} ${unit}`;
  let said = text;
  if (far === 'km')
    said = add(
      said,
      patterns.mi,
      range((miles) => speakDistance(kmFromMiles(miles), 'km').replace(' km', ''), 'km'),
    );
  else
    said = add(
      said,
      patterns.km,
      range((km) => speakDistance(milesFromKm(km), 'mi').replace(' miles', ''), 'miles'),
    );
  if (large === 'in') {
    said = isTread
      ? add(
          said,
          patterns.mm,
          range((mm) => thirtySeconds(mm), 'in'),
        )
      : add(said, patterns.mm, range(inches, 'in'));
    return add(
      said,
      patterns.um,
      range((um) => (um / UM_PER_MIL).toFixed(1), 'mil'),
    );
  }
  said = add(
    said,
    patterns.in32,
    range((parts) => mmFrom32nds(parts).toFixed(1), 'mm'),
  );
  return add(
    said,
    patterns.mil,
    range((mil) => String(Math.round(mil * UM_PER_MIL)), 'µm'),
  );
}

const numberOf = (figure: string): number => Number(figure.replaceAll(',', ''));

/** One decimal of an inch, two of what is smaller than a finger is wide. */
const inches = (mm: number): string => String(Number(inchesFromMm(mm).toFixed(mm < MM_PER_INCH / 2 ? 2 : 1)));

/** With a decimal: 1.4 mm is less than the 2/32 in that many laws ask for, and must not be rounded up to it. */
const thirtySeconds = (mm: number): string => `${Number(thirtySecondsFromMm(mm).toFixed(1))}/32`;
