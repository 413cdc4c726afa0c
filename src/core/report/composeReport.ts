import {
  bodyStyleNames,
  type Car,
  carTitle,
  type FaceId,
  faceName,
  type Part,
  partNameForAnyone,
  sentence,
  styleOf,
  type Vocabulary,
  vocabularyOf,
} from '../car';
import { speakDistanceBothWays, speakTread } from '../measure';
import type { WalkFigure } from '../readings';
import {
  actionLine,
  conditionLine,
  coverage,
  type Entry,
  findingKindOf,
  findingLine,
  isStanding,
  mayHaveHidden,
  noticeOf,
  partStatus,
  replay,
  routeOf,
  testLine,
  type WalkState,
} from '../walk';
import { BRAKE_CAUTION } from '../wheels';
import { orderPhotos } from './orderPhotos';
import { paragraphOf } from './paragraph';
import { REPORT_VERSION, type ReportDocument, type ReportFinding, type ReportPhoto } from './reportDocument';
import { reportReadings } from './reportReadings';
import { generalCautions, outOfScope, statusSays, summaryLines, TYRE_CAUTION } from './wording';

export interface PhotoFacts {
  width: number;
  height: number;
}

/** All that a report rests on. The same inputs give the same document. */
export interface ReportInputs {
  id: string;
  revision: number;
  frozenAt: string;
  signedBy: string;
  yard: ReportDocument['yard'];
  car: Omit<Car, 'id' | 'createdAt' | 'updatedAt'>;
  walk: string;
  /** The walk's entries up to the position frozen. */
  entries: readonly Entry[];
  /** Known photos by SHA-256; others are listed without a size. */
  photos: ReadonlyMap<string, PhotoFacts>;
  /** What other walks of the car read off its odometer. */
  otherWalks?: readonly WalkFigure[];
}

/** Thrown when there is nothing to freeze. */
export class EmptyWalkError extends Error {
  constructor() {
    super('The walk has not begun: there is nothing to freeze.');
  }
}

/** Freezes a walk into the document every rendering is made from. Throws EmptyWalkError for a walk without its first entry. */
export function composeReport(inputs: ReportInputs): ReportDocument {
  const state = replay(inputs.walk, inputs.entries);
  if (!state.begun) throw new EmptyWalkError();
  const style = styleOf({ ...state.begun, steering: inputs.car.steering });
  const vocabulary = vocabularyOf(inputs.car);
  const partOf = (id: string): Part | undefined => style.parts.get(id);
  const nameOf = (id: string) => {
    const part = partOf(id);
    return part ? partNameForAnyone(part, inputs.car) : id;
  };
  const route = routeOf(state, style);
  const photos = orderPhotos(state, route, nameOf, vocabulary, inputs.photos);
  const standing = state.findings.filter((finding) => isStanding(finding));
  const findings = standing.map((finding): ReportFinding => {
    const caution = findingKindOf(finding.kind).caution;
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
      action: actionLine(finding, vocabulary),
      promised: finding.details.action !== undefined && finding.details.action !== 'leave',
      note: finding.details.note ?? '',
      caution,
      photos: photosOf(photos, finding.number),
    };
  });
  const putRight = mended(state, photos, nameOf, vocabulary);
  const cover = coverage(state, style);
  const readings = reportReadings(state, style, inputs.car, nameOf, new Date(inputs.frozenAt), {
    photosOf: (id) => {
      const shown = new Set(state.photos.flatMap((photo) => (photo.function === id ? [photo.sha256] : [])));
      return photos.flatMap(({ sha256, number }) => (shown.has(sha256) ? [number] : []));
    },
    otherWalks: inputs.otherWalks ?? [],
  });
  const { identityAsRead: _, ...car } = carOnly(inputs.car);

  const document: ReportDocument = {
    format: 'zelk-report',
    version: REPORT_VERSION,
    id: inputs.id,
    revision: inputs.revision,
    frozenAt: inputs.frozenAt,
    position: inputs.entries.length,
    walk: inputs.walk,
    walkedFrom: state.begun.at,
    walkedTo: state.lastEntryAt ?? state.begun.at,
    signedBy: inputs.signedBy,
    yard: inputs.yard,
    title: carTitle(inputs.car),
    car,
    bodyStyleName: bodyStyleNames[state.begun.bodyStyle][vocabulary],
    odometer: state.odometer && speakDistanceBothWays(state.odometer.value, state.odometer.unit),
    ...(state.odometer && {
      odometerRead: { value: state.odometer.value, unit: state.odometer.unit },
    }),
    summary: summaryLines(findings, cover),
    conditions: conditionLines(state, (side) => faceName(side, inputs.car)),
    mayHide: mayHaveHidden(state.conditionsMet, inputs.car.paintTone, vocabulary),
    findings,
    dismissed: state.findings.flatMap((finding) =>
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
    ),
    ...(putRight.length > 0 && { putRight }),
    notLookedAt: cover.left.map((stop) => sentence(nameOf(stop.part))),
    notSeen: cover.notSeen.map(({ part, why }) => ({ name: sentence(nameOf(part)), why })),
    readingsMissing: missingReadings(cover, nameOf),
    outOfScope: outOfScope({
      functions: readings.functions !== undefined,
      papers: readings.papers !== undefined,
    }),
    parts: route.map(({ part, face }) => {
      const here = findings.filter((finding) => finding.part === part).map((finding) => finding.number);
      const status = partStatus(state, part);
      return {
        part,
        name: sentence(nameOf(part)),
        face,
        status,
        says: [
          statusSays(status, here, notSeenWhy(state, part)),
          ...putRight.flatMap((each) => (each.part === part ? [`${each.number} put right`] : [])),
        ].join('; '),
        findings: here,
      };
    }),
    treads: route.flatMap(({ part }) => {
      const read = state.treads.get(part);
      return read ? [{ part, name: sentence(nameOf(part)), depth: speakTread(read.depth, read.unit) }] : [];
    }),
    ...readings,
    ...(inputs.otherWalks && inputs.otherWalks.length > 0 && { otherWalks: [...inputs.otherWalks] }),
    photos,
    cautions: [
      ...new Set([
        ...findings.flatMap((finding) => finding.caution ?? []),
        ...(readings.tyres?.rows.some(({ mayBeDriven }) => !mayBeDriven) ? [TYRE_CAUTION] : []),
        ...(readings.functions?.faulty.flatMap(({ caution }) => caution ?? []) ?? []),
        ...(readings.functions?.lampsOn?.flatMap(({ caution }) => caution ?? []) ?? []),
        ...(readings.kit?.cautions ?? []),
        ...(readings.wheels?.rows.some(({ brake }) => brake !== '') ? [BRAKE_CAUTION] : []),
      ]),
      ...generalCautions,
    ],
  };
  return withoutUndefined({
    ...document,
    paragraph: paragraphOf({ ...document, year: inputs.car.year }, vocabulary),
  });
}

function mended(
  { findings }: WalkState,
  photos: readonly ReportPhoto[],
  nameOf: (part: string) => string,
  vocabulary: Vocabulary,
): NonNullable<ReportDocument['putRight']> {
  const isAfter = (number: number) => photos.find((photo) => photo.number === number)?.role === 'after';
  return findings.flatMap((finding) => {
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

/** Under which conditions the car was looked at: the whole of it, then sides where it differed. */
function conditionLines({ conditions }: WalkState, sideName: (side: FaceId) => string): string[] {
  const sides = [...conditions.sides].map(
    ([side, noted]) => `${sentence(sideName(side))}: ${conditionLine(noted)}`,
  );
  return conditions.whole ? [sentence(conditionLine(conditions.whole)), ...sides] : sides;
}

function notSeenWhy(state: WalkState, part: string): string | undefined {
  const look = state.looks.get(part);
  return look?.status === 'not-seen' ? look.why : undefined;
}

function missingReadings(cover: ReturnType<typeof coverage>, nameOf: (part: string) => string): string[] {
  return [
    ...cover.treadsLeft.map((part) => `Tread depth, ${nameOf(part)}`),
    ...(cover.isPaintRead
      ? cover.paintLeft.map((part) => `Paint depth, ${nameOf(part)}`)
      : ['Paint depth of any panel']),
    ...(cover.odometerLeft ? ['Odometer'] : []),
  ];
}

function carOnly(car: ReportInputs['car']): ReportInputs['car'] {
  const { id: _id, createdAt: _created, updatedAt: _updated, ...details } = car as Car;
  return details;
}

/** Absent and undefined mean the same; JSON keeps only the first, and a frozen document must equal its copy. */
function withoutUndefined(document: ReportDocument): ReportDocument {
  return JSON.parse(JSON.stringify(document)) as ReportDocument;
}
