import type { ExtraId } from '../extras';
import type { Hand, Steering } from '../sides';
import type { FaceId } from './faces';
import { arc, type Point, rounded } from './geometry';
import { drawCabin, drawEngine } from './insideFaces';
import type { FaceDrawing, Scenery, Shape } from './shape';
import { mirrored, pair, panel, rect } from './shapes2d';
import type { TruckProfile } from './truckProfile';

const flip = (t: TruckProfile) => (z: number) => t.height - z;

function drawTruckSide(t: TruckProfile, hand: Hand): FaceDrawing {
  const y = flip(t);
  const [doorFrom, doorTo] = t.door;
  // A bonnet puts back all that is behind the front axle.
  const back = t.bonnet ?? 0;
  const axleY = y(t.tyreRadius);
  const shapes: Shape[] = [];
  const add = (kind: Shape['kind'], outline: Point[], end: '' | 'f' | 'm' | 'r' = '') =>
    shapes.push({ kind, position: `${end}${hand}`, outline });
  const box = (from: number, to: number, low: number, high: number, radius = 40) =>
    rect(from, y(high), to - from, high - low, radius);
  add(
    'pillar-a',
    rounded(
      [
        [330 + back, y(t.belt)],
        [560 + back, y(3220)],
        [640 + back, y(3220)],
        [620 + back, y(t.belt)],
      ],
      30,
    ),
  );
  add(
    'wing',
    rounded(
      [
        [90, y(t.belt - (back > 0 ? 380 : 30))],
        [610 + back, y(t.belt - (back > 0 ? 130 : 30))],
        [610 + back, y(t.cabFloor)],
        [60, y(t.cabFloor)],
      ],
      60,
    ),
    'f',
  );
  add('door', box(doorFrom, doorTo, t.cabFloor, 3240, 60), 'f');
  add(
    'sideglass',
    rounded(
      [
        [doorFrom + 60, y(3120)],
        [doorTo - 90, y(3120)],
        [doorTo - 90, y(t.belt)],
        [doorFrom + 60, y(t.belt)],
      ],
      60,
    ),
    'f',
  );
  add('cabstep', box(doorFrom + 160, doorTo - 60, 420, t.cabFloor - 30), '');
  add('sleeper', box(doorTo + 30, t.sleeperEnd, t.cabFloor, 3400, 50));
  add(
    'fairing',
    rounded(
      [
        [t.sleeperEnd + 20, y(3560)],
        [t.fairingEnd, y(3380)],
        [t.fairingEnd, y(t.cabFloor)],
        [t.sleeperEnd + 20, y(t.cabFloor)],
      ],
      40,
    ),
  );
  add('skirt', box(doorTo + 380, t.fairingEnd - 180, 330, t.cabFloor - 40, 60));
  add('fueltank', rect(t.fairingEnd - 140, y(t.frame + 60), 1240, 640, 160));
  add('frame', box(t.fairingEnd + 1120, t.length - 260, t.frame - 170, t.frame, 20));
  add(
    'mirror',
    rounded(
      [
        [430 + back, y(2900)],
        [600 + back, y(2900)],
        [600 + back, y(2180)],
        [430 + back, y(2180)],
      ],
      60,
    ),
  );
  for (const [end, axle] of [
    ['f', t.axles[0]],
    ['m', t.axles[1]],
    ['r', t.axles[2]],
  ] as const) {
    const [inner, outer] = [t.tyreRadius + 50, t.tyreRadius + 130];
    const kind = end === 'f' ? 'arch' : 'mudguard';
    const [from, to] = end === 'f' ? [10, -190] : [-20, -160];
    add(kind, [...arc([axle, axleY], outer, from, to), ...arc([axle, axleY], inner, to, from)], end);
    add('tyre', arc([axle, axleY], t.tyreRadius, 0, 360, 60), end);
    add('wheel', arc([axle, axleY], t.rimRadius, 0, 360, 48), end);
  }
  const scenery: Scenery[] = [
    { role: 'body', kind: 'bumper-front', points: box(30, 860, 280, t.cabFloor - 20, 80) },
    {
      role: 'glass',
      kind: 'windscreen',
      points: rounded(
        [
          [200 + back, y(t.belt)],
          [420 + back, y(3200)],
          [540 + back, y(3200)],
          [330 + back, y(t.belt)],
        ],
        30,
      ),
    },
    {
      role: 'body',
      kind: 'deflector',
      points: rounded(
        [
          [760 + back, y(3420)],
          [1800 + back, y(3790)],
          [t.sleeperEnd, y(3790)],
          [t.sleeperEnd, y(3420)],
        ],
        60,
      ),
    },
    {
      role: 'dark',
      kind: 'fifthwheel',
      points: box(t.axles[1] + 230, t.axles[1] + 1130, t.frame, t.frame + 150, 40),
    },
  ];
  return { width: t.length, height: t.height, shapes, scenery };
}

function drawTruckFront(t: TruckProfile): FaceDrawing {
  const w = t.width;
  const mid = w / 2;
  const y = flip(t);
  // Over a bonnet the screen begins higher.
  const up = t.bonnet ? 350 : 0;
  const shapes: Shape[] = [
    { kind: 'sunvisor', outline: panel(mid, y(3420), y(3250), w - 320, w - 260, 60) },
    { kind: 'windscreen', outline: panel(mid, y(3230), y(2030 + up), w - 260, w - 200, 90) },
    { kind: 'wipers', outline: panel(mid, y(2010 + up), y(1930 + up), w - 420, w - 400, 30) },
    ...(t.bonnet
      ? [{ kind: 'bonnet' as const, outline: panel(mid, y(2260), y(1910), w - 760, w - 640, 90) }]
      : []),
    { kind: 'grille', outline: panel(mid, y(1890), y(1080), w - 700, w - 760, 70) },
    ...pair('headlamp', rect(110, y(1060), 420, 300, 80), w),
    { kind: 'bumper-front', outline: panel(mid, y(740), y(290), w - 60, w - 160, 90) },
    ...pair('foglamp', rect(330, y(600), 260, 150, 50), w),
  ];
  return {
    width: w,
    height: t.height,
    shapes,
    scenery: [{ role: 'body', points: panel(mid, y(3790), y(760), w - 380, w - 40, 160) }],
  };
}

function drawTruckRear(t: TruckProfile): FaceDrawing {
  const w = t.width;
  const mid = w / 2;
  const y = flip(t);
  const shapes: Shape[] = [
    { kind: 'cabback', outline: panel(mid, y(3700), y(1950), w - 240, w - 200, 90) },
    { kind: 'airlines', outline: rect(mid - 330, y(1920), 660, 330, 80) },
    { kind: 'fifthwheel', outline: rect(mid - 480, y(1550), 960, 330, 120) },
    ...pair('taillamp', rect(250, y(1180), 380, 150, 40), w),
    ...pair('tyre-inner', rect(560, y(1000), 250, 400, 60), w, 'm'),
    ...pair('tyre-inner', rect(560, y(560), 250, 470, 60), w, 'r'),
    { kind: 'bumper-rear', outline: rect(mid - 400, y(760), 800, 170, 40) },
  ];
  const outer = rect(260, y(1000), 270, 910, 60);
  return {
    width: w,
    height: t.height,
    shapes,
    scenery: [outer, mirrored(outer, w)].map((points) => ({ role: 'wheel' as const, points })),
  };
}

function drawTruckTop(t: TruckProfile): FaceDrawing {
  const w = t.width;
  const mid = w / 2;
  const back = t.bonnet ?? 0;
  return {
    width: w,
    height: t.length,
    shapes: [
      { kind: 'roof', outline: panel(mid, 560 + back, 1500 + back, w - 420, w - 300, 90) },
      { kind: 'deflector', outline: panel(mid, 1530 + back, t.sleeperEnd, w - 360, w - 260, 120) },
      { kind: 'aerial', outline: rect(mid - 60, 620 + back, 120, 220, 50) },
    ],
    scenery: [
      { role: 'body', points: rect(40, 20, w - 80, t.sleeperEnd, 160) },
      { role: 'dark', points: rect(mid - 420, t.sleeperEnd, 840, t.length - t.sleeperEnd, 60) },
    ],
  };
}

function drawTruckUnder(t: TruckProfile): FaceDrawing {
  const w = t.width;
  const mid = w / 2;
  const back = t.bonnet ?? 0;
  return {
    width: w,
    height: t.length,
    shapes: [
      { kind: 'frontunder', outline: rect(mid - 620, t.axles[0] - 240, 1240, 480, 120) },
      { kind: 'airtanks', outline: rect(mid - 360, 3200 + back, 720, 900, 140) },
      {
        kind: 'rearunder',
        outline: rect(mid - 620, t.axles[1] - 240, 1240, t.axles[2] - t.axles[1] + 480, 120),
      },
      { kind: 'exhaust', outline: rect(180, 2200 + back, 420, 820, 120) },
    ],
    scenery: [{ role: 'body', points: rect(20, 10, w - 40, t.length - 20, 160) }],
  };
}

/** A tractor unit from every face. It has no boot of its own. */
export function drawTruck(
  t: TruckProfile,
  steering: Steering,
  extras: readonly ExtraId[],
): Record<FaceId, FaceDrawing> {
  const engine = drawEngine();
  const front = drawTruckFront(t);
  if (extras.includes('guard-bar'))
    front.shapes.push({
      kind: 'guardbar',
      outline: panel(t.width / 2, t.height - 800, t.height - 690, t.width - 900, t.width - 860, 40),
    });
  const sides = { left: drawTruckSide(t, 'l'), right: drawTruckSide(t, 'r') };
  if (extras.includes('stripes'))
    for (const [hand, face] of [
      ['l', sides.left],
      ['r', sides.right],
    ] as const)
      face.shapes.push({
        kind: 'stripe',
        position: hand,
        outline: rect(t.door[0] + 60, t.height - 1700, 2000, 90, 20),
      });
  return {
    front,
    ...sides,
    rear: drawTruckRear(t),
    top: drawTruckTop(t),
    cabin: drawCabin({ steering, rows: 1, hasRearDoors: false, hasBunk: true }),
    boot: { width: 0, height: 0, shapes: [], scenery: [] },
    engine: {
      ...engine,
      shapes: [
        ...engine.shapes.filter(
          ({ kind }) => !['innerwing', 'slampanel', 'bulkhead', 'enginecover'].includes(kind),
        ),
        // Leaks are told by the side of the engine they are on.
        { kind: 'enginecover', outline: rect(600, 200, 300, 430, 50) },
        ...pair('engineside', rect(485, 200, 95, 430, 40), engine.width),
      ],
    },
    under: drawTruckUnder(t),
  };
}
