import type * as THREE from 'three';
import { handOf, type Position } from '../../../src/core/car';
import { type Picture, scaleSizes } from '../spec';
import type { Triple, Truth } from '../truth';
import { type Frame, pixelMatrix } from './camera';
import type { Scene } from './scenes/scene';

const round = (value: number, places: number) => Math.round(value * 10 ** places) / 10 ** places;
const triple = (v: THREE.Vector3): Triple => [round(v.x, 3), round(v.y, 3), round(v.z, 3)];

/** What is so in the picture, from the scene and the camera it was taken with. */
export function tellTruth(
  picture: Picture,
  scene: Scene,
  camera: THREE.PerspectiveCamera,
  frame: Frame,
): Truth {
  const matrix = pixelMatrix(camera, frame);
  const pixelOf = (v: THREE.Vector3): readonly [number, number] => {
    const [x, y, w] = matrix.map((row) => dot(row, [v.x, v.y, v.z, 1])) as [number, number, number];
    return [round(x / w, 2), round(y / w, 2)];
  };
  const { plane, scale, mark, spot } = scene;
  const homography = matrix.map((row) => [
    dot(row, [plane.right.x, plane.right.y, plane.right.z, 0]),
    dot(row, [plane.up.x, plane.up.y, plane.up.z, 0]),
    dot(row, [plane.at.x, plane.at.y, plane.at.z, 1]),
  ]);
  const distance = camera.position.distanceTo(plane.at);
  const focus = scene.pose.focusMm ?? distance;
  const focalPx = (frame.width * picture.camera.focalMm) / 36;
  return {
    name: picture.name,
    seed: picture.seed,
    width: frame.width,
    height: frame.height,
    camera: {
      matrix: matrix.map((row) => row.map((value) => Number(value.toPrecision(10)))),
      eye: triple(camera.position),
      focalMm: picture.camera.focalMm,
    },
    sky: picture.sky,
    part: scene.part,
    side: sideOf(scene.part),
    spot: spot && { ...spot, place: triple(plane.at), pixel: pixelOf(plane.at) },
    mark: mark && { ...mark, area: scene.area.map(pixelOf) },
    plane: {
      origin: triple(plane.at),
      right: [round(plane.right.x, 6), round(plane.right.y, 6), round(plane.right.z, 6)],
      up: [round(plane.up.x, 6), round(plane.up.y, 6), round(plane.up.z, 6)],
      homography: homography.map((row) => row.map((value) => Number(value.toPrecision(10)))),
    },
    scale: scale && {
      kind: scale.kind,
      sizeMm: scaleSizes[scale.kind],
      outline: scale.outline.map(triple),
      pixels: scale.outline.map(pixelOf),
    },
    treadMm: scene.treadMm,
    odometer: scene.odometer,
    lens: {
      shakePx: picture.camera.shakePx,
      exposureEv: picture.camera.exposureEv,
      glare: picture.camera.glare,
      noise: picture.camera.noise,
      focusBlurPx: round(
        (focalPx * picture.camera.apertureMm * Math.abs(distance - focus)) / (distance * focus),
        2,
      ),
    },
  };
}

const dot = (row: readonly number[], v: readonly number[]) =>
  row.reduce((sum, value, i) => sum + value * (v[i] as number), 0);

function sideOf(part: string | null): Truth['side'] {
  const position = part?.match(/-(fl|fr|rl|rr|l|r)$/)?.[1];
  if (!position) return null;
  return handOf(position as Position) === 'l' ? 'left' : 'right';
}
