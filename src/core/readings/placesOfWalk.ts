import { type BodyStyle, type FaceId, outsideFaces, type PartId } from '../car';
import { FEWEST_READINGS } from '../paint';
import { isStanding, partStatus, routeOf, type WalkState } from '../walk';
import { type FunctionTable, functionTable } from './functionTable';
import { kitTable } from './kitTable';
import { panelsToGauge } from './paintTable';
import { tyresOf } from './tyreTable';

/** Where there is something to do on a walk: places of the car, and screens of their own. */
export type PlaceOfWalk =
  | 'outside'
  | 'cabin'
  | 'boot'
  | 'engine'
  | 'under'
  | 'tyres'
  | 'paint'
  | 'functions'
  | 'kit'
  | 'step-back';

export interface PlaceProgress {
  place: PlaceOfWalk;
  done: number;
  of: number;
  /** The first part there that nobody has looked at, in walking order. */
  next?: PartId;
}

type PlacesCar = Parameters<typeof functionTable>[1] & Parameters<typeof kitTable>[1];

const insideOf: readonly (readonly [PlaceOfWalk, FaceId])[] = [
  ['cabin', 'cabin'],
  ['boot', 'boot'],
  ['engine', 'engine'],
  ['under', 'under'],
];

/** How far a walk is in every place, as n of m; places the car does not have are left out. Of the step-back lap: findings with a distance that was said. */
export function placesOfWalk(state: WalkState, style: BodyStyle, car: PlacesCar): PlaceProgress[] {
  const route = routeOf(state, style);
  const partsOf = (place: PlaceOfWalk, faces: readonly FaceId[]): PlaceProgress => {
    const parts = route.filter(({ face }) => face !== undefined && faces.includes(face));
    const left = parts.filter(({ part }) => partStatus(state, part) === 'not-looked-at');
    const next = left[0]?.part;
    return { place, done: parts.length - left.length, of: parts.length, ...(next && { next }) };
  };
  const tyres = tyresOf(state, style);
  const panels = panelsToGauge(state, style);
  const readings = (part: PartId) =>
    (state.paint.get(part) ?? []).reduce((sum, { um }) => sum + um.length, 0);
  const functions = rowsOf(functionTable(state, car));
  const kit = kitTable(state, car);
  const standing = state.findings.filter(isStanding);
  const counted = (place: PlaceOfWalk, done: number, of: number): PlaceProgress => ({ place, done, of });
  return [
    partsOf('outside', outsideFaces),
    ...insideOf.map(([place, face]) => partsOf(place, [face])),
    counted('tyres', tyres.filter(({ id }) => state.treads.has(id)).length, tyres.length),
    counted('paint', panels.filter(({ id }) => readings(id) >= FEWEST_READINGS).length, panels.length),
    counted('functions', functions.filter(({ tried }) => tried !== undefined).length, functions.length),
    counted('kit', kit.rows.filter((row) => row.counted !== undefined).length, kit.rows.length),
    counted(
      'step-back',
      standing.filter(({ details }) => details.notice !== undefined).length,
      standing.length,
    ),
    // The lap can be walked before anything was found, too.
  ].filter(({ place, of }) => of > 0 || place === 'step-back');
}

const rowsOf = ({ groups }: FunctionTable) => groups.flatMap(({ rows }) => rows);
