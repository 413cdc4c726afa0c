import type { Vocabulary } from '../car';
import { withinSentence } from '../wording';
import type { ReportDocument, ReportFinding } from './reportDocument';
import { notToDriveSays } from './wording';

/** So many things are named before the rest is only counted. */
const NAMED = 3;

type Told = Pick<
  ReportDocument,
  | 'findings'
  | 'tyres'
  | 'paint'
  | 'screen'
  | 'functions'
  | 'papers'
  | 'odometer'
  | 'bodyStyleName'
  | 'notLookedAt'
  | 'notSeen'
> & { year: number; notToDrive?: readonly string[] };

/**
 * The car in one paragraph, from the far view inwards: what it is, what one would notice, what is worn, what does not work, what the papers
 * say, what is promised and what nobody knows. Facts alone: the same facts give the same words, and nothing is praised.
 */
export function paragraphOf(told: Told, vocabulary: Vocabulary): string {
  const { findings, odometer, bodyStyleName, year } = told;
  const sure = findings.filter(({ suspected }) => !suspected);
  const far = sure.filter(({ notice }) => notice === 'across-the-bay');
  const step = sure.filter(({ notice }) => notice === 'one-step-back');
  const near = sure.filter(({ notice }) => notice === 'up-close').length;
  const unsaid = sure.length - far.length - step.length - near;
  const promised = findings.filter((finding) => finding.promised).length;
  const guessed = sure.filter(({ noticeSource }) => noticeSource === 'estimated').length;
  const { notToDrive = [] } = told;
  const sentences = [
    `${bodyStyleName} of ${year}, ${odometer ?? 'odometer not read'}.`,
    ...(notToDrive.length > 0 ? [notToDriveSays(notToDrive)] : []),
    far.length === 0
      ? guessed + unsaid > 0
        ? 'Nothing was said to be noticed from across the bay.'
        : 'Nothing was found that is noticed from across the bay.'
      : `Noticed from across the bay: ${listed(far)}.`,
    ...(step.length > 0 ? [`From one step back: ${listed(step)}.`] : []),
    ...(near > 0 ? [`${near} more ${near === 1 ? 'is' : 'are'} seen only up close.`] : []),
    ...(unsaid > 0
      ? [`From where ${unsaid === 1 ? 'one more is' : `${unsaid} more are`} noticed was not said.`]
      : []),
    ...(guessed > 0 ? [guessedSays(guessed, sure.length)] : []),
    ...tyresSay(told, vocabulary),
    ...paintSays(told),
    ...(told.screen?.rows.some(({ fails }) => fails)
      ? [`The ${vocabulary === 'us' ? 'windshield' : 'windscreen'} has damage beyond the limit used.`]
      : []),
    ...functionsSay(told),
    ...papersSay(told),
    ...(promised > 0
      ? [
          `${promised === findings.length ? 'All' : promised} of the ${count(findings.length, 'finding')} ${promised === 1 ? 'is' : 'are'} to be put right before collection.`,
        ]
      : []),
    ...unknown(told),
  ];
  return sentences.join(' ');
}

/** A distance that nobody walked is no fact: so many were worked out. */
const guessedSays = (guessed: number, all: number): string =>
  `From where ${guessed === all ? (all === 1 ? 'it is' : 'they are') : `${guessed} of them ${guessed === 1 ? 'is' : 'are'}`} noticed was worked out from kind, size and paint, not walked.`;

/** What does not agree in the papers is said outright, however long the list of chips. */
function papersSay({ papers }: Told): string[] {
  const asks = papers?.asks ?? [];
  const more = asks.length - NAMED;
  return [
    ...asks.slice(0, NAMED).map((says) => `Papers: ${withinSentence(says)}`),
    ...(more > 0 ? [`The papers leave ${count(more, 'more question')} open.`] : []),
  ];
}

const count = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`;

/** "dent, 46 mm across, nearside front door (left); …; and 2 more". */
function listed(findings: readonly ReportFinding[]): string {
  const named = findings.slice(0, NAMED).map(({ line, partName }) => `${withinSentence(line)}, ${partName}`);
  const more = findings.length - named.length;
  return [...named, ...(more > 0 ? [`and ${more} more`] : [])].join('; ');
}

function tyresSay({ tyres }: Told, vocabulary: Vocabulary): string[] {
  if (!tyres) return [];
  const tyre = vocabulary === 'us' ? 'tire' : 'tyre';
  const now = tyres.rows.filter(({ when }) => when === 'now').length;
  const soon = tyres.rows.filter(({ when }) => when === 'soon').length;
  if (now + soon === 0) return [];
  return [
    `Of the ${tyre}s ${[now > 0 && `${now} ${now === 1 ? 'is' : 'are'} to be replaced now`, soon > 0 && `${soon} within the year`].filter(Boolean).join(', ')}.`,
  ];
}

function paintSays({ paint }: Told): string[] {
  if (!paint) return [];
  const of = (...wanted: string[]) => paint.rows.filter((row) => wanted.includes(row.class)).length;
  const reads = (n: number) => `${count(n, 'panel')} ${n === 1 ? 'reads' : 'read'}`;
  const [thicker, far, thin] = [of('thicker', 'local-repair'), of('far-thicker'), of('thin')];
  return [
    ...(thicker > 0 ? [`${reads(thicker)} thicker than the rest of the car.`] : []),
    ...(far > 0 ? [`${reads(far)} far thicker.`] : []),
    ...(thin > 0 ? [`${reads(thin)} thin.`] : []),
  ];
}

function functionsSay({ functions }: Told): string[] {
  if (!functions) return ['Whether everything works was not tried.'];
  const { faulty, lampsOn = [] } = functions;
  const names = faulty.slice(0, NAMED).map(({ name }) => withinSentence(name));
  const more = faulty.length - names.length;
  return [
    faulty.length === 0
      ? 'Everything that was tried works.'
      : `Not in order: ${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}.`,
    ...(lampsOn.length > 0
      ? [`Warning on the dashboard: ${lampsOn.map(({ name }) => name.toLowerCase()).join(', ')}.`]
      : []),
  ];
}

function unknown({ notLookedAt, notSeen, findings }: Told): string[] {
  const unsure = findings.filter(({ suspected }) => suspected).length;
  const parts = notLookedAt.length + notSeen.length;
  return [
    ...(unsure > 0 ? [`${count(unsure, 'suspicion')} ${unsure === 1 ? 'is' : 'are'} still open.`] : []),
    ...(parts > 0
      ? [`${count(parts, 'part')} could not be or ${parts === 1 ? 'was' : 'were'} not looked at.`]
      : []),
  ];
}
