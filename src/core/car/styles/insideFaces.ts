import type { Steering } from '../sides';
import { arc, type Point } from './geometry';
import type { Profile } from './profile';
import type { FaceDrawing, Shape } from './shape';
import { mirrored, pair, panel, rect } from './shapes2d';

export interface CabinPlan {
  steering: Steering;
  rows: 1 | 2;
  /** The last doors are at the second row. */
  hasRearDoors: boolean;
  hasBunk?: true;
}

const CABIN = 1500;

/** The cabin from above, nose up; x runs from the car's left to its right. In round millimetres, not to any car's scale. */
export function drawCabin({ steering, rows, hasRearDoors, hasBunk }: CabinPlan): FaceDrawing {
  const w = CABIN;
  const driver = steering === 'left' ? 440 : w - 440;
  const bottom = rows === 2 ? 1720 : hasBunk ? 1700 : 1240;
  const shapes: Shape[] = [
    { kind: 'visors', outline: rect(320, 10, w - 640, 60, 20) },
    { kind: 'dashboard', outline: panel(w / 2, 90, 300, w - 260, w - 330, 60) },
    { kind: 'odometer', outline: rect(driver - 150, 130, 300, 100, 30) },
    { kind: 'screen', outline: rect(w / 2 - 110, 310, 220, 120, 24) },
    ...pair('carpet', rect(240, 320, 400, 210, 40), w, 'f'),
    { kind: 'steeringwheel', outline: arc([driver, 400], 120, 0, 360, 36) },
    { kind: 'console', outline: rect(w / 2 - 95, 445, 190, 315, 50) },
    { kind: 'armrest', outline: rect(w / 2 - 95, 775, 190, 155, 40) },
    { kind: 'smell', outline: arc([w / 2, 1010], 58, 0, 360, 24) },
    ...pair('doorcard', rect(50, 320, 110, 640, 40), w, 'f'),
    // Worn first where people slide in: its bolster lies at the door.
    ...pair('seat', rect(345, 560, 290, 250, 60), w, 'f'),
    ...pair('bolster', rect(250, 560, 85, 410, 40), w, 'f'),
    ...pair('seatback', rect(345, 820, 290, 150, 50), w, 'f'),
    ...pair('belt', rect(178, 600, 54, 280, 20), w, 'f'),
    ...pair('sillplate', rect(0, 340, 36, rows === 2 && hasRearDoors ? 1200 : 620, 10), w),
    { kind: 'headlining', outline: rect(180, bottom - 110, w - 360, 96, 40) },
  ];
  if (rows === 2) {
    shapes.push(
      ...pair('carpet', rect(250, 1010, 380, 120, 30), w, 'r'),
      ...pair('seat', rect(250, 1160, 450, 210, 60), w, 'r'),
      ...pair('seatback', rect(250, 1380, 450, 150, 50), w, 'r'),
      { kind: 'anchors', outline: rect(w / 2 - 40, 1340, 80, 190, 30) },
      ...pair('belt', rect(178, 1180, 54, 260, 20), w, 'r'),
    );
    if (hasRearDoors) shapes.push(...pair('doorcard', rect(50, 1010, 110, 520, 40), w, 'r'));
  }
  if (hasBunk) shapes.push({ kind: 'bunk', outline: rect(180, 1120, w - 360, 380, 60) });
  return { width: w, height: bottom, shapes, scenery: [] };
}

/** Boot, load space or bed, as one stands behind it. */
export function drawBoot(p: Profile): FaceDrawing {
  const w = 1200;
  if (p.bed)
    return {
      width: w,
      height: 1140,
      shapes: [
        { kind: 'bedfront', outline: rect(180, 20, w - 360, 130, 30) },
        ...pair('bedside', rect(30, 20, 130, 960, 30), w),
        { kind: 'bedfloor', outline: rect(180, 170, w - 360, 660, 20) },
        { kind: 'tiedowns', outline: rect(180, 850, w - 360, 130, 30) },
      ],
      scenery: [],
    };
  const floor: Shape = { kind: p.boxy ? 'loaddeck' : 'bootfloor', outline: rect(150, 320, w - 300, 560, 40) };
  const lining: Shape = { kind: p.boxy ? 'loadwall' : 'bootlining', outline: rect(60, 20, w - 120, 120, 40) };
  return {
    width: w,
    height: 1010,
    shapes: [
      lining,
      { kind: 'loadcover', outline: rect(110, 160, w - 220, 130, 40) },
      floor,
      { kind: 'sparekit', outline: arc([400, 600], 170, 0, 360, 40) },
      { kind: 'tools', outline: rect(650, 470, 320, 260, 40) },
      { kind: 'bootseal', outline: rect(60, 905, w - 120, 84, 30) },
    ],
    scenery: [],
  };
}

/** Under the bonnet, as one stands at the nose; x runs from the car's left to its right. */
export function drawEngine(): FaceDrawing {
  const w = 1500;
  const innerWing = rect(60, 190, 180, 640, 60);
  return {
    width: w,
    height: 1000,
    shapes: [
      { kind: 'bulkhead', outline: rect(100, 30, w - 480, 130, 40) },
      { kind: 'idplate', outline: rect(w - 350, 40, 250, 110, 16) },
      ...pair('innerwing', innerWing, w),
      { kind: 'battery', outline: rect(1020, 220, 220, 260, 30) },
      { kind: 'fluids', outline: rect(270, 220, 170, 560, 50) },
      { kind: 'enginecover', outline: rect(470, 200, 520, 430, 50) },
      { kind: 'hoses', outline: rect(470, 660, 770, 130, 50) },
      { kind: 'slampanel', outline: rect(100, 860, w - 200, 110, 40) },
    ],
    scenery: [],
  };
}

/** Underneath, seen through the car from above, nose up; to the car's own scale. */
export function drawUnder(p: Profile): FaceDrawing {
  const w = p.width;
  const mid = w / 2;
  const floorFrom = p.frontAxle + p.tyreRadius + 160;
  const floorTo = p.rearAxle - p.tyreRadius - 160;
  return {
    width: w,
    height: p.length,
    shapes: [
      { kind: 'undertray', outline: panel(mid, 90, p.frontAxle - 190, w - 620, w - 420, 90) },
      { kind: 'frontunder', outline: rect(mid - 520, p.frontAxle - 160, 1040, 320, 90) },
      { kind: 'floor', outline: rect(310, floorFrom, w - 620, floorTo - floorFrom, 40) },
      ...pair('sillunder', rect(110, floorFrom - 60, 170, floorTo - floorFrom + 120, 40), w),
      { kind: 'rearunder', outline: rect(mid - 520, p.rearAxle - 160, 1040, 320, 90) },
      { kind: 'exhaust', outline: rect(mid + 120, p.rearAxle + 190, 260, p.length - p.rearAxle - 300, 60) },
    ],
    scenery: [
      { role: 'body', points: rect(20, 10, w - 40, p.length - 20, 260) },
      ...[p.frontAxle, p.rearAxle].flatMap((axle) => {
        const wheel = rect(60, axle - p.tyreRadius, 220, p.tyreRadius * 2, 70);
        return [wheel, mirrored(wheel, w)].map((points: Point[]) => ({ role: 'wheel' as const, points }));
      }),
    ],
  };
}
