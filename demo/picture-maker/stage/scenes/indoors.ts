import * as THREE from 'three';
import type { Picture } from '../../spec';
import { standBefore } from '../aim';
import { makeDashboard } from '../cabin/dashboard';
import { makeSeat } from '../cabin/seat';
import type { SpotFrame } from '../damage/makePatch';
import { nothing, type Of, type Scene } from './scene';

export function ofSeat(picture: Picture, view: Of<'seat'>): Scene {
  const { group, frame, extent } = makeSeat(view.cover, view.fault, picture.seed);
  const target = frame.at;
  return {
    ...nothing,
    subject: group,
    pose: standBefore({ ...frame, at: target }, picture.camera, {
      distanceMm: view.distanceMm,
      swingDeg: 34,
      liftDeg: -30,
    }),
    plane: frame,
    mark: view.fault === 'none' || !extent ? null : { kind: view.fault, isDirt: false, extent },
    reach: 900,
    dimEv: 1.5,
    indoors: true,
  };
}

export function ofDashboard(picture: Picture, view: Of<'dashboard'>): Scene {
  const frame: SpotFrame = {
    at: new THREE.Vector3(0, 1044, 0),
    right: new THREE.Vector3(1, 0, 0),
    up: new THREE.Vector3(0, 1, 0),
    out: new THREE.Vector3(0, 0, 1),
  };
  return {
    ...nothing,
    subject: makeDashboard(view.distance, view.unit, view.lamps),
    pose: standBefore(frame, picture.camera, { distanceMm: 500, swingDeg: 5, liftDeg: 14 }),
    plane: frame,
    part: 'odometer',
    odometer: { distance: view.distance, unit: view.unit },
    reach: 700,
    dimEv: 0.7,
    indoors: true,
  };
}

export function onDesk(picture: Picture, subject: THREE.Group, distanceMm: number, right: number): Scene {
  const frame: SpotFrame = {
    at: new THREE.Vector3(right, 806, 0),
    right: new THREE.Vector3(1, 0, 0),
    up: new THREE.Vector3(0, 0, -1),
    out: new THREE.Vector3(0, 1, 0),
  };
  return {
    ...nothing,
    subject,
    pose: standBefore(frame, picture.camera, { distanceMm, swingDeg: 7, liftDeg: -24 }),
    plane: frame,
    reach: 420,
    dimEv: -0.5,
    indoors: true,
  };
}
