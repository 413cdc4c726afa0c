import type * as THREE from 'three';
import type { Scale, View } from '../../spec';
import type { Truth } from '../../truth';
import type { CameraPose } from '../camera';
import type { SpotFrame } from '../damage/makePatch';
import type { PlacedScale } from '../scale/scaleObject';

/** A scene set up for a picture, with what is so in it. */
export interface Scene {
  subject: THREE.Object3D;
  pose: CameraPose;
  /** The plane sizes may be measured in. */
  plane: SpotFrame;
  part: Truth['part'];
  spot: { u: number; v: number } | null;
  mark: Omit<NonNullable<Truth['mark']>, 'area'> | null;
  /** Outline of the area outside which nothing is changed. */
  area: THREE.Vector3[];
  scale: (PlacedScale & { kind: Scale['kind'] }) | null;
  treadMm: Truth['treadMm'];
  odometer: Truth['odometer'];
  /** How far shadows matter, millimetres round the subject. */
  reach: number;
  /** Stops the camera opens up for want of light. */
  dimEv: number;
  indoors: boolean;
}

export type Of<K extends View['of']> = Extract<View, { of: K }>;

/** What most scenes have not. */
export const nothing = {
  part: null,
  spot: null,
  mark: null,
  area: [],
  scale: null,
  treadMm: null,
  odometer: null,
  dimEv: 0,
  indoors: false,
} satisfies Partial<Scene>;
