import * as THREE from 'three';
import type { Picture } from '../../spec';
import { standBefore } from '../aim';
import { makeCar, shapeOf, wheelPlace } from '../body/car';
import type { SpotFrame } from '../damage/makePatch';
import { readTread } from '../wheel/tread';
import { nothing, type Of, type Scene } from './scene';

function wheelFrame(
  picture: Picture,
  wheel: Of<'wheel'>['wheel'],
): { frame: SpotFrame; rim: number; face: number } {
  const shape = shapeOf(picture.car.style);
  const { centre, width, hand } = wheelPlace(shape, wheel);
  const face = width / 2;
  return {
    rim: shape.profile.rimRadius,
    face,
    frame: {
      at: centre.clone().add(new THREE.Vector3(0, 0, hand * face)),
      right: new THREE.Vector3(hand, 0, 0),
      up: new THREE.Vector3(0, 1, 0),
      out: new THREE.Vector3(0, 0, hand),
    },
  };
}

export function atWheel(picture: Picture, view: Of<'wheel'>): Scene {
  const { frame, rim } = wheelFrame(picture, view.wheel);
  const { kerbing } = picture.car;
  const shown = kerbing?.wheel === view.wheel ? kerbing : undefined;
  const a = ((view.atDeg ?? 0) * Math.PI) / 180;
  const onRim = (deg: number, radius: number) => {
    const t = (deg * Math.PI) / 180;
    return frame.at
      .clone()
      .addScaledVector(frame.right, Math.sin(t) * radius)
      .addScaledVector(frame.up, Math.cos(t) * radius);
  };
  const aim: readonly [number, number] =
    view.atDeg === undefined ? [0, 0] : [Math.sin(a) * rim, Math.cos(a) * rim];
  const area: THREE.Vector3[] = [];
  if (shown) {
    const degs = Array.from(
      { length: 16 },
      (_, i) => shown.fromDeg - 1 + ((shown.toDeg - shown.fromDeg + 2) * i) / 15,
    );
    area.push(
      ...degs.map((deg) => onRim(deg, rim + 12)),
      ...degs.toReversed().map((deg) => onRim(deg, rim - 14)),
    );
  }
  return {
    ...nothing,
    subject: makeCar(picture.car),
    pose: standBefore(frame, picture.camera, { ...view, aim }),
    plane: frame,
    part: `wheel-${view.wheel}`,
    mark: shown
      ? {
          kind: 'kerbing',
          isDirt: false,
          extent: {
            fromDeg: shown.fromDeg,
            toDeg: shown.toDeg,
            arcMm: Math.round((Math.PI * 2 * rim * (shown.toDeg - shown.fromDeg)) / 360),
          },
        }
      : null,
    area,
    reach: 700,
  };
}

const STEER_DEG = 34;

export function ofTread(picture: Picture, view: Of<'tread'>): Scene {
  const shape = shapeOf(picture.car.style);
  const { centre, hand } = wheelPlace(shape, view.wheel);
  const isFront = view.wheel.startsWith('f');
  const turn = isFront ? (STEER_DEG * Math.PI) / 180 : 0;
  // In front the tread is steered to look out past the arch; behind it is seen from low down, below the bumper.
  const forward = new THREE.Vector3(isFront ? -1 : 1, isFront ? 0.32 : -0.35, 0)
    .normalize()
    .applyAxisAngle(new THREE.Vector3(0, 1, 0), hand * turn);
  const axle = new THREE.Vector3(0, 0, hand).applyAxisAngle(new THREE.Vector3(0, 1, 0), hand * turn);
  const up = new THREE.Vector3()
    .crossVectors(forward, axle)
    .multiplyScalar(isFront ? -hand : hand)
    .normalize();
  const lifted = up.y < 0 ? up.negate() : up;
  const frame: SpotFrame = {
    at: centre.clone().addScaledVector(forward, shape.profile.tyreRadius),
    right: new THREE.Vector3().crossVectors(lifted, forward),
    up: lifted,
    out: forward,
  };
  const depths = { outerMm: view.outerMm, centreMm: view.centreMm, innerMm: view.innerMm };
  return {
    ...nothing,
    subject: makeCar(picture.car, {
      steerDeg: isFront ? hand * STEER_DEG : 0,
      tread: { wheel: view.wheel, depths },
    }),
    pose: standBefore(frame, picture.camera, {
      distanceMm: view.distanceMm,
      swingDeg: 0,
      liftDeg: isFront ? 12 : 0,
    }),
    plane: frame,
    part: `tyre-${view.wheel}`,
    treadMm: readTread(depths),
    dimEv: 0.9,
    reach: 600,
  };
}
