import { orEmpty, starting, type Told } from '../../told';
import {
  adviceTold,
  cautionTold,
  checkedTold,
  decisionTold,
  dueTold,
  findingTold,
  isPromised,
  isStanding,
  keptTold,
  type MendChecked,
  noticeOf,
  type Remedy,
  testsTold,
  workTold,
} from '../../walk';
import { isoDay } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { FindingTold, PhotoTold } from '../rowsTold';
import type { WalkTold } from '../walkTold';

/** What is on the car. */
export function standingFindings({ inputs, state, style, photos, nameOf }: WalkTold): FindingTold[] {
  const today = isoDay(inputs.frozenAt);
  return state.findings.filter(isStanding).map((finding): FindingTold => {
    const { notice, source } = noticeOf(finding, inputs.car.paintTone);
    return {
      id: finding.id,
      number: finding.number,
      part: finding.part,
      partName: nameOf(finding.part),
      kind: finding.kind,
      spot: finding.spot,
      line: starting(findingTold(finding)),
      suspected: finding.standing.status === 'suspected',
      notice,
      noticeSource: source,
      extent: finding.details.extent,
      tests: orEmpty(testsTold(finding)),
      ...remedyTold({ ...finding.details, checked: finding.checked }, today),
      note: finding.details.note ?? '',
      ...(inputs.yard.sharesFilm && inFilm(state, finding.id)),
      caution: cautionTold(finding, style.parts.get(finding.part)),
      photos: photosOf(photos, finding.number),
    };
  });
}

/** What the film of the walk has of a finding: the words it was said in, and the seconds that were cut for readers. */
function inFilm({ saidInFilm, filmClips }: WalkTold['state'], finding: string): Pick<FindingTold, 'inFilm'> {
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
  today: string,
): Pick<FindingTold, 'action' | 'promised' | 'advice' | 'decision' | 'by' | 'checkedAgain'> {
  const promised = isPromised(remedy);
  const advice = promised ? undefined : adviceTold(remedy);
  const decision = decisionTold(remedy, today);
  const by = remedy.decision?.is === 'promised' ? dueTold(remedy.decision, today) : undefined;
  const checkedAgain = checkedTold(remedy);
  const work = promised ? workTold(remedy) : undefined;
  return {
    action: orEmpty(work && starting(work)),
    promised,
    ...(advice && { advice }),
    ...(decision && { decision: starting(decision) }),
    ...(by && { by }),
    ...(checkedAgain && { checkedAgain: starting(checkedAgain) }),
  };
}

/** What looked like a fault and is none. */
export function dismissedFindings({ state, nameOf }: WalkTold): Told<ReportDocument['dismissed']> {
  return state.findings.flatMap((finding) =>
    finding.standing.status === 'dismissed'
      ? [
          {
            id: finding.id,
            number: finding.number,
            partName: nameOf(finding.part),
            line: starting(findingTold(finding)),
            why: finding.standing.why,
          },
        ]
      : [],
  );
}

/** What was there and has been mended, before and after. */
export function findingsPutRight({
  state,
  photos,
  nameOf,
}: WalkTold): Told<NonNullable<ReportDocument['putRight']>> {
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
        line: starting(findingTold(finding)),
        says: standing.says,
        at: standing.at,
        kept: keptTold(finding.details, standing.at),
        before: shown.filter((photo) => !isAfter(photo)),
        after: shown.filter(isAfter),
      },
    ];
  });
}

/** The photos of a finding, and those its place is marked on, the place before the thing. */
function photosOf(photos: readonly PhotoTold[], finding: number): number[] {
  const isMarked = (photo: PhotoTold) => photo.spots?.some(({ number }) => number === finding) ?? false;
  const seen = new Set<string>();
  return photos
    .filter((photo) => photo.finding === finding || isMarked(photo))
    .filter(({ sha256 }) => !seen.has(sha256) && seen.add(sha256))
    .map(({ number }) => number);
}
