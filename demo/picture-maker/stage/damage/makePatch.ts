import * as THREE from 'three';
import { type Random, seeded } from '../../random';
import { crease, dent, ripple } from './bends';
import {
  drops,
  dust,
  filmEdge,
  glassChip,
  haze,
  mud,
  overspray,
  residue,
  rust,
  tapeLine,
  touchIn,
  waterRun,
} from './deposits';
import type { Mark, MarkKind } from './kinds';
import { type Ground, Layers } from './layers';
import { chips, etching, peel, scratch, scuff, swirls, wear } from './losses';
import { type Extent, measureMask } from './measureMask';
import type { Patch } from './patch';

/** Where a patch lies: a place on the surface and the directions there, in scene millimetres. */
export interface SpotFrame {
  at: THREE.Vector3;
  /** To the right and up as one stands before it, and out of the surface. */
  right: THREE.Vector3;
  up: THREE.Vector3;
  out: THREE.Vector3;
}

export interface MadePatch {
  patch: Patch;
  /** How big what is to be seen really is, measured off the layers. */
  extent: Extent;
}

/** Room round a mark, so that its patch always holds it whole. */
function roomFor(mark: Mark): readonly [widthMm: number, heightMm: number] {
  switch (mark.kind) {
    case 'dent':
    case 'swirls':
    case 'touch-in':
    case 'glass-chip':
      return [mark.diameterMm + 8, mark.diameterMm + 8];
    case 'crease':
    case 'scratch':
      return [
        mark.lengthMm + 12,
        mark.lengthMm * (0.4 + Math.abs(Math.sin((mark.angleDeg * Math.PI) / 180))) + 12,
      ];
    case 'scuff':
      return [
        mark.lengthMm + 14,
        mark.heightMm + 14 + Math.abs(Math.sin((mark.angleDeg * Math.PI) / 180)) * mark.lengthMm,
      ];
    case 'chips':
      return [mark.spreadMm + 12, mark.spreadMm + 12];
    case 'tape-line':
      return [mark.lengthMm + 4, 72];
    case 'film-edge':
      return [mark.lengthMm + 4, 124];
    case 'water-run':
      return [40, mark.lengthMm + 8];
    case 'rust':
      return [mark.widthMm + 16, mark.heightMm * 2.7];
    default:
      return [mark.widthMm + 14, mark.heightMm + 14];
  }
}

type Of<K extends MarkKind> = Extract<Mark, { kind: K }>;

interface Paints {
  random: Random;
  seed: number;
  paint: readonly [number, number, number];
}

/** Who paints what. */
const painters: { [K in MarkKind]: (layers: Layers, mark: Of<K>, paints: Paints) => void } = {
  dent,
  crease,
  ripple,
  scratch: (layers, mark, { seed }) => scratch(layers, mark, seed),
  chips: (layers, mark, { random }) => chips(layers, mark, random),
  scuff: (layers, mark, { random }) => scuff(layers, mark, random),
  wear,
  peel,
  rust: (layers, mark, { random }) => rust(layers, mark, random),
  etching,
  swirls: (layers, mark, { random }) => swirls(layers, mark, random),
  'touch-in': (layers, mark, { paint }) => touchIn(layers, mark, paint),
  overspray: (layers, mark, { random, paint }) => overspray(layers, mark, random, paint),
  'tape-line': tapeLine,
  'glass-chip': (layers, mark, { random }) => glassChip(layers, mark, random),
  haze,
  'film-edge': filmEdge,
  dust: (layers, mark, { random }) => dust(layers, mark, random),
  drops: (layers, mark, { random }) => drops(layers, mark, random),
  'water-run': waterRun,
  residue,
  mud: (layers, mark, { random }) => mud(layers, mark, random),
};

export function makePatch(
  mark: Mark,
  frame: SpotFrame,
  options: { paint: string; ground: Ground; seed: number },
): MadePatch {
  const [widthMm, heightMm] = roomFor(mark);
  const layers = new Layers(widthMm, heightMm, Math.max(0.1, Math.max(widthMm, heightMm) / 2048));
  const paint = rgbOf(options.paint);
  const paintOn = painters[mark.kind] as (layers: Layers, mark: Mark, paints: Paints) => void;
  paintOn(layers, mark, { random: seeded(options.seed), seed: options.seed, paint });
  return {
    patch: patchOf(layers, frame, options.paint, options.ground),
    extent: measureMask(layers.mask, layers.columns, layers.rows, layers.mmPerPixel),
  };
}

function rgbOf(colour: string): readonly [number, number, number] {
  const rgb = new THREE.Color(colour).getRGB({ r: 0, g: 0, b: 0 }, THREE.SRGBColorSpace);
  return [rgb.r * 255, rgb.g * 255, rgb.b * 255];
}

/** Lays what was painted in layers on a surface. */
export function patchOf(layers: Layers, frame: SpotFrame, paint: string, ground: Ground): Patch {
  const made = layers.compose(rgbOf(paint), ground);
  const texture = (
    data: Uint8Array | Float32Array,
    format: THREE.PixelFormat,
    type: THREE.TextureDataType,
  ) => {
    const map = new THREE.DataTexture(
      data as Uint8Array<ArrayBuffer>,
      layers.columns,
      layers.rows,
      format,
      type,
    );
    map.minFilter = THREE.LinearMipmapLinearFilter;
    map.magFilter = THREE.LinearFilter;
    map.generateMipmaps = true;
    map.needsUpdate = true;
    return map;
  };
  const colour = texture(made.colour, THREE.RGBAFormat, THREE.UnsignedByteType);
  colour.colorSpace = THREE.SRGBColorSpace;
  const toScene = new THREE.Matrix4().makeBasis(frame.right, frame.up, frame.out).setPosition(frame.at);
  return {
    colour,
    finish: texture(made.finish, THREE.RGBAFormat, THREE.UnsignedByteType),
    height: texture(made.height, THREE.RedFormat, THREE.FloatType),
    toPatch: toScene.invert(),
    halfWidthMm: layers.widthMm / 2,
    halfHeightMm: layers.heightMm / 2,
    reachMm: 60,
  };
}
