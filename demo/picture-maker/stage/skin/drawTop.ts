import type { Point } from '../../../../src/core/car/styles/geometry';
import type { Shape } from '../body/shape';
import { type Path, type Sheet, trim } from './sheet';

/** Half the body's width at a height, found by halving. */
export function widthAt(shape: Shape, x: number, z: number): number {
  let [low, high] = [0, shape.halfWidth + 60];
  for (let i = 0; i < 24; i++) {
    const mid = (low + high) / 2;
    if (shape.distance(x, mid, z) < 0) low = mid;
    else high = mid;
  }
  return low;
}

/** Closes a half outline over the middle of the car. */
const across = (half: readonly (readonly [number, number])[]): Path => [
  ...half,
  ...half.toReversed().map(([x, y]) => [x, -y] as const),
];

const edge = (from: number, to: number, at: (x: number) => number, steps = 24): [number, number][] =>
  Array.from({ length: steps + 1 }, (_, i) => {
    const x = from + ((to - from) * i) / steps;
    return [x, Math.max(0, at(x))];
  });

export function drawTop(sheet: Sheet, shape: Shape): void {
  const { profile: p, upper } = shape;
  const [cowlX] = p.roof[0] as Point;
  const [roofStart] = p.roof[p.boxy ? 3 : 2] as Point;
  const [roofEnd] = p.roof[p.roof.length - 1] as Point;
  const [glassEnd] = p.tail[p.rearGlassBase] as Point;
  const inset = (drop: number, gap: number) => (x: number) => widthAt(shape, x, upper.at(x) - drop) - gap;

  // Bonnet: its gap runs a hand's breadth inside the wings, and round the nose.
  const bonnetEdge = edge(
    210,
    cowlX - 10,
    (x) => widthAt(shape, Math.max(x, 420), upper.at(Math.max(x, 420)) - 70) - 52,
  );
  const corner: [number, number][] = [
    [150, 380],
    [165, 560],
    [190, (bonnetEdge[0]?.[1] ?? 600) - 40],
  ];
  sheet.shut(across([[146, 0], ...corner, ...bonnetEdge]));

  // The screen with its dark printed border, the tray the wipers sit in.
  const screen = edge(cowlX + 34, roofStart + 4, inset(52, 74));
  const bow = (half: [number, number][]) => half;
  sheet.fill(across(edge(cowlX - 24, cowlX + 60, inset(60, 66), 4)), trim.plastic);
  sheet.band(across(bow(screen)), 16, trim.rubber, true);
  sheet.fill(across(bow(screen)), trim.gloss);
  const clear = edge(cowlX + 92, roofStart - 30, (x) => inset(52, 74)(x) - 38);
  sheet.fill(across(clear), trim.glass);
  sheet.tint(across(edge(cowlX + 180, roofStart - 100, (x) => inset(52, 74)(x) - 90)), '#1d2426');
  for (const side of [-1, 1]) {
    sheet.tint(
      [
        [roofStart - 60, side * 240],
        [roofStart - 60, side * 480],
        [roofStart - 200, side * 500],
        [roofStart - 200, side * 220],
      ],
      '#0b0e0f',
    );
  }
  // Mirror behind the screen.
  sheet.fill(
    [
      [roofStart - 50, -120],
      [roofStart - 50, 120],
      [roofStart - 120, 110],
      [roofStart - 120, -110],
    ],
    trim.gloss,
  );
  for (const [y, to] of [
    [520, -60],
    [-60, -560],
  ] as const) {
    sheet.band(
      [
        [cowlX + 50, y],
        [cowlX + 74, y - 60],
        [cowlX + 110, to],
      ],
      15,
      trim.plastic,
    );
    sheet.band(
      [
        [cowlX + 116, y - 20],
        [cowlX + 124, to - 40],
      ],
      9,
      trim.rubber,
    );
  }

  // Roof gutters.
  const gutter = edge(roofStart + 20, roofEnd - 60, inset(40, 58));
  for (const side of [1, -1])
    sheet.shut(
      gutter.map(([x, y]) => [x, side * y] as const),
      false,
      9,
    );

  if (p.bed) {
    sheet.fill(across(edge(p.bed.from - 10, p.bed.to + 10, () => shape.halfWidth - 100, 2)), trim.plastic);
    return;
  }
  const rear = edge(roofEnd + (p.rearLid === 'bootlid' ? 20 : 26), glassEnd - 26, inset(46, 76));
  sheet.band(across(rear), 14, trim.rubber, true);
  sheet.fill(across(rear), trim.gloss);
  sheet.fill(across(edge(roofEnd + 66, glassEnd - 60, (x) => inset(46, 76)(x) - 40)), trim.glass);
  if (p.rearLid === 'bootlid') {
    const lid = edge(
      glassEnd + 8,
      p.length - 40,
      (x) => widthAt(shape, Math.min(x, p.length - 240), upper.at(x) - 60) - 90,
    );
    for (const side of [1, -1]) sheet.shut(lid.map(([x, y]) => [x, side * y] as const));
  } else {
    sheet.shut([
      [roofEnd - 40, -800],
      [roofEnd - 40, 800],
    ]);
  }
  if (p.softTop) {
    sheet.shut(
      [
        [roofStart + 40, -800],
        [roofStart + 40, 800],
      ],
      false,
      8,
    );
  }
}
