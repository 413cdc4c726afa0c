import type { DistanceUnit } from '../car';
import type { Day } from './calendar';
import { readDayAndDistance } from './readDayAndDistance';
import type { ServiceEntry } from './serviceEntrySchema';
import { type Proof, type ServiceWork, serviceWorkIds, serviceWorks } from './serviceWorks';

export type ServiceReading =
  | {
      ok: true;
      entry: ServiceEntry /** What should be looked at before it is kept. */;
      doubts: readonly string[];
    }
  | { ok: false; says: string };

const proofWords: Readonly<Record<string, Proof>> = {
  stamp: 'stamp',
  stamped: 'stamp',
  invoice: 'invoice',
  bill: 'invoice',
  receipt: 'invoice',
  electronic: 'electronic',
  digital: 'electronic',
  online: 'electronic',
};
/** Words that join and say nothing. */
const joining: ReadonlySet<string> = new Set([
  'and',
  'at',
  'by',
  'with',
  'on',
  '&',
  '+',
  'the',
  'new',
  'changed',
  'done',
  'last',
  'replaced',
]);
/** Who did it, by the usual words; anything else before the work is taken for a name. */
const trades = [
  'main dealer',
  'dealer',
  'franchise',
  'independent',
  'specialist',
  'garage',
  'owner',
  'fleet workshop',
  'workshop',
];

const works: readonly (readonly [words: string, work: ServiceWork])[] = Object.entries(serviceWorks)
  .flatMap(([work, list]) => list.map((words) => [words, work as ServiceWork] as const))
  .sort((a, b) => b[0].length - a[0].length);

/**
 * Reads one line of a service record as people say it: "31.2k 04/2023 stamp main dealer oil, belt". Order does not matter; what is not
 * understood is kept as a note and asked about.
 */
export function parseService(
  line: string,
  unit: DistanceUnit,
  today: Day,
  monthFirst = false,
): ServiceReading {
  const read = readDayAndDistance(line, unit, today, monthFirst);
  if (!read.ok) return read;
  const { date, distance, doubts } = read;
  let { rest } = read;

  const found: ServiceWork[] = [];
  let lower = rest.toLowerCase();
  let firstWork = Number.POSITIVE_INFINITY;
  for (const [words, work] of works) {
    const match = new RegExp(`(?<![a-z])${words}(?![a-z])`).exec(lower);
    if (!match) continue;
    if (!found.includes(work)) found.push(work);
    firstWork = Math.min(firstWork, match.index);
    const blank = '\u0000'.repeat(match[0].length);
    lower = lower.slice(0, match.index) + blank + lower.slice(match.index + match[0].length);
    rest = rest.slice(0, match.index) + blank + rest.slice(match.index + match[0].length);
  }
  const proofWord = Object.keys(proofWords).find((word) =>
    new RegExp(`(?<![a-z])${word}(?![a-z])`).test(lower),
  );
  const withoutProof = proofWord
    ? rest.replace(new RegExp(`(?<![a-z])${proofWord}(?![a-z])`, 'i'), '')
    : rest;

  const trade = trades.find((words) => new RegExp(`(?<![a-z])${words}(?![a-z])`).test(lower));
  const words = (text: string) =>
    text
      .replaceAll('\u0000', ' ')
      .split(/[\s,;]+/)
      .filter((word) => word !== '' && !joining.has(word.toLowerCase()));
  const left = words(trade ? withoutProof.replace(new RegExp(trade, 'i'), '') : withoutProof);
  const name =
    firstWork === Number.POSITIVE_INFINITY
      ? []
      : // A bare figure is nobody's name.
        words(rest.slice(0, firstWork)).filter((word) => left.includes(word) && !/^\d+$/.test(word));
  const unread = left.filter((word) => !name.includes(word));
  const who = [trade, name.join(' ')].filter(Boolean).join(', ');
  // A small bare figure was asked about already, as a distance.
  const unasked = unread.filter((word) => word !== read.small);
  if (unasked.length > 0) doubts.push(`What is “${unasked.join(' ')}”? It is kept as a note.`);
  if (found.length === 0) doubts.push('What was done is not said.');
  if (!proofWord) doubts.push('No proof is named: kept as “said only”.');
  return {
    ok: true,
    entry: {
      ...(date && { day: date.day, ...(date.isMonthOnly && { isMonthOnly: true }) }),
      ...(distance !== undefined && { distance }),
      proof: proofWord ? (proofWords[proofWord] as Proof) : 'said',
      ...(who && { who }),
      works: serviceWorkIds.filter((work) => found.includes(work)),
      ...(unread.length > 0 && { note: unread.join(' ') }),
    },
    doubts,
  };
}
