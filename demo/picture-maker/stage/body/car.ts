import * as THREE from 'three';
import { seeded } from '../../random';
import type { Patch } from '../damage/patch';
import { drawSkin } from '../skin/drawSkin';
import type { Wear } from '../skin/sheet';
import { type SurfaceLook, surfaceMaterial } from '../skin/surfaceMaterial';
import { makeTread, type TreadDepths } from '../wheel/tread';
import { makeWheel } from '../wheel/wheel';
import type { RimDesign, WheelLook } from '../wheel/wheelLook';
import { archLips, liners } from './arches';
import { aerial, flapGap, handles, mirror, roofRails } from './fittings';
import { plates } from './plates';
import { makeShape, type Shape, type StyleId } from './shape';
import { bodyGeometry } from './surface';

export type WheelPosition = 'fl' | 'fr' | 'rl' | 'rr';

export interface CarLook {
  style: StyleId;
  paint: { colour: string; flake: number; metal: number; rough: number };
  plate: string;
  rims: RimDesign;
  dirt: number;
  kerbing?: { wheel: WheelPosition } & NonNullable<WheelLook['kerbing']>;
}

const shapes = new Map<StyleId, Shape>();
export function shapeOf(style: StyleId): Shape {
  const known = shapes.get(style) ?? makeShape(style);
  shapes.set(style, known);
  return known;
}

const geometries = new Map<string, THREE.BufferGeometry>();
function geometryOf(style: StyleId, cell: number): THREE.BufferGeometry {
  const key = `${style} ${cell}`;
  const known = geometries.get(key) ?? bodyGeometry(shapeOf(style), cell);
  known.userData.kept = true;
  geometries.set(key, known);
  return known;
}

/** What one picture asks of a car beyond its looks. */
export interface CarPose {
  patch?: Patch;
  /** Front wheels turned, degrees to the left. */
  steerDeg?: number;
  tread?: { wheel: WheelPosition; depths: TreadDepths };
}

interface Skin {
  textures: NonNullable<SurfaceLook['skin']>;
}

const skins = new Map<string, Skin>();

/** Drawn once for each car and kept: most of a car's pictures are taken one after another. */
function skinOf({ style, paint }: CarLook): Skin {
  const key = JSON.stringify([style, paint]);
  const known = skins.get(key);
  if (known) return known;
  for (const { textures } of skins.values())
    for (const texture of [textures.colour, textures.finish, textures.height]) texture.dispose();
  skins.clear();
  const wear: Wear = { colour: paint.colour, rough: paint.rough, metal: paint.metal, coat: 1 };
  const { sheet, zones } = drawSkin(shapeOf(style), wear);
  const texture = (pen: CanvasRenderingContext2D, isColour = false) => {
    const made = new THREE.CanvasTexture(pen.canvas);
    made.flipY = false;
    // Many jittered frames smooth it better than mipmaps, which would bleed from zone to zone.
    made.generateMipmaps = false;
    made.minFilter = THREE.LinearFilter;
    if (isColour) made.colorSpace = THREE.SRGBColorSpace;
    return made;
  };
  const skin: Skin = {
    textures: {
      colour: texture(sheet.colour, true),
      finish: texture(sheet.finish),
      height: texture(sheet.height),
      zones,
    },
  };
  skins.set(key, skin);
  return skin;
}

/** Size of the grid the body is meshed on. */
const CELL_MM = 15;

/** A whole car, wheels on the ground, nose at X = 0. */
export function makeCar(look: CarLook, pose: CarPose = {}): THREE.Group {
  const shape = shapeOf(look.style);
  const { profile: p, archRadius } = shape;
  const common: SurfaceLook = {
    colour: look.paint.colour,
    rough: look.paint.rough,
    metal: look.paint.metal,
    coat: 1,
    flake: look.paint.flake,
    peelUm: 2.2,
    dirt: look.dirt,
    ...(pose.patch && { patch: pose.patch }),
  };
  const body = new THREE.Mesh(
    geometryOf(look.style, CELL_MM),
    surfaceMaterial({
      ...common,
      skin: skinOf(look).textures,
      arches: [p.frontAxle, p.rearAxle].map((axle) => [axle, p.tyreRadius, archRadius] as const),
    }),
  );
  body.castShadow = true;
  body.receiveShadow = true;
  const { patch: _onBodyOnly, ...plain } = common;
  const painted = surfaceMaterial(plain);
  const group = new THREE.Group();
  group.add(body, underside(shape));
  for (const hand of [1, -1] as const) {
    group.add(...archLips(shape, hand, painted), ...liners(shape, hand));
    group.add(...handles(shape, hand, painted), ...mirror(shape, hand, painted));
    group.add(...wheels(shape, look, hand, pose));
  }
  group.add(flapGap(shape, p.fillerFlap === 'l' ? 1 : -1));
  if (p.roofRails) group.add(...roofRails(shape));
  group.add(...plates(shape, look.plate), ...aerial(shape));
  return group;
}

const black = new THREE.MeshStandardMaterial({ color: '#0b0b0c', roughness: 0.95, envMapIntensity: 0.15 });

/** A dark floor, so that no light comes through from below. */
function underside({ profile: p, halfWidth }: Shape): THREE.Mesh {
  const floor = new THREE.Mesh(new THREE.BoxGeometry(p.length - 900, 60, 2 * halfWidth - 420), black);
  floor.position.set(p.length / 2, p.sill[0] + 34, 0);
  floor.castShadow = true;
  return floor;
}

/** Where a wheel's middle is, and how wide its tyre. */
export function wheelPlace({ profile: p, halfWidth }: Shape, wheel: WheelPosition) {
  const width = p.tyreRadius > 350 ? 240 : 208;
  const hand = wheel.endsWith('l') ? 1 : -1;
  return {
    centre: new THREE.Vector3(
      wheel.startsWith('f') ? p.frontAxle : p.rearAxle,
      p.tyreRadius - 3,
      hand * (halfWidth - width / 2 - 12),
    ),
    width,
    hand,
  };
}

function wheels(shape: Shape, look: CarLook, hand: 1 | -1, pose: CarPose): THREE.Object3D[] {
  const { profile: p } = shape;
  return (['f', 'r'] as const).map((end) => {
    const position = `${end}${hand === 1 ? 'l' : 'r'}` as const;
    const { centre, width } = wheelPlace(shape, position);
    const kerbing = look.kerbing?.wheel === position ? look.kerbing : undefined;
    const tread = pose.tread?.wheel === position ? pose.tread.depths : undefined;
    const wheel = makeWheel(
      {
        // A tread in detail takes the place of the tyre's outermost part.
        tyreRadius: tread ? p.tyreRadius - 14 : p.tyreRadius,
        rimRadius: p.rimRadius,
        width,
        design: look.rims,
        ...(kerbing && { kerbing }),
      },
      seeded(end === 'f' ? 31 : 37),
    );
    wheel.rotation.z = kerbing ? 0 : (end === 'f' ? 0.4 : 1.9) * hand;
    const turn = new THREE.Group();
    turn.add(wheel);
    if (tread) turn.add(makeTread(p.tyreRadius, width - 6, tread));
    turn.rotation.y = (hand === 1 ? 0 : Math.PI) + (end === 'f' ? ((pose.steerDeg ?? 0) * Math.PI) / 180 : 0);
    turn.position.copy(centre);
    return turn;
  });
}
