import type { FaceId } from '../../car';
import { faceName } from '../../car';
import { sentence, withinSentence } from '../../wording';
import { remedyLines } from '../blocks/remedyLines';
import type { ReportDocument, ReportFinding, ReportPhoto } from '../reportDocument';
import { isSimplyClear, noticedWords } from '../wording';

/** One stop of the walk as a reader is taken along it. */
export interface WalkStep {
  /** Where one stands: "Left side". */
  where: string;
  /** The part on the map; the first of several that are told in one breath. Absent for the car as a whole. */
  part?: string;
  face?: FaceId;
  finding?: ReportFinding;
  photos: readonly ReportPhoto[];
  /** As one would say it aloud. */
  says: string;
}

type ReportPart = ReportDocument['parts'][number];

/**
 * The walk behind a report, in the order it was walked: the whole car, then each finding by itself, what could not be seen with why, and parts that are
 * clear in one breath. Nothing is said that the report does not say. Parts nobody got to are no stop.
 */
export function walkSteps(report: ReportDocument): WalkStep[] {
  const { parts, findings, photos, car } = report;
  const whole = photos.filter(({ cover, role }) => cover || role === 'whole-car');
  const steps: WalkStep[] =
    whole.length > 0
      ? [{ where: 'The whole car', photos: whole, says: report.paragraph ?? `${report.title}.` }]
      : [];
  let clear: ReportPart[] = [];
  const whereOf = ({ face }: ReportPart) => ({
    where: face ? sentence(faceName(face, car)) : 'Figures and papers',
    ...(face && { face }),
  });
  const picturesOf = (list: readonly ReportPart[]) => {
    const ids = new Set(list.map(({ part }) => part));
    return photos.filter(
      ({ part, finding, cover }) => !cover && finding === undefined && ids.has(part ?? ''),
    );
  };
  const endClear = () => {
    const [first] = clear;
    if (first)
      steps.push({
        ...whereOf(first),
        part: first.part,
        photos: picturesOf(clear),
        says: `Clear: ${clear.map(({ name }) => withinSentence(name)).join(', ')}.`,
      });
    clear = [];
  };
  for (const part of parts) {
    const here = findings.filter((finding) => finding.part === part.part);
    if (clear[0] && clear[0].face !== part.face) endClear();
    if (here.length > 0) {
      endClear();
      for (const finding of here)
        steps.push({
          ...whereOf(part),
          part: part.part,
          finding,
          photos: photos.filter(({ number }) => finding.photos.includes(number)),
          says: findingAloud(finding),
        });
    } else if (isSimplyClear(part)) clear.push(part);
    else if (part.status !== 'not-looked-at') {
      endClear();
      steps.push({
        ...whereOf(part),
        part: part.part,
        photos: picturesOf([part]),
        says: `${sentence(part.name)}: ${withinSentence(part.says)}.`,
      });
    }
  }
  endClear();
  return steps;
}

/** "Nearside front door (left): dent, 40 mm across. Noticed one step back. Promised: pull without paint." */
function findingAloud(finding: ReportFinding): string {
  const { partName, line, suspected, tests, note, caution } = finding;
  const noticed = noticedWords(finding);
  return [
    `${sentence(partName)}: ${withinSentence(line)}`,
    ...(suspected ? ['Not sure yet, a second look is wanted'] : []),
    ...(tests ? [sentence(tests)] : []),
    ...(noticed ? [`Noticed ${noticed}`] : []),
    ...remedyLines(finding),
    ...(note ? [note] : []),
    ...(caution ? [caution] : []),
  ]
    .map((each) => (/[.!?]$/.test(each) ? each : `${each}.`))
    .join(' ');
}
