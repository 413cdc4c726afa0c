import { type BodyStyle, type FaceId, outsideFaces, type Part, type PartId } from '../car';
import { equipmentIds } from '../equipment';
import { FEWEST_READINGS } from '../paint';
import { coverage, isStanding, partStatus, routeOf, type WalkState, WHOLE_CAR_PHOTOS } from '../walk';
import { type FunctionTable, functionTable, isTriedFirst } from './functionTable';
import { kitTable } from './kitTable';
import { PAPERS_ASKED, papersLeft } from './othersLeft';
import { panelsToGauge } from './paintTable';
import { tyresOf } from './tyreTable';

/** Where there is something to do on a walk: places of the car, and screens of their own. */
export type PlaceOfWalk =
  | 'outside'
  | 'cabin'
  | 'boot'
  | 'engine'
  | 'under'
  | 'weak-spots'
  | 'pictures'
  | 'tyres'
  | 'paint'
  | 'glass'
  | 'functions'
  | 'papers'
  | 'kit'
  | 'story'
  | 'equipment'
  | 'step-back';

export interface PlaceProgress {
  place: PlaceOfWalk;
  done: number;
  of: number;
  /** The first part there that nobody has looked at, in walking order. */
  next?: PartId;
}

type PlacesCar = Parameters<typeof functionTable>[1] & Parameters<typeof kitTable>[1];

/** What a reader asks of a car's story; the rest is told where there is something to tell. */
const storyAsked = ['came-in', 'used-for', 'keepers', 'work-done'] as const;

const lamps: ReadonlySet<Part['kind']> = new Set(['headlamp', 'foglamp', 'taillamp']);
const isSeenThrough = (part: Part | undefined) =>
  part !== undefined && (part.material === 'glass' || lamps.has(part.kind));

const insideOf: readonly (readonly [PlaceOfWalk, FaceId])[] = [
  ['cabin', 'cabin'],
  ['boot', 'boot'],
  ['engine', 'engine'],
  ['under', 'under'],
];

/**
 * How far a walk is in every place, as n of m: the places of the car in the order this walk's route comes to them, then what is read, tried and told.
 * Places the car does not have are left out. Of the step-back lap: findings with a distance that was said; of the pictures: those taken, and those
 * that will be missed; of the story: what a reader asks of it.
 */
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
  // The rest may be tried, and is told as not tried: the handful is what a walk is held to.
  const functions = rowsOf(functionTable(state, car)).filter(isTriedFirst);
  const kit = kitTable(state, car);
  const standing = state.findings.filter(isStanding);
  const glass = route.filter(({ part }) => isSeenThrough(style.parts.get(part)));
  const { photosLeft, spotsLeft } = coverage(state, style);
  const taken = state.photos.filter(({ role }) => role !== undefined).length;
  const missing = photosLeft.reduce(
    (sum, left) => sum + (left.why === 'whole-car' ? WHOLE_CAR_PHOTOS - left.have : 1),
    0,
  );
  const told = new Set([...state.story.values()].map(({ about }) => about));
  const onWay = (place: PlaceOfWalk) => {
    const faces: readonly FaceId[] = place === 'outside' ? outsideFaces : [place as FaceId];
    return route.findIndex(({ face }) => face !== undefined && faces.includes(face));
  };
  const counted = (place: PlaceOfWalk, done: number, of: number): PlaceProgress => ({ place, done, of });
  return [
    ...[partsOf('outside', outsideFaces), ...insideOf.map(([place, face]) => partsOf(place, [face]))].sort(
      (a, b) => onWay(a.place) - onWay(b.place),
    ),
    {
      ...counted('weak-spots', state.weakSpots.size - spotsLeft.length, state.weakSpots.size),
      ...(spotsLeft[0] && { next: spotsLeft[0].part }),
    },
    counted('pictures', taken, taken + missing),
    counted('tyres', tyres.filter(({ id }) => state.treads.has(id)).length, tyres.length),
    counted('paint', panels.filter(({ id }) => readings(id) >= FEWEST_READINGS).length, panels.length),
    counted(
      'glass',
      glass.filter(({ part }) => partStatus(state, part) !== 'not-looked-at').length,
      glass.length,
    ),
    counted('functions', functions.filter(({ tried }) => tried !== undefined).length, functions.length),
    counted('papers', PAPERS_ASKED - papersLeft(state.papers).length, PAPERS_ASKED),
    counted('kit', kit.rows.filter((row) => row.counted !== undefined).length, kit.rows.length),
    counted('story', storyAsked.filter((about) => told.has(about)).length, storyAsked.length),
    counted('equipment', state.equipment.size, equipmentIds.length),
    counted(
      'step-back',
      standing.filter(({ details }) => details.notice !== undefined).length,
      standing.length,
    ),
    // The lap can be walked before anything was found, too.
  ].filter(({ place, of }) => of > 0 || place === 'step-back');
}

const rowsOf = ({ groups }: FunctionTable) => groups.flatMap(({ rows }) => rows);
