import type { Vocabulary } from '../../car';
import {
  adviceLine,
  checkedLine,
  dayWords,
  decisionLine,
  dueWords,
  findingCaution,
  findingLine,
  isPromised,
  isStanding,
  type MendChecked,
  noticeOf,
  type Remedy,
  testLine,
  workLine,
} from '../../walk';
import { isoDay } from '../../wording';
import type { ReportDocument, ReportFinding, ReportPhoto } from '../reportDocument';
import type { WalkTold } from '../walkTold';

/** What is on the car. */
export function standingFindings({
  inputs,
  state,
  style,
  vocabulary,
  photos,
  nameOf,
}: WalkTold): ReportFinding[] {
  const today = isoDay(inputs.frozenAt);
  return state.findings.filter(isStanding).map((finding): ReportFinding => {
    const { notice, source } = noticeOf(finding, inputs.car.paintTone);
    return {
      id: finding.id,
      number: finding.number,
      part: finding.part,
      partName: nameOf(finding.part),
      kind: finding.kind,
      spot: finding.spot,
      line: findingLine(finding, vocabulary),
      suspected: finding.standing.status === 'suspected',
      notice,
      noticeSource: source,
      extent: finding.details.extent,
      tests: testLine(finding),
      ...remedyTold({ ...finding.details, checked: finding.checked }, vocabulary, today),
      note: finding.details.note ?? '',
      ...(inputs.yard.sharesFilm && inFilm(state, finding.id)),
      caution: findingCaution(finding, style.parts.get(finding.part)),
      photos: photosOf(photos, finding.number),
    };
  });
}

/** What the film of the walk has of a finding: the words it was said in, and the seconds that were cut for readers. */
function inFilm(
  { saidInFilm, filmClips }: WalkTold['state'],
  finding: string,
): Pick<ReportFinding, 'inFilm'> {
  const says = saidInFilm.get(finding)?.says;
  const cut = filmClips.get(finding);
  if (!says && !cut) return {};
  return {
    inFilm: {
      ...(says && { says }),
      ...(cut && { clip: { sha256: cut.recording, of: cut.of, seconds: cut.seconds } }),
    },
  };
}

/** What would mend it is advice; only what was promised is told as work that will be done. `today` is the day it is signed. */
export function remedyTold(
  remedy: Remedy & { checked?: MendChecked | undefined },
  vocabulary: Vocabulary,
  today: string,
): Pick<ReportFinding, 'action' | 'promised' | 'advice' | 'decision' | 'by' | 'checkedAgain'> {
  const promised = isPromised(remedy);
  const advice = promised ? '' : adviceLine(remedy, vocabulary);
  const decision = decisionLine(remedy, vocabulary, today);
  const by = remedy.decision?.is === 'promised' ? dueWords(remedy.decision, today) : '';
  const checkedAgain = checkedLine(remedy);
  return {
    action: promised ? workLine(remedy, vocabulary) : '',
    promised,
    ...(advice && { advice }),
    ...(decision && { decision }),
    ...(by && { by }),
    ...(checkedAgain && { checkedAgain }),
  };
}

/** Whether a promise was kept by the day something was found gone: "promised by 3 December 2026, and kept". Undefined where nothing was promised. */
export function keptWords({ decision }: Remedy, at: string): string | undefined {
  if (decision?.is !== 'promised') return undefined;
  const due = decision.first ?? decision.by;
  if (!due) return 'as promised';
  return `promised by ${dayWords(due)}, ${isoDay(at) <= due ? 'and kept' : 'done later'}`;
}

/** What looked like a fault and is none. */
export function dismissedFindings({ state, vocabulary, nameOf }: WalkTold): ReportDocument['dismissed'] {
  return state.findings.flatMap((finding) =>
    finding.standing.status === 'dismissed'
      ? [
          {
            id: finding.id,
            number: finding.number,
            partName: nameOf(finding.part),
            line: findingLine(finding, vocabulary),
            why: finding.standing.why,
          },
        ]
      : [],
  );
}

/** What was there and has been mended, before and after. */
export function findingsPutRight({
  state,
  vocabulary,
  photos,
  nameOf,
}: WalkTold): NonNullable<ReportDocument['putRight']> {
  const isAfter = (number: number) => photos.find((photo) => photo.number === number)?.role === 'after';
  return state.findings.flatMap((finding) => {
    const { id, number, part, kind, standing } = finding;
    if (standing.status !== 'put-right') return [];
    const shown = photosOf(photos, number);
    return [
      {
        id,
        number,
        part,
        partName: nameOf(part),
        kind,
        line: findingLine(finding, vocabulary),
        says: standing.says,
        at: standing.at,
        kept: keptWords(finding.details, standing.at),
        before: shown.filter((photo) => !isAfter(photo)),
        after: shown.filter(isAfter),
      },
    ];
  });
}

/** The photos of a finding, and those its place is marked on, the place before the thing. */
function photosOf(photos: readonly ReportPhoto[], finding: number): number[] {
  const isMarked = (photo: ReportPhoto) => photo.spots?.some(({ number }) => number === finding) ?? false;
  const seen = new Set<string>();
  return photos
    .filter((photo) => photo.finding === finding || isMarked(photo))
    .filter(({ sha256 }) => !seen.has(sha256) && seen.add(sha256))
    .map(({ number }) => number);
}
