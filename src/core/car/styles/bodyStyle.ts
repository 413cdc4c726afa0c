import { type ExtraId, extraIds } from '../extras';
import { type Material, type PartKind, partKindOf, type Zone } from '../partKinds';
import { handOf, type Position, type Steering } from '../sides';
import { type BodyStyleId, bodyOf } from './bodyOf';
import { drawFront, drawRear, drawTop, planOutline } from './endFaces';
import { addExtras } from './extraShapes';
import { type FaceId, faceIds } from './faces';
import { type Box, boxOf, innerPoint, type Point, simplified } from './geometry';
import { drawBoot, drawCabin, drawEngine, drawUnder } from './insideFaces';
import type { Profile } from './profile';
import type { FaceDrawing, Scenery } from './shape';
import { rect } from './shapes2d';
import { drawSide } from './sideFace';
import { drawTruck } from './truck';

/** `kind-position`, or the kind alone where a car has only one: `door-rr`, `bonnet`. */
export type PartId = string;

export interface Part {
  id: PartId;
  kind: PartKind;
  position?: Position;
  zone: Zone;
  material: Material;
  /** Where it is drawn; parts without an outline (the odometer) are not on the map. */
  face?: FaceId;
  outline: readonly Point[];
  box: Box;
  /** Where a mark on it is best seen, and the room there. */
  mark: { at: Point; radius: number };
  /** Protective film may lie over its paint. */
  underFilm: boolean;
}

export interface Face {
  id: FaceId;
  width: number;
  height: number;
  /** A person standing there sees x run the other way. */
  mirrored: boolean;
  scenery: readonly (Scenery & { leadsTo?: PartId })[];
}

/** What is known of a car before it is drawn. */
export interface CarBuild {
  bodyStyle: BodyStyleId;
  extras?: readonly ExtraId[];
  /** Only where things are drawn depends on it, never which parts there are. */
  steering?: Steering;
}

export interface BodyStyle {
  id: BodyStyleId;
  extras: readonly ExtraId[];
  faces: Readonly<Record<FaceId, Face>>;
  parts: ReadonlyMap<PartId, Part>;
  plan: { outline: readonly Point[]; width: number; length: number };
}

export const partIdOf = (kind: PartKind, position?: Position): PartId =>
  position ? `${kind}-${position}` : kind;

const built = new Map<string, BodyStyle>();

/** The parts, outlines and faces of a car without extras. */
export const bodyStyle = (id: BodyStyleId): BodyStyle => styleOf({ bodyStyle: id });

/** The parts, outlines and faces of a car as built. Made once for each build, then shared: treat it as read-only. */
export function styleOf({ bodyStyle: id, extras = [], steering = 'right' }: CarBuild): BodyStyle {
  const fitted = extraIds.filter((extra) => extras.includes(extra));
  const key = `${id} ${steering} ${fitted.join(' ')}`;
  let style = built.get(key);
  if (!style) {
    style = build(id, fitted, steering);
    built.set(key, style);
  }
  return style;
}

function build(id: BodyStyleId, extras: readonly ExtraId[], steering: Steering): BodyStyle {
  const body = bodyOf(id);
  const drawings =
    'truck' in body ? drawTruck(body.truck, steering, extras) : drawCar(body.profile, steering, extras);
  const parts = new Map<PartId, Part>();
  const add = (part: Part) => parts.set(part.id, part);
  for (const face of faceIds) {
    const shapes = drawings[face].shapes.map((shape) => ({
      ...shape,
      box: boxOf(shape.outline),
      // A screen shows one face at a time: the others are thinned out when they are turned to.
      outline: once(() => simplified(shape.outline, FINEST_MM)),
    }));
    shapes.forEach(({ kind, position, outline, box }, i) => {
      const covers = () =>
        shapes.filter((shape, later) => later > i && meet(shape.box, box)).map((shape) => shape.outline());
      add(makePart(kind, position, extras, { face, outline, box, covers }));
    });
  }
  if (extras.includes('film')) add(makePart('film', undefined, extras, NOWHERE));

  const faces = Object.fromEntries(
    faceIds.map((face) => [face, makeFace(face, drawings[face], parts)]),
  ) as Record<FaceId, Face>;
  const { width, length } = 'truck' in body ? body.truck : body.profile;
  const outline = 'truck' in body ? rect(0, 0, width, length, 200) : planOutline(body.profile);
  return { id, extras, faces, parts, plan: { outline, width, length } };
}

function drawCar(
  profile: Profile,
  steering: Steering,
  extras: readonly ExtraId[],
): Record<FaceId, FaceDrawing> {
  const drawings: Record<FaceId, FaceDrawing> = {
    front: drawFront(profile),
    left: drawSide(profile, 'l'),
    rear: drawRear(profile),
    right: drawSide(profile, 'r'),
    top: drawTop(profile),
    cabin: drawCabin({ steering, rows: profile.rows ?? 2, hasRearDoors: profile.doors.rear !== undefined }),
    boot: drawBoot(profile),
    engine: drawEngine(),
    under: drawUnder(profile),
  };
  addExtras(drawings, profile, extras);
  return drawings;
}

/** Finer bends of an outline than this are not drawn. */
const FINEST_MM = 0.6;

/** Where a part is drawn, and what lies over it there. */
interface Drawn {
  face: FaceId | undefined;
  box: Box;
  outline: () => readonly Point[];
  covers: () => readonly (readonly Point[])[];
}
const NOWHERE: Drawn = {
  face: undefined,
  box: { x: 0, y: 0, width: 0, height: 0 },
  outline: () => [],
  covers: () => [],
};

/** Made when first asked for, then kept. */
function once<T>(make: () => T): () => T {
  let made: { value: T } | undefined;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

const meet = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

function makeFace(id: FaceId, drawing: FaceDrawing, parts: ReadonlyMap<PartId, Part>): Face {
  return {
    id,
    width: drawing.width,
    height: drawing.height,
    mirrored: id === 'right' || id === 'front' || id === 'engine',
    scenery: drawing.scenery.map((piece) => {
      const leadsTo = piece.kind && partIdOf(piece.kind, piece.position);
      return leadsTo && parts.has(leadsTo) ? { ...piece, leadsTo } : piece;
    }),
  };
}

function makePart(
  kind: PartKind,
  position: Position | undefined,
  extras: readonly ExtraId[],
  { face, box, outline, covers }: Drawn,
): Part {
  const { zone, material } = partKindOf(kind);
  const side = position && handOf(position) === 'l' ? 'left' : 'right';
  const mark = once(() => (kind === 'tyre' ? tyreMark(box) : markOf(outline(), covers())));
  return {
    id: partIdOf(kind, position),
    kind,
    position,
    zone: zone === 'side' ? side : zone,
    material: trimOf(kind, material, extras),
    face,
    box,
    underFilm: extras.includes('film') && filmed.has(kind),
    get outline() {
      return outline();
    },
    get mark() {
      return mark();
    },
  };
}

/** The wheel covers the middle of its tyre. */
const tyreMark = (box: Box): Part['mark'] => ({
  at: [box.x + box.width / 2, box.y + box.height * 0.92],
  radius: box.width * 0.07,
});

/** Where film is laid. Common practice. */
const filmed: ReadonlySet<PartKind> = new Set([
  'bumper-front',
  'bonnet',
  'headlamp',
  'wing',
  'mirror',
  'door',
  'sill',
  'quarter',
  'bumper-rear',
  'pillar-a',
  'roof',
  'arch',
]);

const upholstered: ReadonlySet<PartKind> = new Set(['seat', 'seatback', 'bolster', 'seat3', 'armrest']);

const trimOf = (kind: PartKind, material: Material, extras: readonly ExtraId[]): Material =>
  upholstered.has(kind) && extras.includes('leather-trim') ? 'leather' : material;

const markOf = (outline: readonly Point[], covers: readonly (readonly Point[])[]): Part['mark'] =>
  outline.length > 0 ? innerPoint(outline, covers) : { at: [0, 0], radius: 0 };

/** The mark's place as a spot in the part's own box, for findings logged without pointing. */
export function middleOf({ box, mark }: Pick<Part, 'box' | 'mark'>): { u: number; v: number } {
  if (box.width === 0 || box.height === 0) return { u: 0.5, v: 0.5 };
  const share = (value: number) => Math.round(value * 1000) / 1000;
  return { u: share((mark.at[0] - box.x) / box.width), v: share((mark.at[1] - box.y) / box.height) };
}
