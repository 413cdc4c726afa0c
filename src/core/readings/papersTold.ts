import type { DistanceUnit } from '../car';
import { distanceTold } from '../measure';
import {
  certificateTold,
  compareNumbers,
  type Day,
  type NumberRead,
  type OdometerStory,
  type ServiceEntry,
  type ServiceStory,
  sayOfPapers,
} from '../papers';
import { listed, own, starting, type Text } from '../told';
import { sayOfWalk, type WalkState } from '../walk';

export interface Ask {
  /** As it stands within a sentence, without its stop. */
  says: Text;
  /** It says nothing against the car: something is still to be tried, or a booklet is missing. */
  isSmall?: true;
}

/** What the papers of a walk come to, before it is told. */
export interface PapersJudged {
  state: WalkState;
  unit: DistanceUnit;
  /** The odometer, in that unit. */
  now: number | undefined;
  odometer: OdometerStory;
  story: ServiceStory;
  /** Services without a day, at a distance beyond the odometer. */
  beyond: readonly ServiceEntry[];
  /** The identity number as it was read, by place. */
  read: readonly NumberRead[];
  today: Day;
}

/** Questions: figures and numbers that do not agree, keys that were not tried. */
export function asksOf({ state, unit, now, odometer, beyond, read, today }: PapersJudged): Ask[] {
  const { noted } = state.papers;
  const tried = keysTried(state);
  const registration = registrationTold(state);
  return [
    ...odometersRead(state),
    ...odometer.flags.map(({ says }) => ({ says })),
    ...beyond.map(({ distance = 0 }) => ({
      says: sayOfPapers('papers.beyond', {
        distance: distanceTold(distance, unit),
        now: distanceTold(now ?? 0, unit),
      }),
    })),
    ...compareNumbers(read).map(({ says }) => ({ says })),
    ...(noted.keys !== undefined && (tried ?? 0) < noted.keys
      ? [
          {
            says: sayOfPapers('papers.keysUntried', { n: noted.keys - (tried ?? 0), of: noted.keys }),
            isSmall: true as const,
          },
        ]
      : []),
    ...(noted.keyStates ?? []).flatMap((is, i) =>
      is === 'faulty' ? [{ says: sayOfPapers('papers.keyFaulty', { n: i + 1 }) }] : [],
    ),
    ...(isExpired(state, today) ? [{ says: certificateOf(state, today) as Text }] : []),
    ...(registration && noted.registration !== 'original' ? [{ says: registration }] : []),
    ...(noted.manuals === 'missing'
      ? [{ says: sayOfPapers('papers.manuals', { are: 'missing' }), isSmall: true as const }]
      : []),
    ...(tried !== undefined && tried > (noted.keys ?? 0)
      ? [{ says: sayOfPapers('papers.triedMore', { tried, counted: noted.keys ?? 0 }) }]
      : []),
  ];
}

/** What the papers say, in sentences. What is asked is not said once more. */
export function saysOf({ state, unit, odometer, story, read, today }: PapersJudged): Text[] {
  const { noted, services } = state.papers;
  const lines = [
    odometer.perYear === undefined
      ? undefined
      : sayOfPapers('papers.aYear', {
          distance: distanceTold(Math.round(odometer.perYear / 100) * 100, unit),
        }),
    isExpired(state, today) ? undefined : certificateOf(state, today),
    noted.certificateSays
      ? sayOfPapers('papers.ofCertificate', { says: own(noted.certificateSays) })
      : undefined,
    noted.keepers === undefined
      ? undefined
      : listed('comma', [sayOfPapers('papers.keepers', { n: noted.keepers }), typed(noted.keepersSays)]),
    noted.keys === undefined
      ? undefined
      : sayOfPapers('papers.keys', { n: noted.keys, tried: keysTried(state) ?? 0 }),
    noted.keyStates &&
      listed(
        'semicolon',
        noted.keyStates.map((is, i) => sayOfPapers('papers.key', { n: i + 1, is })),
      ),
    noted.registration === 'original' ? registrationTold(state) : undefined,
    noted.manuals && noted.manuals !== 'missing'
      ? sayOfPapers('papers.manuals', { are: noted.manuals })
      : undefined,
    noted.recalls ? sayOfPapers('papers.recalls', { says: own(noted.recalls) }) : undefined,
    read.length > 1 && compareNumbers(read).length === 0
      ? sayOfPapers('papers.alike', {
          places: listed(
            'comma',
            read.map(({ where }) => where),
          ),
        })
      : undefined,
  ];
  return [
    ...(services.size > 0 || noted.stamps ? story.says : []),
    ...lines.flatMap((says) => (says ? [lineOf(says)] : [])),
  ];
}

/** What is said or asked of papers, as a line of its own. */
export const lineOf = (says: Text): Text => starting(sayOfWalk('line', { says }));

/** Key by key, where that was said; else as they were counted. */
const keysTried = ({ papers: { noted } }: WalkState): number | undefined =>
  noted.keyStates?.filter((is) => is !== 'not-tried').length ?? noted.keysTried;

const isExpired = ({ papers: { noted } }: WalkState, today: Day): boolean =>
  noted.certificateUntil !== undefined && noted.certificateUntil < today;

const certificateOf = ({ papers: { noted } }: WalkState, today: Day): Text | undefined =>
  noted.certificateUntil === undefined
    ? undefined
    : sayOfPapers('papers.certificate', { says: certificateTold(noted.certificateUntil, today) });

const registrationTold = ({ papers: { noted } }: WalkState): Text | undefined =>
  noted.registration &&
  listed('comma', [
    sayOfPapers('papers.registration', { is: noted.registration }),
    typed(noted.registrationSays),
  ]);

const typed = (note: string | undefined): Text | undefined => (note ? own(note) : undefined);

function odometersRead({ odometerReads }: WalkState): Ask[] {
  const different = new Map(odometerReads.map(({ value, unit }) => [`${value} ${unit}`, { value, unit }]));
  if (different.size < 2) return [];
  const figures = [...different.values()].map(({ value, unit }) => distanceTold(value, unit));
  return [{ says: sayOfPapers('papers.odometers', { figures: listed('comma', figures) }) }];
}
