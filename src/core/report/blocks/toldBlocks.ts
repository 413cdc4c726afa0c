import type { ReportDocument } from '../reportDocument';
import { type Block, heading, line } from './block';

/** What was said of more than a part: statements, build, story, drive, equipment. Sections without a word are left out. */
export function toldBlocks({
  statements = [],
  build = [],
  story = [],
  drove = [],
  toFollow = [],
  equipment,
}: ReportDocument): Block[] {
  return [
    ...section('Still to follow', toFollow),
    ...section('Of sides and the whole car', [...statements, ...build]),
    ...section('Its story', story),
    ...section('How it drove', drove),
    ...(equipment ? section('Equipment', equipmentLines(equipment)) : []),
  ];
}

/** What is fitted, by how it is known. */
export function equipmentLines({
  tried,
  fitted,
  said,
  absent,
  isTriedElsewhere,
}: NonNullable<ReportDocument['equipment']>): string[] {
  const told: readonly (readonly [string, readonly string[]])[] = [
    ...(isTriedElsewhere
      ? ([['Fitted', [...tried, ...fitted]]] as const)
      : ([
          ['Fitted and tried', tried],
          ['Fitted, not tried', fitted],
        ] as const)),
    ['Said to be fitted, not seen here', said],
    ['Not there, though such cars usually have it', absent],
  ];
  return told.flatMap(([title, names]) => (names.length > 0 ? [`${title}: ${names.join(', ')}.`] : []));
}

const section = (title: string, lines: readonly string[]): Block[] =>
  lines.length === 0 ? [] : [heading(title), ...lines.map(line)];
