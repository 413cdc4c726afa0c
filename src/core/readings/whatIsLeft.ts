import type { BodyStyle, Car, PartId } from '../car';
import { KM_PER_MILE, speakDistance } from '../measure';
import type { Day } from '../papers';
import { listed, starting, type Tell } from '../told';
import { type Coverage, coverage, isStanding, partStatus, toFollowTold, type WalkState } from '../walk';
import { type OthersLeft, othersLeft } from './othersLeft';
import { papersTable } from './papersTable';
import { lineOf } from './papersTold';
import { contradictions, partConcerns, tyresUndescribed } from './partConcerns';
import { tellFor } from './readingWords';
import { tyresOf } from './tyreTable';
import type { WalkFigure } from './walkFigures';

/** Screens of a walk on which something that is left can be done. */
export type LeftScreen = 'tyres' | 'paint' | 'pictures' | 'functions' | 'kit' | 'papers' | 'story';

/** What kind of thing is left; how it is worded is the business of whoever shows it. */
export type LeftCode =
  | 'part'
  | 'not-seen'
  | 'second-look'
  /** Known of such cars, and not looked for. */
  | 'weak-spot'
  | 'distance'
  /** A mark that nobody has named. */
  | 'unnamed'
  | 'tread'
  /** Brand or size; week of make. */
  | 'tyre-make'
  | 'tyre-age'
  /** Two things that cannot both hold. */
  | 'contradiction'
  /** Said to be clear, and something is known of it. */
  | 'clear-but'
  | 'odometer'
  | 'paint'
  | 'close-up'
  | 'place-photo'
  | 'after-photo'
  | 'part-photo'
  | 'odometer-photo'
  | 'whole-car-photo'
  | 'plate'
  | 'poor-photo'
  | 'unplaced-photo'
  | 'running-test'
  | 'function'
  | 'item'
  | 'smell'
  | 'papers'
  | 'conditions'
  | 'disagreement'
  /** Promised, and what is done or by when was not said. */
  | 'promise'
  /** Promised for later than the report, by a day that is over. */
  | 'overdue';

/** One thing that is left, and where it is done: at a part of the walk, or on a screen of its own. */
export interface LeftItem {
  code: LeftCode;
  part?: PartId;
  screen?: LeftScreen;
  /** Number of the finding it is about. */
  finding?: number;
  /** Its name, or why, in words that need no part. */
  says?: string;
  /** When a test that runs was begun, and how long it takes: seconds, or until the next morning. */
  begunAt?: string;
  takes?: number | 'overnight';
}

/** Subjects of which nobody has said anything yet. */
export type LeftSubject = 'functions' | 'kit' | 'papers';

export interface WhatIsLeft {
  /** Everything left, each kind in walking order. */
  items: readonly LeftItem[];
  notBegun: ReadonlySet<LeftSubject>;
  cover: Coverage;
}

interface Beside {
  /** For expiry and ages of the papers. */
  today: Day;
  /** Pictures judged to be soft, shaken, too dark or too bright, by SHA-256. */
  poorPhotos?: ReadonlySet<string>;
  /** What other walks of the car read off its odometer. */
  otherWalks?: readonly WalkFigure[];
}

type Spoken = Parameters<typeof papersTable>[1] & Parameters<typeof othersLeft>[1] & Pick<Car, 'year'>;

/** Everything a walk has not said, seen or shown yet. A report frozen now will tell it, or be the poorer for it. */
export function whatIsLeft(
  state: WalkState,
  style: BodyStyle,
  car: Spoken,
  { today, poorPhotos = new Set(), otherWalks = [] }: Beside,
): WhatIsLeft {
  const cover = coverage(state, style);
  const others = othersLeft(state, car);
  const papers = papersTable(state, car, today, otherWalks);
  const tell = tellFor(car);
  return {
    items: [
      ...partsLeft(state, cover),
      ...readingsLeft(cover),
      ...tyresLeft(state, style),
      ...doubtsLeft(state, style, car, new Date(today)),
      ...photosLeft(state, cover, poorPhotos),
      ...othersOf(others, tell),
      ...papers.asks.map(
        ({ says, isSmall }): LeftItem =>
          isSmall
            ? { code: 'papers', screen: 'papers', says: tell(starting(says)) }
            : { code: 'disagreement', screen: 'papers', says: tell(lineOf(says)) },
      ),
      ...distanceLeft(state, car, today),
      ...promisesLeft(state),
      ...[...state.toFollow.values()]
        .filter(({ by }) => by !== undefined && by < today)
        .map((each): LeftItem => ({ code: 'overdue', screen: 'story', says: tell(toFollowTold(each)) })),
    ],
    notBegun: new Set<LeftSubject>([
      ...(others.isFunctionsBegun ? [] : ['functions' as const]),
      ...(others.isKitBegun ? [] : ['kit' as const]),
      ...(others.isPapersBegun ? [] : ['papers' as const]),
    ]),
    cover,
  };
}

/** Those of one kind, in their order. */
export const leftOf = ({ items }: Pick<WhatIsLeft, 'items'>, code: LeftCode): LeftItem[] =>
  items.filter((item) => item.code === code);

function partsLeft({ findings, conditions }: WalkState, cover: Coverage): LeftItem[] {
  return [
    ...cover.left.map(({ part }): LeftItem => ({ code: 'part', part })),
    ...cover.notSeen.map(({ part, why }): LeftItem => ({ code: 'not-seen', part, says: why })),
    ...cover.unresolved.map((part): LeftItem => ({ code: 'second-look', part })),
    ...cover.spotsLeft.map(({ part, title }): LeftItem => ({ code: 'weak-spot', part, says: title })),
    ...findings
      .filter((finding) => isStanding(finding) && finding.details.notice === undefined)
      .map(({ part, number }): LeftItem => ({ code: 'distance', part, finding: number })),
    ...(conditions.whole ? [] : [{ code: 'conditions' } as const]),
  ];
}

function tyresLeft(state: WalkState, style: BodyStyle): LeftItem[] {
  const { make, age } = tyresUndescribed(state, tyresOf(state, style));
  return [
    ...make.map((part): LeftItem => ({ code: 'tyre-make', part, screen: 'tyres' })),
    ...age.map((part): LeftItem => ({ code: 'tyre-age', part, screen: 'tyres' })),
  ];
}

function doubtsLeft(state: WalkState, style: BodyStyle, car: Spoken, now: Date): LeftItem[] {
  const concerns = partConcerns(state, style, car, now);
  return [
    ...contradictions(state).map(({ part, says }): LeftItem => ({ code: 'contradiction', part, says })),
    ...[...concerns].flatMap(([part, known]): LeftItem[] =>
      state.looks.get(part)?.status === 'clear' && partStatus(state, part, concerns) === 'looked-at'
        ? [{ code: 'clear-but', part, says: tellFor(car)(listed('semicolon', known)) }]
        : [],
    ),
    ...state.findings
      .filter((finding) => isStanding(finding) && finding.kind === 'mark')
      .map(({ number, part }): LeftItem => ({ code: 'unnamed', part, finding: number })),
  ];
}

function readingsLeft({ treadsLeft, odometerLeft, isPaintRead, paintLeft }: Coverage): LeftItem[] {
  return [
    ...treadsLeft.map((part): LeftItem => ({ code: 'tread', part, screen: 'tyres' })),
    // A gauge that was never used is not asked for panel by panel.
    ...(isPaintRead ? paintLeft.map((part): LeftItem => ({ code: 'paint', part, screen: 'paint' })) : []),
    ...(odometerLeft ? [{ code: 'odometer', part: 'odometer' } as const] : []),
  ];
}

/** A distance a year beyond these is seldom true of a car of some years: asked of whoever signs, told to nobody. House rule, miles. */
const [LEAST_A_YEAR, MOST_A_YEAR] = [500, 60_000] as const;
/** Before so many years a car may have stood, or been driven hard. */
const SOME_YEARS = 3;

function distanceLeft({ odometer }: WalkState, { year }: Pick<Car, 'year'>, today: Day): LeftItem[] {
  const age = Number(today.slice(0, 4)) - year;
  if (!odometer || age < SOME_YEARS) return [];
  const miles = odometer.unit === 'km' ? odometer.value / KM_PER_MILE : odometer.value;
  if (miles >= LEAST_A_YEAR * age && miles <= MOST_A_YEAR * age) return [];
  const says = `The odometer reads ${speakDistance(odometer.value, odometer.unit)} at ${age} years: read it again, or note why`;
  return [{ code: 'disagreement', part: 'odometer', says }];
}

function promisesLeft({ findings }: WalkState): LeftItem[] {
  return findings.flatMap(({ part, number, details: { decision, cures = [] }, ...finding }): LeftItem[] => {
    if (decision?.is !== 'promised' || !isStanding(finding)) return [];
    const missing = [cures.length === 0 && 'what is done', !decision.by && 'by when'].filter(Boolean);
    return missing.length > 0
      ? [
          {
            code: 'promise',
            part,
            finding: number,
            says: `promised, but nobody said ${missing.join(' and ')}`,
          },
        ]
      : [];
  });
}

const photoCodes = {
  'finding-close-up': 'close-up',
  'finding-place': 'place-photo',
  'finding-after': 'after-photo',
  part: 'part-photo',
  odometer: 'odometer-photo',
} as const;

function photosLeft(
  { photos, brought }: WalkState,
  cover: Coverage,
  poorPhotos: ReadonlySet<string>,
): LeftItem[] {
  return [
    ...cover.photosLeft.map((photo): LeftItem => {
      if (photo.why === 'whole-car') return { code: 'whole-car-photo', says: String(photo.have) };
      const { part } = photo;
      return { code: photoCodes[photo.why], part, ...('number' in photo && { finding: photo.number }) };
    }),
    ...cover.plates.map((says): LeftItem => ({ code: 'plate', screen: 'pictures', says })),
    ...photos
      .filter(({ sha256 }) => poorPhotos.has(sha256))
      .map(({ sha256 }): LeftItem => ({ code: 'poor-photo', screen: 'pictures', says: sha256 })),
    ...brought.map(({ sha256 }): LeftItem => ({ code: 'unplaced-photo', screen: 'pictures', says: sha256 })),
  ];
}

function othersOf({ running, functions, items, isSmellLeft, papers }: OthersLeft, tell: Tell): LeftItem[] {
  return [
    ...running.map(
      ({ name, begunAt, facts }): LeftItem => ({
        code: 'running-test',
        screen: 'functions',
        says: name,
        ...(begunAt !== undefined && { begunAt }),
        ...(facts?.takes !== undefined && { takes: facts.takes }),
      }),
    ),
    ...functions.map(({ name }): LeftItem => ({ code: 'function', screen: 'functions', says: name })),
    ...(isSmellLeft ? [{ code: 'smell', screen: 'kit' } as const] : []),
    ...items.map(({ name }): LeftItem => ({ code: 'item', screen: 'kit', says: name })),
    ...papers.map((says): LeftItem => ({ code: 'papers', screen: 'papers', says: tell(says) })),
  ];
}
