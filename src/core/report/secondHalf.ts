import type { Car } from '../car';
import { isFunctionId, warningLampOf } from '../functions';
import type { Facts } from '../judged';
import { serviceTold } from '../papers';
import {
  alterationTold,
  countTold,
  faultTold,
  functionTable,
  functionTold,
  itemTold,
  kitTable,
  lineOf,
  papersLeft,
  smellsTold,
  strongSmells,
  type WalkFigure,
} from '../readings';
import { listed, own, starting, type Text, type Told } from '../told';
import type { DriveNoted, WalkState } from '../walk';
import type { ReportReadings } from './reportReadingsShape';
import { say } from './words';

type Spoken = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;
type Readings = Told<ReportReadings>;

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
): Pick<Readings, 'functions' | 'kit' | 'papers'> => ({
  ...functions(facts.state, car, seen),
  ...kit(facts.state, car),
  ...papers(facts),
});

function functions(state: WalkState, car: Spoken, { photosOf }: Seen): Pick<Readings, 'functions'> {
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
  const fault = (id: string) => starting(faultTold(state.functions, id));
  const name = ({ id }: { id: string }) => functionTold(state.functions, id);
  return {
    functions: {
      summary: summaryOf({
        works: works.length,
        faulty: faulty.length,
        notTried: notTried.length + left.length,
      }),
      faulty: faulty.map(({ id, tried, facts }) => ({
        name: fault(id),
        says: tried?.says ?? '',
        ...(facts?.caution && isFunctionId(id) && { caution: say(`functionCaution.${id}`) }),
        ...(photosOf(id).length > 0 && { photos: photosOf(id) }),
      })),
      ...(lampsOn && {
        lampsOn: lampsOn.map((lamp) => ({
          name: starting(say(`lamp.${lamp}`)),
          ...(warningLampOf(lamp).caution && { caution: say(`lampCaution.${lamp}`) }),
        })),
        lampsSay: starting(
          lampsOn.length === 0
            ? say('lamps.none')
            : say('lamps.stay', {
                lamps: listed(
                  'comma',
                  lampsOn.map((lamp) => say(`lamp.${lamp}`)),
                ),
              }),
        ),
      }),
      ...(drive && { drive: starting(drivenTold(drive)) }),
      ...(recordings.length > 0 && {
        recordings: recordings.map(({ sha256, of, seconds, function: id, says }) => ({
          sha256,
          of,
          seconds,
          name: fault(id),
          says: says ?? '',
        })),
      }),
      notTried: notTried.map((row) => ({ name: name(row), says: row.tried?.says ?? '' })),
      works: groups.flatMap((group) => {
        const names = group.rows
          .filter(({ tried }) => tried?.state === 'works')
          .map((row) =>
            row.tried?.says ? say('with', { what: name(row), more: own(row.tried.says) }) : name(row),
          );
        return names.length > 0 ? [{ group: say(`functionGroup.${group.id}`), names }] : [];
      }),
      notFitted: notFitted.map(name),
      left: left.map(name),
    },
  };
}

/** "3 of 4 functions tried work; 1 is faulty; 12 not tried". */
const summaryOf = ({ works, faulty, notTried }: { works: number; faulty: number; notTried: number }): Text =>
  starting(
    listed('semicolon', [
      works + faulty > 0 ? say('functions.worked', { works, tried: works + faulty }) : say('functions.none'),
      faulty > 0 ? say('functions.faulty', { n: faulty }) : undefined,
      notTried > 0 ? say('functions.notTried', { n: notTried }) : undefined,
    ]),
  );

/** The driver's name stays in the log: a reader is told that the driver may drive. */
function drivenTold({ distance, unit, says }: DriveNoted): Text {
  const driven = distance
    ? say('driven.far', { far: distance, unit: unit === 'km' ? 'km' : 'mi' })
    : say('driven');
  return says ? say('where.says', { where: driven, says: own(says) }) : driven;
}

function kit(state: WalkState, car: Spoken): Pick<Readings, 'kit'> {
  const table = kitTable(state, car);
  if (!table.isBegun) return {};
  const { smells, alterations } = state.kit;
  return {
    kit: {
      ...(smells && { smell: smellsTold(smells) }),
      there: table.rows.flatMap(({ id, counted }) =>
        counted && counted.count > 0
          ? [starting(say('where.says', { where: itemTold(id, counted), says: countTold(counted) }))]
          : [],
      ),
      missing: table.rows.flatMap(({ id, counted }) =>
        counted?.count === 0
          ? [listed('comma', [itemTold(id, counted), counted.says ? own(counted.says) : undefined])]
          : [],
      ),
      left: table.left.map(({ id, counted }) => itemTold(id, counted)),
      altered: [...alterations.values()].map((altered) => starting(alterationTold(altered))),
      notes: alterations.size > 0 ? [say('alteration.note')] : [],
      cautions: strongSmells(state.kit).map(({ smell }) => say(`smellCaution.${smell}`)),
    },
  };
}

function papers({ state, papers: table }: Facts): Pick<Readings, 'papers'> {
  if (table.isEmpty) return {};
  return {
    papers: {
      asks: table.asks.map(({ says }) => lineOf(says)),
      says: [
        ...table.says,
        ...(table.isUsualInterval && table.services.length > 0 ? [say('papers.usual')] : []),
      ],
      left: papersLeft(state.papers),
      services: table.services.map(({ entry }) => serviceTold(entry, table.unit)),
    },
  };
}
