import { countryOf, fuelName, vocabularyOf } from '../../car';
import { type NoticeDistance, noticeDistances, noticeWords } from '../../walk';
import { isoDay, sentence, utcMoment, withinSentence } from '../../wording';
import { fingerprintWords } from '../canonicalForm';
import { findingsDrawing } from '../drawings/findingsDrawing';
import { NOT_TOLD } from '../identityTelling';
import { partGroups } from '../partGroups';
import type { CoverNote } from '../photoCovers';
import { onArrivalSays } from '../reader/onArrival';
import type { ReportDocument, ReportPhoto } from '../reportDocument';
import { noticedWords } from '../wording';
import { type Block, heading, line, quiet } from './block';
import { buildFacts } from './buildFacts';
import { judgementBlocks } from './judgementBlocks';
import { readingBlocks } from './readingBlocks';
import { otherPromiseLine, promiseLine, remedyLines } from './remedyLines';
import { toldBlocks } from './toldBlocks';

/** So many photos of a finding stand beside it; the others come at the end. */
const BESIDE = 4;

/** The figures at the top of a report, those that are known. */
export function reportFacts(report: ReportDocument): [name: string, value: string][] {
  const { car } = report;
  const isUs = vocabularyOf(car) === 'us';
  const notTold = report.identity === 'left-out' ? NOT_TOLD : '';
  const facts: [string, string][] = [
    ['Stock number', car.stockNumber],
    ['Body', report.bodyStyleName],
    [isUs ? 'Color' : 'Colour', car.colour],
    ['Fuel', fuelName(car.fuel, vocabularyOf(car))],
    ...buildFacts(car),
    [isUs ? 'License plate' : 'Number plate', car.plate || notTold],
    ['Identity number', car.identityNumber || notTold],
    ['Used in', `${countryOf(car.country).name}, steering wheel on the ${car.steering}`],
    ['Odometer', report.odometer ?? 'not read'],
    ['Walked', `${utcMoment(report.walkedFrom)} to ${utcMoment(report.walkedTo)}`],
    ['Signed', `${report.signedBy}, ${utcMoment(report.frozenAt)}`],
  ];
  return facts.filter(([, value]) => value !== '');
}

/** The picture a report begins with: the one chosen, or the first of the whole car. */
export const coverOf = ({ photos }: ReportDocument): ReportPhoto | undefined =>
  photos.find(({ cover }) => cover) ?? photos.find(({ role }) => role === 'whole-car');

/** What was hidden of the pictures since the report was frozen; told beside it, since the report itself never changes. */
export const coverBlocks = (notes: readonly CoverNote[]): Block[] =>
  notes.length === 0
    ? []
    : [heading('Hidden since this report was frozen'), ...notes.map(({ says }) => line(says))];

/** Everything below the head of a report, from the far view inwards (handing over order of the trade; common practice). */
export const reportBlocks = (report: ReportDocument, fingerprint: string): Block[] => [
  ...(report.findings.length > 0
    ? [heading('Where the findings are'), { is: 'drawing', drawing: findingsDrawing(report) } as const]
    : []),
  ...findings(report),
  ...promises(report),
  heading('When you collect or receive it'),
  line('Hold the car against this report, part by part, before you sign for it.'),
  line(onArrivalSays(report)),
  ...(report.yard.policy ? [line(`What this yard does with every car: ${report.yard.policy}`)] : []),
  ...otherRemedies(report),
  ...putRight(report),
  ...notChecked(report),
  ...seenUnder(report),
  ...judgementBlocks(report),
  ...toldBlocks(report),
  heading('Part by part, in walking order'),
  ...partGroups(report).flatMap(({ title, lines }) =>
    lines.map((says, i) => line(i === 0 ? `${title}. ${says}` : says)),
  ),
  ...readingBlocks(report),
  ...otherPhotos(report),
  ...dismissed(report),
  heading('Cautions and limits'),
  ...report.cautions.map(line),
  quiet(
    `Fingerprint of this revision (SHA-256 over its canonical form, RFC 8785): ${fingerprintWords(fingerprint)}`,
  ),
];

const photosNumbered = ({ photos }: ReportDocument, numbers: readonly number[]): ReportPhoto[] =>
  numbers.flatMap((n) => photos.find(({ number }) => number === n) ?? []);

function findings(report: ReportDocument): Block[] {
  const groups: (NoticeDistance | undefined)[] = [...[...noticeDistances].reverse(), undefined];
  return groups.flatMap((distance): Block[] => {
    const here = report.findings.filter(({ notice }) => notice === distance);
    if (here.length === 0) return [];
    const title = distance
      ? `${noticeWords[distance].name}: ${noticeWords[distance].hint}`
      : 'Distance not noted';
    return [
      heading(title),
      ...here.map(
        (finding): Block => ({
          is: 'finding',
          finding,
          photos: photosNumbered(report, finding.photos.slice(0, BESIDE)),
        }),
      ),
    ];
  });
}

function promises({ findings: all, remedies = [] }: ReportDocument): Block[] {
  const promised = all.filter((finding) => finding.promised);
  const others = remedies.filter((remedy) => remedy.promised);
  if (promised.length + others.length === 0) return [];
  return [
    heading('Will be put right before collection'),
    ...promised.map((finding) => line(promiseLine(finding))),
    ...others.map((remedy) => line(otherPromiseLine(remedy))),
  ];
}

/** What would mend things that are no findings, where nothing is promised of them. */
function otherRemedies({ remedies = [] }: ReportDocument): Block[] {
  const others = remedies.filter(({ promised }) => !promised);
  if (others.length === 0) return [];
  return [
    heading('Beside the findings: advice and what was decided'),
    ...others.map((remedy) => line(`${remedy.what}: ${remedyLines(remedy).map(withinSentence).join('; ')}`)),
  ];
}

function putRight(report: ReportDocument): Block[] {
  const { putRight: mended = [], othersPutRight = [] } = report;
  if (mended.length + othersPutRight.length === 0) return [];
  return [
    heading('Put right since it was found'),
    ...mended.flatMap(({ number, partName, line: was, says, at, kept, before, after }): Block[] => [
      line(`${number}. ${was}, ${partName}: ${says}, ${isoDay(at)}${kept ? `; ${kept}` : ''}`),
      { is: 'photos', photos: photosNumbered(report, [...before, ...after]), size: 'small' },
    ]),
    ...othersPutRight.flatMap(({ what, says, at, kept, after }): Block[] => [
      line(`${what}: ${says}, ${isoDay(at)}${kept ? `; ${kept}` : ''}`),
      { is: 'photos', photos: photosNumbered(report, after), size: 'small' },
    ]),
  ];
}

function notChecked({ outOfScope, notSeen, notLookedAt, readingsMissing }: ReportDocument): Block[] {
  return [
    heading('What was not looked at'),
    line(outOfScope),
    ...notSeen.map(({ name, why }) => line(`${name}: could not be seen, ${why}`)),
    ...(notLookedAt.length > 0 ? [line(`Not looked at: ${notLookedAt.join('; ')}.`)] : []),
    ...(readingsMissing.length > 0 ? [line(`Not read: ${readingsMissing.join('; ')}.`)] : []),
    ...(notLookedAt.length + notSeen.length + readingsMissing.length === 0
      ? [line('Every part on the route was looked at and every reading taken.')]
      : []),
  ];
}

function seenUnder({ conditions, mayHide }: ReportDocument): Block[] {
  if (conditions.length === 0) return [];
  return [heading('In what light, and what that may have hidden'), ...[...conditions, ...mayHide].map(line)];
}

function otherPhotos(report: ReportDocument): Block[] {
  const shown = new Set([
    ...report.findings.flatMap((finding) => finding.photos.slice(0, BESIDE)),
    ...(report.putRight ?? []).flatMap(({ before, after }) => [...before, ...after]),
    ...(report.othersPutRight ?? []).flatMap(({ after }) => after),
  ]);
  const others = report.photos.filter(({ number }) => !shown.has(number));
  return others.length === 0 ? [] : [heading('More photos'), { is: 'photos', photos: others, size: 'large' }];
}

function dismissed({ dismissed: all }: ReportDocument): Block[] {
  if (all.length === 0) return [];
  return [
    heading('Looks like a fault, but is not'),
    ...all.map(({ number, partName, line: looks, why }) => line(`${number}. ${partName}, ${looks}: ${why}`)),
  ];
}

/** What stands beside the photos of a finding, line by line. */
export function findingLines(finding: ReportDocument['findings'][number]): { name: string; lines: string[] } {
  const { line: says, suspected, partName, tests, note, caution, inFilm } = finding;
  return {
    name: suspected ? `Suspected: ${says}. A second look is wanted.` : says,
    lines: [
      sentence(partName),
      noticedWords(finding) && `Noticed: ${noticedWords(finding)}`,
      tests && sentence(tests),
      ...remedyLines(finding),
      ...note.split('\n'),
      inFilm?.says ? `Said in the film: “${inFilm.says}”` : '',
      caution ? `Caution: ${caution}` : '',
    ].filter((each) => each !== ''),
  };
}
