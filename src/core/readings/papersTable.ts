import { type Car, countryOf, type DistanceUnit } from '../car';
import { KM_PER_MILE } from '../measure';
import {
  type Day,
  judgeOdometer,
  judgeService,
  type OdometerPoint,
  type OdometerStory,
  type ServiceEntry,
  type ServiceInterval,
  type ServiceStory,
} from '../papers';
import type { Text } from '../told';
import { type DatedFigure, numberPlaces, type WalkState } from '../walk';
import { byText, isoDay } from '../wording';
import { type Ask, asksOf, type PapersJudged, saysOf } from './papersTold';
import { sayOfPlace } from './readingWords';
import type { WalkFigure } from './walkFigures';

export interface PapersTable {
  unit: DistanceUnit;
  /** By its id in the log, oldest first. */
  services: readonly { id: string; entry: ServiceEntry }[];
  /** Dated odometer figures of certificates and photos, oldest first. */
  figures: readonly ({ id: string } & DatedFigure)[];
  story: ServiceStory;
  odometer: OdometerStory;
  interval: ServiceInterval;
  /** The interval is the house's usual one: nobody has entered the maker's. */
  isUsualInterval: boolean;
  /** Questions: figures and numbers that do not agree, keys that were not tried. */
  asks: readonly Ask[];
  /** What the papers say, in sentences. */
  says: readonly Text[];
  /** Nothing was said of any paper. */
  isEmpty: boolean;
}

/** House rule where the maker's interval is not entered. */
const USUAL: Record<DistanceUnit, ServiceInterval> = {
  mi: { distance: 10_000, months: 12 },
  km: { distance: 15_000, months: 12 },
};

/** What a car's papers come to on a day. `others` are the figures that other walks of the car read. */
export function papersTable(
  state: WalkState,
  car: Pick<Car, 'country'>,
  today: Day,
  others: readonly WalkFigure[] = [],
): PapersTable {
  const unit = countryOf(car.country).distance;
  const { noted, numbers, services, figures } = state.papers;
  const inUnit = (value: number, from: DistanceUnit) =>
    from === unit ? value : Math.round(unit === 'mi' ? value / KM_PER_MILE : value * KM_PER_MILE);
  const now = state.odometer && inUnit(state.odometer.value, state.odometer.unit);
  const points: OdometerPoint[] = [
    ...[...services.values()].flatMap(({ day, distance }) =>
      day !== undefined && distance !== undefined
        ? [{ day, value: distance, source: 'service' as const }]
        : [],
    ),
    ...[...figures.values()].map(({ day, value, source }) => ({ day, value, source })),
    ...others
      .filter(({ walk }) => walk !== state.walk)
      .map(({ day, value, unit: of }) => ({ day, value: inUnit(value, of), source: 'walk' as const })),
    ...(state.odometer && now !== undefined
      ? [{ day: isoDay(state.odometer.at), value: now, source: 'walk' as const }]
      : []),
  ];
  const odometer = judgeOdometer(points, unit);
  const interval = noted.interval ?? USUAL[unit];
  // A figure that does not fit says nothing of a stretch: those are then judged by their dates alone.
  const wrong = new Set(odometer.flags.map(({ at }) => keyOf(odometer.points[at])));
  const isWrong = ({ day, distance }: ServiceEntry) => wrong.has(keyOf({ day, value: distance }));
  // Without a day, a figure can only be held against today's odometer.
  const beyond = [...services.values()].filter(
    ({ day, distance }) => day === undefined && distance !== undefined && now !== undefined && distance > now,
  );
  const trusted = new Map(
    [...services]
      .filter(([, entry]) => !beyond.includes(entry))
      .map(([id, entry]) => [id, isWrong(entry) ? withoutDistance(entry) : entry]),
  );
  const story = judgeService([...trusted.values()], interval as ServiceInterval, {
    today,
    unit,
    doubtful: beyond.length + [...services.values()].filter(isWrong).length,
    ...(noted.stamps !== undefined && { stamps: noted.stamps }),
    ...(now !== undefined && { odometer: now }),
    ...(noted.firstUse && { firstUse: noted.firstUse }),
    ...(odometer.perYear !== undefined && { perYear: odometer.perYear }),
  });
  const read = numberPlaces.flatMap((place) => {
    const text = numbers.get(place);
    return text ? [{ where: sayOfPlace(`numberPlace.${place}`), text }] : [];
  });
  const order = new Map(story.entries.map((entry, i) => [entry, i]));
  const placeOf = (id: string) => order.get(trusted.get(id) as ServiceEntry) ?? 0;
  const judged: PapersJudged = { state, unit, now, odometer, story, beyond, read, today };
  return {
    unit,
    services: [...services]
      .map(([id, entry]) => ({ id, entry }))
      .sort((a, b) => placeOf(a.id) - placeOf(b.id)),
    figures: [...figures].map(([id, figure]) => ({ id, ...figure })).sort((a, b) => byText(a.day, b.day)),
    story,
    odometer,
    interval: interval as ServiceInterval,
    isUsualInterval: noted.interval === undefined,
    asks: asksOf(judged),
    says: saysOf(judged),
    isEmpty:
      services.size === 0 && Object.keys(noted).length === 0 && numbers.size === 0 && figures.size === 0,
  };
}

const keyOf = (point: { day?: Day | undefined; value?: number | undefined } | undefined): string =>
  `${point?.day} ${point?.value}`;

function withoutDistance({ distance: _, ...entry }: ServiceEntry): ServiceEntry {
  return entry;
}
