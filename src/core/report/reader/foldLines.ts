import { shortDay, withinSentence } from '../../wording';
import { equipmentLines } from '../blocks/toldBlocks';
import { partGroups } from '../partGroups';
import type { ReportDocument } from '../reportDocument';
import { type ChapterId, chapterOfArea, chaptersOf } from './chapters';
import { verdictsOf } from './verdicts';

const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/**
 * What each folded chapter comes to, in a few words: its verdict where it has one, otherwise a count or its first line. Facts of the document alone, never
 * praise; a chapter of which nothing short can be said has none.
 */
export function foldLines(report: ReportDocument): ReadonlyMap<ChapterId, string> {
  const chapters = chaptersOf(report);
  const lines = new Map<ChapterId, string>();
  for (const [id, line] of own(report)) if (line) lines.set(id, line);
  for (const { area, figure, says } of verdictsOf(report))
    lines.set(chapterOfArea(area, chapters), `${figure}: ${says}`);
  return lines;
}

function own(report: ReportDocument): [ChapterId, string | undefined][] {
  const { statements = [], build = [], story = [], drove = [], equipment, wheels, kit, screen } = report;
  const { forItsAge, weakSpots, stood } = report;
  const damaged = wheels?.rows.filter(({ damage }) => damage !== '').length ?? 0;
  return [
    ['sides', counted(statements.length + build.length, 'statement')],
    [
      'story',
      counted(story.length, 'fact, with where it comes from', 'facts, each with where it comes from'),
    ],
    ['age', forItsAge && ageLine(forItsAge)],
    ['weak-spots', weakSpots && spotLine(weakSpots)],
    // The rest of the sentence stands right below.
    ['stood', stood?.says.split(':')[0]?.replace(/\.$/, '')],
    ['follow', report.toFollow?.join('; ')],
    ['drove', drove[0]],
    ['equipment', equipment && counted(equipmentLines(equipment).length, 'line')],
    ['light', report.conditions.join(', ')],
    ['parts', counted(partGroups(report).length, 'side or place', 'sides and places')],
    [
      'wheels',
      wheels &&
        (damaged > 0
          ? `Damage on ${damaged} of ${wheels.rows.length}`
          : counted(wheels.rows.length, 'wheel')),
    ],
    ['screen', screen && (screen.summary || counted(screen.rows.length, 'mark'))],
    [
      'kit',
      kit &&
        [
          `${kit.there.length} there`,
          ...(kit.missing.length > 0 ? [`${kit.missing.length} not there`] : []),
          ...(kit.left.length > 0 ? [`${kit.left.length} not counted`] : []),
        ].join(', '),
    ],
    ['photos', counted(report.photos.length, 'photo in all', 'photos in all')],
    ['no-faults', counted(report.dismissed.length, 'thing')],
    ['made', `Signed by ${report.signedBy}, ${shortDay(report.frozenAt)}`],
  ];
}

/** "More than usual: stone chips at the front; better: rust; 4 in line". */
function ageLine({ rows }: NonNullable<ReportDocument['forItsAge']>): string | undefined {
  const named = (standing: string) =>
    rows.filter((row) => row.standing === standing).map(({ name }) => withinSentence(name));
  const [more, better, line] = [named('more'), named('better'), named('in-line')];
  const says = [
    more.length > 0 && `more than usual: ${more.join(', ')}`,
    better.length > 0 && `better than usual: ${better.join(', ')}`,
    line.length > 0 && `${line.length} in line`,
  ].filter(Boolean);
  return says.length > 0 ? says.join('; ') : undefined;
}

function spotLine({ notThere, found, couldNotTell, left }: NonNullable<ReportDocument['weakSpots']>): string {
  return [
    notThere.length > 0 && `${notThere.length} looked for and not there`,
    found.length > 0 && `${found.length} there`,
    couldNotTell.length > 0 && `${couldNotTell.length} could not be told`,
    left.length > 0 && `${left.length} not looked for`,
  ]
    .filter(Boolean)
    .join(', ');
}
