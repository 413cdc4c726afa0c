import { type Car, type Vocabulary, vocabularyOf } from '../car';
import { type WarningLampId, warningLampName, warningLampOf } from '../functions';
import type { Facts } from '../judged';
import { serviceWords } from '../papers';
import { countWords, functionFault, functionTable, kitTable, papersLeft, type WalkFigure } from '../readings';
import type { DriveNoted, WalkState } from '../walk';
import { withinSentence } from '../wording';
import type { ReportReadings } from './reportReadingsShape';

type Spoken = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

/** What the second half rests on beyond its own log entries. */
export interface Seen {
  /** Numbers of the report's photos that show a function. */
  photosOf: (functionId: string) => number[];
  otherWalks: readonly WalkFigure[];
}

/** Everything that is not the outside: functions, what comes along, papers. Absent where nothing was said. */
export const secondHalf = (
  facts: Facts,
  car: Spoken,
  seen: Seen,
): Pick<ReportReadings, 'functions' | 'kit' | 'papers'> => ({
  ...functions(facts.state, car, seen),
  ...kit(facts.state, car),
  ...papers(facts),
});

function functions(state: WalkState, car: Spoken, { photosOf }: Seen): Pick<ReportReadings, 'functions'> {
  const { groups, left, isBegun } = functionTable(state, car);
  const { lampsOn, drive, recordings } = state.functions;
  // A lamp that was seen to stay on is told, whether or not anything was tried.
  if (!isBegun && !lampsOn && !drive && recordings.length === 0) return {};
  const rows = groups.flatMap((group) => group.rows);
  const are = (wanted: string) => rows.filter(({ tried }) => tried?.state === wanted);
  const [works, faulty, notTried, notFitted] = [
    are('works'),
    are('faulty'),
    are('not-tried'),
    are('not-fitted'),
  ];
  const vocabulary = vocabularyOf(car);
  const tried = works.length + faulty.length;
  return {
    functions: {
      summary: [
        tried > 0 ? `${works.length} of ${tried} functions tried work` : 'No function was tried',
        ...(faulty.length > 0 ? [`${faulty.length} ${faulty.length === 1 ? 'is' : 'are'} faulty`] : []),
        ...(notTried.length + left.length > 0 ? [`${notTried.length + left.length} not tried`] : []),
      ].join('; '),
      faulty: faulty.map(({ id, tried, facts }) => ({
        name: functionFault(state.functions, id, vocabulary),
        says: tried?.says ?? '',
        ...(facts?.caution && { caution: facts.caution }),
        ...(photosOf(id).length > 0 && { photos: photosOf(id) }),
      })),
      ...(lampsOn && {
        lampsOn: lampsOn.map((lamp) => {
          const { caution } = warningLampOf(lamp);
          return { name: warningLampName(lamp, vocabulary), ...(caution && { caution }) };
        }),
      }),
      ...(lampsOn && { lampsSay: lampsSay(lampsOn, vocabulary) }),
      ...(drive && { drive: driveWords(drive) }),
      ...(recordings.length > 0 && {
        recordings: recordings.map(({ sha256, of, seconds, function: id, says }) => ({
          sha256,
          of,
          seconds,
          name: functionFault(state.functions, id, vocabulary),
          says: says ?? '',
        })),
      }),
      notTried: notTried.map(({ name, tried }) => ({ name: withinSentence(name), says: tried?.says ?? '' })),
      works: groups.flatMap((group) => {
        const names = group.rows
          .filter(({ tried }) => tried?.state === 'works')
          .map(({ name, tried }) =>
            [withinSentence(name), tried?.says && `(${tried.says})`].filter(Boolean).join(' '),
          );
        return names.length > 0 ? [{ group: group.name, names }] : [];
      }),
      notFitted: notFitted.map(({ name }) => withinSentence(name)),
      left: left.map(({ name }) => withinSentence(name)),
    },
  };
}

function lampsSay(on: readonly WarningLampId[], vocabulary: Vocabulary): string {
  const lamp = vocabulary === 'us' ? 'light' : 'lamp';
  return on.length === 0
    ? `No warning ${lamp} stays on`
    : `Warning ${lamp}s that stay on: ${on.map((id) => warningLampName(id, vocabulary).toLowerCase()).join(', ')}`;
}

/** The driver's name stays in the log: a reader is told that the driver may drive. */
function driveWords({ distance, unit, says }: DriveNoted): string {
  const far = distance ? ` ${distance} ${unit === 'km' ? 'km' : 'miles'}` : '';
  return `Driven${far} by a licensed, insured driver with trade cover${says ? `: ${says}` : ''}`;
}

function kit(state: WalkState, car: Spoken): Pick<ReportReadings, 'kit'> {
  const table = kitTable(state, car);
  if (!table.isBegun) return {};
  const there = table.rows.flatMap(({ name, counted }) =>
    counted && counted.count > 0 ? [`${name}: ${countWords(counted)}`] : [],
  );
  return {
    kit: {
      ...(table.smell && { smell: table.smell }),
      there,
      missing: table.rows.flatMap(({ name, counted }) =>
        counted?.count === 0 ? [[withinSentence(name), counted.says].filter(Boolean).join(', ')] : [],
      ),
      left: table.left.map(({ name }) => withinSentence(name)),
      altered: table.alterations.map(({ says }) => says),
      notes: [...table.notes],
      cautions: [...table.cautions],
    },
  };
}

function papers({ state, papers: table }: Facts): Pick<ReportReadings, 'papers'> {
  if (table.isEmpty) return {};
  return {
    papers: {
      asks: [...table.asks],
      says: [
        ...table.says,
        ...(table.isUsualInterval && table.services.length > 0
          ? ['Held against a usual interval: the maker’s was not entered.']
          : []),
      ],
      left: papersLeft(state.papers),
      services: table.services.map(({ entry }) => serviceWords(entry, table.unit)),
    },
  };
}
