import {
  below,
  between,
  curve,
  type Line,
  type Point,
  rounded,
} from '../../../../src/core/car/styles/geometry';
import type { Shape } from '../body/shape';
import { type Path, type Sheet, trim } from './sheet';

/** How far below the roof's outline the side glass ends. */
const ROOF_EDGE = 118;

/** x backwards, height up, as everything in the side zone. */
const upright = (line: Line, height: number): Path => line.map(([x, y]) => [x, height - y] as const);

/** A side: panes and what is seen through them, door gaps, the dark foot. */
export function drawSide(sheet: Sheet, shape: Shape): void {
  const { profile: p } = shape;
  const up = ([x, z]: Point): Point => [x, p.height - z];
  const upper = curve([...p.roof, ...p.tail.slice(1)].map(up));
  const glassTop = below(upper, ROOF_EDGE);
  const [cowlX] = p.roof[0] as Point;
  const belt: Line = [
    [cowlX - 400, p.height - shape.beltAt(cowlX - 400) - 26],
    [p.length, p.height - shape.beltAt(p.length) - 26],
  ];
  const windowOf = (from: number, to: number, radius = 40) =>
    rounded(between(glassTop, belt, from, to), radius);
  const { middle, rear } = p.doors;
  const end = p.glassEnd - 20;
  const panes: Point[][] = [windowOf(cowlX + 250, middle - 30)];
  if (rear) panes.push(windowOf(middle + 30, Math.min(end, rear - (p.quarterGlass ? 40 : 60))));
  else panes.push(windowOf(middle + 40, end - 20));
  if (p.quarterGlass && rear) panes.push(windowOf(rear + 10, end));
  else if (rear && end - rear > 120) panes.push(windowOf(rear + 10, end));
  const seen = panes.filter((pane) => pane.length > 2);
  const frame = between(glassTop, belt, cowlX + 190, Math.max(end, (rear ?? middle) - 20) + 20);
  if (frame.length > 2) {
    sheet.band(upright(frame, p.height), 34, trim.rubber, true);
    sheet.fill(upright(frame, p.height), trim.gloss);
  }
  for (const pane of seen) {
    const path = upright(pane, p.height);
    sheet.fill(path, trim.glass);
    throughGlass(sheet, path, shape);
    sheet.band(path, 9, trim.rubber, true);
  }
  // A bright strip along the foot of the glass.
  const foot: Path = Array.from({ length: 30 }, (_, i) => {
    const x = cowlX + 200 + ((end - cowlX - 180) * i) / 29;
    return [x, shape.beltAt(x) + 20] as const;
  });
  sheet.band(foot, 15, p.boxy || p.bed ? trim.plastic : trim.chrome);

  const sillZ = p.sill[1] - 20;
  const door = (from: number, to: number, cut?: Path): Path => [
    [from + 6, shape.beltAt(from) + 16],
    [from, shape.beltAt(from) - 60],
    [from + 8, sillZ + 130],
    [from + 40, sillZ],
    ...(cut ?? [[to - 30, sillZ] as const, [to - 4, sillZ + 60] as const]),
    [to, shape.beltAt(to) - 60],
    [to, shape.beltAt(to) + 16],
  ];
  sheet.shut(door(p.doors.front, middle));
  if (rear) {
    const r = shape.archRadius + 46;
    const cut: [number, number][] = [];
    for (let deg = 188; deg >= 96; deg -= 4) {
      const a = (deg * Math.PI) / 180;
      const x = p.rearAxle + Math.cos(a) * r;
      const z = p.tyreRadius + Math.sin(a) * r;
      if (z > sillZ && x < rear) cut.push([x, z]);
    }
    sheet.shut(door(middle + 2, rear, cut.length > 0 ? cut : undefined));
  }
  sheet.shut([
    [p.frontAxle + shape.archRadius, sillZ - 6],
    [p.rearAxle - shape.archRadius, sillZ - 6],
  ]);
  // Wing to bumper, and quarter to bumper.
  const low = p.sill[0];
  const noseSeam = p.frontAxle - shape.archRadius - 40;
  sheet.shut([
    [noseSeam, low],
    [noseSeam, p.tyreRadius + 250],
    [noseSeam - 40, (p.bonnet[1] as Point)[1] - 60],
  ]);
  sheet.fill(
    [
      [-60, low + 52],
      [p.length + 60, low + 52],
      [p.length + 60, 0],
      [-60, 0],
    ],
    trim.plastic,
  );
  if (p.roofRails || p.bed) cladding(sheet, shape);
}

/** Dark arch edges and sills, on cars that are meant to look as if they left the road. */
function cladding(sheet: Sheet, { profile: p, archRadius }: Shape): void {
  if (p.height < 1600) return;
  for (const axle of [p.frontAxle, p.rearAxle]) {
    const ring = Array.from({ length: 50 }, (_, i): [number, number] => {
      const a = ((-20 + (220 * i) / 49) * Math.PI) / 180;
      return [axle + Math.cos(a) * (archRadius + 22), p.tyreRadius + Math.sin(a) * (archRadius + 22)];
    });
    sheet.band(ring, 64, trim.plastic);
  }
  sheet.fill(
    [
      [p.frontAxle, p.sill[0] + 110],
      [p.rearAxle, p.sill[0] + 110],
      [p.rearAxle, 0],
      [p.frontAxle, 0],
    ],
    trim.plastic,
  );
}

/** The far side's windows, head restraints and seat backs, as one sees them dimly through a pane. */
function throughGlass(sheet: Sheet, pane: Path, { profile: p, beltAt }: Shape): void {
  const xs = pane.map(([x]) => x);
  const from = Math.min(...xs);
  const to = Math.max(...xs);
  const width = to - from;
  if (width < 300) return;
  const top = Math.max(...pane.map(([, z]) => z));
  const base = beltAt((from + to) / 2) + 26;
  sheet.tint(
    [
      [from + width * 0.16, base + 40],
      [from + width * 0.3, top - 70],
      [to - 60, top - 60],
      [to - 50, base + 40],
    ],
    '#2b3335',
  );
  const seatX = from + width * (from < p.doors.middle - 100 ? 0.72 : 0.6);
  const seat = (x: number, wide: number, high: number, low: number): Path =>
    rounded(
      [
        [x, low],
        [x + 30, high],
        [x + wide, high],
        [x + wide + 40, low],
      ],
      50,
    );
  sheet.tint(seat(seatX, 110, base + 170, base - 20), '#0a0c0d');
  sheet.tint(seat(seatX + 16, 80, Math.min(top - 60, base + 300), base + 190), '#0a0c0d');
  sheet.tint(seat(seatX + 30, 20, base + 210, base + 120), '#0a0c0d');
}
