import { withinSentence } from '../../wording';
import { ageDrawing } from '../drawings/ageDrawing';
import type { ReportDocument } from '../reportDocument';
import { type Block, bold, heading, line, quiet } from './block';

/** How the car stands to others of its age, what such cars are known for, and the days it stood; sections without a word are left out. */
export const judgementBlocks = (report: ReportDocument): Block[] => [
  ...age(report),
  ...spots(report),
  ...stood(report),
];

function age({ forItsAge }: ReportDocument): Block[] {
  if (!forItsAge) return [];
  const { rows, cabin, rests } = forItsAge;
  const drawing = ageDrawing(rows);
  return [
    heading('For its age and distance'),
    ...(drawing ? [{ is: 'drawing', drawing } as const, quiet(bandKey)] : []),
    ...ageLines(rows).map(line),
    ...(cabin ? [line(`${cabin}.`)] : []),
    quiet(`${rests}.`),
  ];
}

/** How a drawn band is to be taken; what the band itself is stands in the words under it. */
export const bandKey = 'The framed number is this car; the line in the band is the middle of the others.';

export const standingNames = {
  better: 'Better than usual',
  'in-line': 'In line with its age',
  more: 'More than usual',
  'too-few': 'Too few to tell',
  'not-counted': 'Not counted',
  'not-all-seen': 'Not all looked at',
} as const satisfies Record<NonNullable<ReportDocument['forItsAge']>['rows'][number]['standing'], string>;

/** "Stone chips at the front. In line with its age: 9 chips at the front; 4 to 14 are usual at 6 years and 57,000 miles." */
export const ageLines = (rows: NonNullable<ReportDocument['forItsAge']>['rows']): string[] =>
  rows.map(({ name, standing, says }) => `${name}. ${standingNames[standing]}: ${says}.`);

function spots({ weakSpots }: ReportDocument): Block[] {
  return weakSpots ? [heading('What such cars are known for'), ...spotLines(weakSpots).map(line)] : [];
}

/** Looked for and not there; there; not to be told; not looked for. */
export function spotLines({
  notThere,
  found,
  couldNotTell,
  left,
}: NonNullable<ReportDocument['weakSpots']>): string[] {
  return [
    ...(notThere.length > 0
      ? [`Looked for because such cars have it, and not there: ${notThere.map(withinSentence).join('; ')}.`]
      : []),
    ...(found.length > 0
      ? [
          `Typical of such cars, and found: ${found
            .map(
              ({ says, findings }) =>
                `${withinSentence(says)} (${findings.length === 1 ? 'finding' : 'findings'} ${findings.join(', ')})`,
            )
            .join('; ')}.`,
        ]
      : []),
    ...(couldNotTell.length > 0
      ? [`Could not be told: ${couldNotTell.map(withinSentence).join('; ')}.`]
      : []),
    ...(left.length > 0 ? [`Not looked for: ${left.map(withinSentence).join('; ')}.`] : []),
  ];
}

function stood({ stood: told }: ReportDocument): Block[] {
  if (!told) return [];
  return [heading('The days it stood'), bold(told.says), ...stoodLines(told).map(line)];
}

/** What was read of the battery, and what repeats and nobody has confirmed. */
export const stoodLines = ({ volts, open }: NonNullable<ReportDocument['stood']>): string[] => [
  ...(volts ? [volts] : []),
  ...open.map((says) => `Not confirmed yet: ${withinSentence(says)}.`),
];
