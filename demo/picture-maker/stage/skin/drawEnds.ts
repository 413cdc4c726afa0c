import { type Point, rounded } from '../../../../src/core/car/styles/geometry';
import type { Shape } from '../body/shape';
import { widthAt } from './drawTop';
import { mirrored, type Path, type Sheet, trim } from './sheet';
import { tailAngle, type Zones } from './zones';

const box = (from: number, to: number, low: number, high: number, radius: number): Path =>
  rounded(
    [
      [from, high],
      [to, high],
      [to, low],
      [from, low],
    ],
    radius,
  );

/** Nose and tail: lamps, grille, lids and bumpers. Across in degrees round the corner, up in millimetres. */
/** Draws both ends; gives the place of a tailgate's glass, where there is one. */
export function drawEnds(sheet: Sheet, shape: Shape, zones: Zones): Zones['tailPane'] {
  drawNose(sheet.on('nose'), shape);
  return drawTail(sheet.on('tail'), shape, zones);
}

function drawNose(sheet: Sheet, { profile: p }: Shape): void {
  const lip = (p.bonnet[1] as Point)[1];
  const low = p.sill[0];
  const lampTop = lip + 34;
  // Lower edge, dark; an air intake and a slot above it.
  sheet.fill(box(-90, 90, 0, low + 58, 2), trim.plastic);
  const intake = box(-27, 27, low + 82, low + 212, 6);
  sheet.fill(intake, trim.plastic);
  for (let z = low + 100; z < low + 210; z += 26)
    sheet.band(
      [
        [-26, z],
        [26, z],
      ],
      9,
      trim.gloss,
    );
  sheet.shut(intake, true, 3);
  for (const turn of [(path: Path) => path, mirrored]) {
    const fog = turn(box(34, 50, low + 96, low + 196, 5));
    sheet.fill(fog, trim.plastic);
    sheet.fill(turn(box(38, 45, low + 118, low + 178, 3)), trim.lens);
    headlamp(sheet, turn, lampTop);
  }
  const grille = rounded(
    [
      [-19, lampTop - 26],
      [19, lampTop - 26],
      [16, lampTop - 150],
      [-16, lampTop - 150],
    ],
    6,
  );
  sheet.fill(grille, { ...trim.gloss, rough: 0.5 });
  for (let z = lampTop - 140; z < lampTop - 30; z += 22)
    sheet.band(
      [
        [-16.4, z],
        [16.4, z],
      ],
      8,
      trim.chrome,
    );
  sheet.band(grille, 7, trim.chrome, true);
  sheet.shut([
    [-62, lampTop + 26],
    [-44, lampTop + 18],
    [-20, lampTop - 6],
    [20, lampTop - 6],
    [44, lampTop + 18],
    [62, lampTop + 26],
  ]);
}

function headlamp(sheet: Sheet, turn: (path: Path) => Path, top: number): void {
  const outline = turn(
    rounded(
      [
        [23, top - 22],
        [60, top + 16],
        [61, top - 44],
        [44, top - 112],
        [24, top - 104],
      ],
      6,
    ),
  );
  sheet.band(outline, 10, trim.gloss, true);
  sheet.fill(outline, { ...trim.gloss, colour: '#1a1f22', metal: 0.3 });
  sheet.fill(turn(box(50, 58, top - 38, top - 8, 4)), { ...trim.amber, colour: '#8a4a16' });
  for (const [at, radius] of [
    [31, 3.3],
    [41, 3.1],
  ] as const) {
    const oval = (share: number, lift: number): Path =>
      turn(
        Array.from({ length: 40 }, (_, i) => {
          const a = (i / 40) * Math.PI * 2;
          return [
            at + Math.cos(a) * radius * share,
            top - 64 + lift + Math.sin(a) * radius * 15.4 * share,
          ] as const;
        }),
      );
    // A module with a dark lens in it, and the sky's glint on the lens.
    sheet.fill(turn(box(at - 4.4, at + 4.4, top - 98, top - 38, 3)), {
      ...trim.gloss,
      colour: '#3a4247',
      metal: 0.5,
    });
    sheet.fill(oval(0.9, 0), { ...trim.gloss, colour: '#0c0f11' });
    sheet.tint(oval(0.62, 0), '#1f272b');
    sheet.tint(oval(0.3, 9), '#56646b');
  }
  sheet.band(
    turn([
      [25, top - 96],
      [43, top - 102],
      [58, top - 40],
    ]),
    10,
    {
      ...trim.lens,
      colour: '#eef3f5',
    },
  );
}

function drawTail(sheet: Sheet, shape: Shape, zones: Zones): Zones['tailPane'] {
  const { profile: p } = shape;
  const low = p.sill[0];
  const last = p.tail[p.tail.length - 1] as Point;
  const bumperTop = last[1] - 30;
  const belt = shape.beltAt(p.length - 200);
  const tailgate = p.rearLid === 'tailgate' && !p.bed;
  sheet.fill(box(-90, 90, 0, low + 60, 2), trim.plastic);
  sheet.fill(box(-36, 36, low + 40, low + 120, 4), trim.plastic);
  for (const turn of [(path: Path) => path, mirrored]) {
    sheet.fill(turn(box(33, 43, low + 130, low + 158, 2)), trim.red);
    tailLamp(sheet, turn, shape, tailgate, belt, bumperTop);
  }
  // The lid, and the bumper's upper edge.
  const halfLid = (z: number) => {
    // Where the outline comes down to this height: a tail slopes, so that is not always at its end.
    let x = p.length - 120;
    while (x > zones.tailStart && shape.upper.at(x) < z + 60) x -= 10;
    return tailAngle(zones, x, Math.max(320, widthAt(shape, x, z) - 190));
  };
  const lidTop = tailgate ? p.height - 150 : belt;
  const edge: [number, number][] = Array.from({ length: 12 }, (_, i) => {
    const z = bumperTop + ((lidTop - bumperTop) * i) / 11;
    return [Math.min(34, halfLid(Math.min(z, belt - 60))), z];
  });
  sheet.shut([...edge.toReversed(), [edge[0]?.[0] ?? 30, bumperTop], [0, bumperTop]]);
  sheet.shut([
    ...edge.toReversed().map(([a, z]) => [-a, z] as const),
    [-(edge[0]?.[0] ?? 30), bumperTop],
    [0, bumperTop],
  ]);
  sheet.shut(
    [
      [-70, bumperTop + 6],
      [70, bumperTop + 6],
    ],
    false,
    4,
  );
  // The recess the plate sits in.
  const recess = box(-17, 17, bumperTop + 30, bumperTop + 190, 6);
  sheet.band(recess, 12, trim.gloss, true);
  sheet.fill(box(-17, 17, bumperTop + 176, bumperTop + 200, 4), trim.chrome);
  return tailgate ? rearPane(sheet, shape, zones) : undefined;
}

function tailLamp(
  sheet: Sheet,
  turn: (path: Path) => Path,
  { profile: p }: Shape,
  tailgate: boolean,
  belt: number,
  bumperTop: number,
): void {
  const upright = tailgate && p.height > 1440;
  const top = upright ? belt - 20 : belt - 66;
  const bottom = p.bed || p.boxy ? bumperTop + 60 : top - (upright ? 230 : 150);
  const inner = p.bed || p.boxy ? 40 : 26;
  const outline = turn(
    rounded(
      [
        [inner, top - 16],
        [57, top],
        [60, top - 60],
        [52, bottom],
        [inner + 6, bottom + 14],
      ],
      7,
    ),
  );
  sheet.band(outline, 9, trim.gloss, true);
  sheet.fill(outline, trim.red);
  const height = top - bottom;
  sheet.fill(turn(box(inner + 4, 53, top - height * 0.42, top - height * 0.16, 4)), trim.brightRed);
  sheet.fill(turn(box(inner + 7, inner + 14, bottom + height * 0.16, bottom + height * 0.36, 3)), trim.lens);
  sheet.fill(turn(box(inner + 15, 50, bottom + height * 0.16, bottom + height * 0.36, 3)), trim.amber);
  for (let a = inner + 5; a < 53; a += 2.2)
    sheet.band(
      turn([
        [a, top - height * 0.4],
        [a, top - height * 0.18],
      ]),
      4,
      trim.red,
    );
  sheet.shut(
    turn([
      [34, top],
      [33, bottom],
    ]),
    false,
    4,
  );
}

function rearPane(sheet: Sheet, shape: Shape, zones: Zones): NonNullable<Zones['tailPane']> {
  const { profile: p, upper } = shape;
  const [roofEnd, roofZ] = p.roof[p.roof.length - 1] as Point;
  const [baseX, baseZ] = p.tail[p.rearGlassBase] as Point;
  /** Degrees from the middle to the edge of the glass at a height. */
  const halfAt = (z: number, gap: number) => {
    let x = roofEnd;
    while (x < baseX + 40 && upper.at(x) > z) x += 2;
    return tailAngle(zones, x - 20, widthAt(shape, x - 40, z) - gap);
  };
  const pane = (top: number, bottom: number, gap: number): Path => {
    const [above, below] = [halfAt(top, gap), halfAt(bottom, gap)];
    return rounded(
      [
        [-above, top],
        [above, top],
        [below, bottom],
        [-below, bottom],
      ],
      4,
    );
  };
  const border = pane(roofZ - 60, baseZ + 30, 96);
  sheet.band(border, 16, trim.rubber, true);
  sheet.fill(border, trim.gloss);
  const clear = pane(roofZ - 100, baseZ + 66, 140);
  sheet.fill(clear, trim.glass);
  for (let z = baseZ + 80; z < roofZ - 110; z += 34)
    sheet.tint(
      [
        [-22, z],
        [22, z],
        [22, z + 2.5],
        [-22, z + 2.5],
      ],
      '#3a3028',
    );
  // A wiper at rest.
  sheet.band(
    [
      [0, baseZ + 44],
      [4, baseZ + 70],
      [20, baseZ + 84],
    ],
    16,
    trim.plastic,
  );
  // A little more than its rubber takes.
  return { from: baseZ, halfDeg: Math.max(...border.map(([degrees]) => Math.abs(degrees))) + 2 };
}
