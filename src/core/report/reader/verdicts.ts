import { type Vocabulary, vocabularyOf } from '../../car';
import { type Area, heaviest, type Weight, weights } from '../../judged';
import { sentence, withinSentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';

/** What a reader asks first, each a chapter of the page. */
export type ReaderArea = Area;

export interface Verdict {
  area: ReaderArea;
  weight: Weight;
  name: string;
  /** A figure, short: "2 of 4", "34", "none". */
  figure: string;
  /** What the figure means, in a sentence without its stop. */
  says: string;
}

const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** Six short verdicts of a report, the worst first; of equals in the order of `areas`. Facts of the document alone: the same document gives the same. */
export function verdictsOf(report: ReportDocument): Verdict[] {
  const vocabulary = vocabularyOf(report.car);
  const all = [
    body(report),
    tyres(report, vocabulary),
    paint(report),
    works(report),
    papers(report),
    notSeen(report),
  ].map((verdict) => withJudged(verdict, report));
  return all.toSorted((a, b) => weights.indexOf(a.weight) - weights.indexOf(b.weight));
}

type Judged = NonNullable<ReportDocument['judged']>[number];

/** What the sentence of an area counts or names already. */
const told: Readonly<Record<ReaderArea, ReadonlySet<string>>> = {
  body: new Set(['finding']),
  tyres: new Set(),
  paint: new Set(['paint']),
  works: new Set(),
  papers: new Set(['ask']),
  'not-seen': new Set(),
};
/** What was found in an area is called. */
const NOUNS: Readonly<Record<ReaderArea, string>> = {
  body: 'finding',
  tyres: 'fault',
  paint: 'sign',
  works: 'fault',
  papers: 'question',
  'not-seen': 'part',
};
/** So many are named before the rest is counted. */
const NAMED = 3;

/** A verdict as heavy as what was judged, and naming what its sentence does not. Reports frozen by an earlier Zelk have no judgements, and keep their verdicts. */
function withJudged(verdict: Verdict, { judged = [] }: ReportDocument): Verdict {
  const here = judged.filter(({ area }) => area === verdict.area);
  if (here.length === 0) return verdict;
  const weight = heaviest(
    here.map((each) => each.weight),
    verdict.weight,
  );
  const untold = here.filter(({ of }) => !told[verdict.area].has(of));
  if (untold.length === 0) return { ...verdict, weight };
  const named = namedOf(untold);
  // What says that nothing was found gives way to what was; faults of a drive or a morning are faults like others.
  const isEmpty = verdict.weight === 'plain' || verdict.weight === 'unknown';
  const isCounted = verdict.area === 'works' || (isEmpty && here.length === untold.length);
  const figure = isCounted ? count(here.length, NOUNS[verdict.area]) : verdict.figure;
  const rest = isEmpty ? restOf(verdict) : verdict.says;
  return { ...verdict, weight, figure, says: [named, rest].filter(Boolean).join('; ') };
}

function namedOf(untold: readonly Judged[]): string {
  const first = untold
    .toSorted((a, b) => weights.indexOf(a.weight) - weights.indexOf(b.weight))
    .slice(0, NAMED);
  const more = untold.length - first.length;
  return [...first.map(({ says }) => says), ...(more > 0 ? [`${more} more`] : [])].join('; ');
}

/** Of a sentence that nothing was found, what it says was looked at. */
const restOf = ({ weight, says }: Verdict): string | undefined => (weight === 'unknown' ? says : undefined);

function body({ findings, parts }: ReportDocument): Verdict {
  const of = (distance: string) => findings.filter(({ notice }) => notice === distance).length;
  const [far, step, near] = [of('across-the-bay'), of('one-step-back'), of('up-close')];
  const unsaid = findings.length - far - step - near;
  const seen = parts.filter(({ status }) => status !== 'not-looked-at' && status !== 'not-seen').length;
  const name = 'Body and cabin';
  if (seen === 0 && findings.length === 0)
    return { area: 'body', weight: 'unknown', name, figure: 'not seen', says: 'no part was looked at' };
  // Of what was not looked at nothing is known, whatever the rest is like.
  if (findings.length === 0 && seen < parts.length)
    return {
      area: 'body',
      weight: 'unknown',
      name,
      figure: 'none found',
      says: `no finding on the ${seen} of ${parts.length} parts that were looked at`,
    };
  if (findings.length === 0)
    return {
      area: 'body',
      weight: 'plain',
      name,
      figure: 'none found',
      says: 'no finding on what was looked at',
    };
  const says = [
    far > 0 && `${far} noticed from across the bay`,
    step > 0 && `${step} from one step back`,
    near > 0 && `${near} only up close`,
    unsaid > 0 && `${unsaid} with no distance noted`,
  ].filter(Boolean);
  return {
    area: 'body',
    weight: far + step + unsaid > 0 ? 'look' : 'plain',
    name,
    figure: count(findings.length, 'finding'),
    says: says.join(', '),
  };
}

function tyres({ tyres: read }: ReportDocument, vocabulary: Vocabulary): Verdict {
  const name = vocabulary === 'us' ? 'Tires' : 'Tyres';
  const rows = (read?.rows ?? []).filter(({ whole, outer, centre, inner, when }) =>
    [whole, outer, centre, inner, when ?? ''].some((each) => each !== ''),
  );
  if (rows.length === 0)
    return { area: 'tyres', weight: 'unknown', name, figure: 'not read', says: 'no tread was measured' };
  const unread = (read?.rows.length ?? 0) - rows.length;
  const rest = unread > 0 ? `, ${unread} not read` : '';
  const of = (when: string) => rows.filter((row) => row.when === when).length;
  const [now, soon] = [of('now'), of('soon')];
  const isUnsafe = rows.some(({ mayBeDriven }) => !mayBeDriven);
  if (now + soon === 0)
    return {
      area: 'tyres',
      weight: 'plain',
      name,
      figure: 'none due',
      says: `of ${rows.length} read, none is due within the year${rest}`,
    };
  return {
    area: 'tyres',
    weight: isUnsafe ? 'stop' : 'look',
    name,
    figure: now > 0 ? `${now} now` : `${soon} soon`,
    says: `${[
      now > 0 && `${now} of ${rows.length} read to be replaced now`,
      soon > 0 && `${soon} ${now > 0 ? '' : `of ${rows.length} read to be replaced `}within the year`,
    ]
      .filter(Boolean)
      .join(', ')}${rest}`,
  };
}

function paint({ paint: read }: ReportDocument): Verdict {
  const name = 'Paint';
  const rows = (read?.rows ?? []).filter(({ um }) => um.length > 0);
  if (rows.length === 0)
    return {
      area: 'paint',
      weight: 'unknown',
      name,
      figure: 'not read',
      says: 'no paint depth was measured',
    };
  const of = (...wanted: string[]) => rows.filter((row) => wanted.includes(row.class)).length;
  const [far, thick, thin] = [of('far-thicker'), of('thicker', 'local-repair'), of('thin')];
  // A reading or two have nothing to stand apart from.
  if (rows.every(({ ratio }) => ratio === undefined))
    return {
      area: 'paint',
      weight: 'unknown',
      name,
      figure: count(rows.length, 'panel'),
      says: `${count(rows.length, 'panel')} read, too few to tell one from the others`,
    };
  if (far + thick + thin === 0)
    return {
      area: 'paint',
      weight: 'plain',
      name,
      figure: count(rows.length, 'panel'),
      says: `of ${count(rows.length, 'panel')} read, none stands apart from the rest`,
    };
  return {
    area: 'paint',
    weight: far > 0 ? 'ask' : 'look',
    name,
    figure: `${far + thick + thin} of ${rows.length}`,
    says: [
      far > 0 && `${count(far, 'panel')} far thicker than the rest`,
      thick > 0 && `${count(thick, 'panel')} thicker`,
      thin > 0 && `${count(thin, 'panel')} thin`,
    ]
      .filter(Boolean)
      .join(', '),
  };
}

/** Somebody noted the drive, or told how it drove. */
export const wasDriven = ({ functions, drove = [] }: ReportDocument): boolean =>
  functions?.drive !== undefined || drove.length > 0;

function works(report: ReportDocument): Verdict {
  const { functions } = report;
  const name = 'Does it work';
  if (!functions)
    return {
      area: 'works',
      weight: 'unknown',
      name,
      figure: 'not tried',
      says: 'nothing was switched on or driven',
    };
  const lamps = functions.lampsOn?.length ?? 0;
  const faulty = functions.faulty.length;
  const tried = functions.works.reduce((sum, { names }) => sum + names.length, 0) + faulty;
  const isUnsafe = [...functions.faulty, ...(functions.lampsOn ?? [])].some(({ caution }) => caution);
  const drive = wasDriven(report) ? '' : ', it was not driven';
  if (faulty + lamps === 0)
    return {
      area: 'works',
      weight: wasDriven(report) ? 'plain' : 'unknown',
      name,
      figure: tried > 0 ? 'no fault' : 'not tried',
      says: `${tried > 0 ? `${tried} tried, no fault found in them` : 'nothing was tried'}${drive}`,
    };
  return {
    area: 'works',
    weight: isUnsafe || lamps > 0 ? 'ask' : 'look',
    name,
    figure: count(faulty + lamps, 'fault'),
    says: `${[
      faulty > 0 && `${faulty} of ${tried} tried not in order`,
      lamps > 0 && `${count(lamps, 'warning lamp')} on`,
    ]
      .filter(Boolean)
      .join(', ')}${drive}`,
  };
}

// What the papers ask weighs what it was judged to; reports without judgements have each of it weigh the same.
function papers({ papers: told, odometer, judged = [] }: ReportDocument): Verdict {
  const name = 'Papers and mileage';
  if (!told)
    return {
      area: 'papers',
      weight: 'unknown',
      name,
      figure: 'not covered',
      says: `papers and keys are not covered; odometer ${odometer ?? 'not read'}`,
    };
  if (told.asks.length > 0)
    return {
      area: 'papers',
      weight: judged.some(({ of }) => of === 'ask') ? 'plain' : 'ask',
      name,
      figure: count(told.asks.length, 'question'),
      says: withinSentence(told.asks[0] ?? '').replace(/\.$/, ''),
    };
  return {
    area: 'papers',
    weight: told.left.length > 0 ? 'unknown' : 'plain',
    name,
    figure: told.left.length > 0 ? `${told.left.length} not said` : 'nothing open',
    says:
      told.left.length > 0
        ? `not said: ${told.left.map(withinSentence).join(', ')}`
        : 'what was said of them leaves no question open',
  };
}

function notSeen({ notLookedAt, notSeen: hidden, readingsMissing, parts }: ReportDocument): Verdict {
  const name = 'Not looked at';
  const missed = notLookedAt.length + hidden.length;
  if (missed + readingsMissing.length === 0)
    return {
      area: 'not-seen',
      weight: 'plain',
      name,
      figure: 'nothing',
      says: 'every part on the route was looked at and every reading taken',
    };
  return {
    area: 'not-seen',
    weight: 'unknown',
    name,
    figure: missed > 0 ? `${missed} of ${parts.length}` : count(readingsMissing.length, 'reading'),
    says: [
      hidden.length > 0 && `${count(hidden.length, 'part')} could not be seen`,
      notLookedAt.length > 0 && `${count(notLookedAt.length, 'part')} not looked at`,
      readingsMissing.length > 0 && `${count(readingsMissing.length, 'reading')} not taken`,
    ]
      .filter(Boolean)
      .join(', '),
  };
}

/** A verdict as one line, as paper and archive print it: "Tyres: 1 now. 1 of 4 to be replaced now." */
export const verdictLine = ({ name, figure, says }: Verdict): string =>
  `${name}: ${figure}. ${sentence(says.replace(/[.?]$/, ''))}.`;
