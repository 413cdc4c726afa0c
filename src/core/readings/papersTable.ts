import { type Car, countryOf, type DistanceUnit } from '../car';
import { KM_PER_MILE, speakDistance } from '../measure';
import {
  certificateWords,
  compareNumbers,
  type Day,
  judgeOdometer,
  judgeService,
  type OdometerPoint,
  type OdometerStory,
  type ServiceEntry,
  type ServiceInterval,
  type ServiceStory,
} from '../papers';
import { type DatedFigure, type KeyState, numberPlaces, numberPlaceWords, type WalkState } from '../walk';
import { byText, isoDay } from '../wording';
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
  asks: readonly string[];
  /** Those of them that say nothing against the car: something is still to be tried, or a booklet is missing. */
  smallAsks: ReadonlySet<string>;
  /** What the papers say, in sentences. */
  says: readonly string[];
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
    return text ? [{ where: numberPlaceWords[place], text }] : [];
  });
  const readHere = [...new Set(state.odometerReads.map(({ value, unit: of }) => speakDistance(value, of)))];
  const order = new Map(story.entries.map((entry, i) => [entry, i]));
  const placeOf = (id: string) => order.get(trusted.get(id) as ServiceEntry) ?? 0;
  // Key by key, where that was said; else as they were counted.
  const tried = noted.keyStates?.filter((state) => state !== 'not-tried').length ?? noted.keysTried;
  const untried =
    noted.keys !== undefined && (tried ?? 0) < noted.keys
      ? [`${noted.keys - (tried ?? 0)} of ${noted.keys} keys not tried.`]
      : [];
  const noManuals = noted.manuals === 'missing' ? ['Manuals: missing.'] : [];
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
    asks: [
      ...(readHere.length > 1
        ? [
            `Different odometer figures were read in this walk: ${readHere.join(', ')}. Take back the wrong one in the log.`,
          ]
        : []),
      ...odometer.flags.map(({ says }) => says),
      ...beyond.map(
        ({ distance = 0 }) =>
          `A service without a date at ${speakDistance(distance, unit)} lies beyond today’s odometer, ${speakDistance(now ?? 0, unit)}: one of the two is wrong.`,
      ),
      ...compareNumbers(read).map(({ says }) => says),
      ...untried,
      ...faultyKeys(noted.keyStates ?? []),
      ...(noted.certificateUntil && noted.certificateUntil < today
        ? [`Inspection certificate: ${certificateWords(noted.certificateUntil, today)}`]
        : []),
      ...(noted.registration && noted.registration !== 'original'
        ? [
            `Registration paper: ${noted.registration === 'copy' ? 'a copy alone' : 'missing'}${said(noted.registrationSays)}.`,
          ]
        : []),
      ...noManuals,
      ...(tried !== undefined && tried > (noted.keys ?? 0)
        ? [`${tried} keys tried, but ${noted.keys ?? 0} counted.`]
        : []),
    ],
    smallAsks: new Set([...untried, ...noManuals]),
    says: [
      ...(services.size > 0 || noted.stamps ? story.says : []),
      ...(odometer.perYear === undefined
        ? []
        : [`About ${speakDistance(Math.round(odometer.perYear / 100) * 100, unit)} a year.`]),
      // What is asked is not said once more.
      ...(noted.certificateUntil && noted.certificateUntil >= today
        ? [`Inspection certificate: ${certificateWords(noted.certificateUntil, today)}`]
        : []),
      ...(noted.certificateSays ? [`Of the certificate: ${noted.certificateSays}.`] : []),
      ...(noted.keepers === undefined
        ? []
        : [`${noted.keepers} ${noted.keepers === 1 ? 'keeper' : 'keepers'}${said(noted.keepersSays)}.`]),
      ...(noted.keys === undefined
        ? []
        : [`${noted.keys} ${noted.keys === 1 ? 'key' : 'keys'}, ${tried ?? 0} tried.`]),
      ...(noted.keyStates ? [keysSay(noted.keyStates)] : []),
      ...(noted.registration === 'original'
        ? [`Registration paper: ${noted.registration}${said(noted.registrationSays)}.`]
        : []),
      ...(noted.manuals && noted.manuals !== 'missing' ? [`Manuals: ${noted.manuals}.`] : []),
      ...(noted.recalls ? [`Recalls: ${noted.recalls}.`] : []),
      ...(read.length > 1 && compareNumbers(read).length === 0
        ? [`Identity number alike at ${read.map(({ where }) => where.toLowerCase()).join(', ')}.`]
        : []),
    ],
    isEmpty:
      services.size === 0 && Object.keys(noted).length === 0 && numbers.size === 0 && figures.size === 0,
  };
}

const keyOf = (point: { day?: Day | undefined; value?: number | undefined } | undefined): string =>
  `${point?.day} ${point?.value}`;

function withoutDistance({ distance: _, ...entry }: ServiceEntry): ServiceEntry {
  return entry;
}

const said = (note: string | undefined): string => (note ? `, ${note}` : '');

const faultyKeys = (states: readonly KeyState[]): string[] =>
  states.flatMap((state, i) => (state === 'faulty' ? [`Key ${i + 1} ${keyWords.faulty}.`] : []));

/** "Key 1 works; key 2 does not work; key 3 not tried." */
const keysSay = (states: readonly KeyState[]): string =>
  `${states.map((state, i) => `${i === 0 ? 'Key' : 'key'} ${i + 1} ${keyWords[state]}`).join('; ')}.`;

const keyWords: Record<KeyState, string> = {
  works: 'opens and starts',
  faulty: 'does not work',
  'not-tried': 'not tried',
};
