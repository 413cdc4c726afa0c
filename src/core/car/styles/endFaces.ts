import { type Point, rounded } from './geometry';
import type { Profile } from './profile';
import type { FaceDrawing, Scenery, Shape } from './shape';
import { mirrored, pair, panel, rect } from './shapes2d';

/** Length of a slanting run of the upper outline: panels are drawn unrolled, at their true size. */
function run(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i++) {
    const [x0, z0] = points[i - 1] as Point;
    const [x1, z1] = points[i] as Point;
    sum += Math.hypot(x1 - x0, z1 - z0);
  }
  return sum;
}

/** The nose unrolled: windscreen at the top, then bonnet, lamps and bumper. x runs from the car's left to its right. */
export function drawFront(p: Profile): FaceDrawing {
  const w = p.width;
  const mid = w / 2;
  const glass = run(p.roof.slice(0, 3));
  const hood = run(p.bonnet.slice(1));
  const bonnetTop = glass + 70;
  const lampTop = bonnetTop + hood + 16;
  const bumperTop = lampTop + 190;
  const bottom = bumperTop + 430;
  const lamp: Point[] = rounded(
    [
      [60, lampTop - 20],
      [470, lampTop + 30],
      [440, lampTop + 165],
      [110, lampTop + 150],
    ],
    40,
  );
  const fog = rect(170, bumperTop + 200, 190, 110, 50);
  const shapes: Shape[] = [
    { kind: 'windscreen', outline: panel(mid, 0, glass, w - 620, w - 330, 60) },
    { kind: 'wipers', outline: panel(mid, glass + 6, glass + 58, w - 420, w - 380, 20) },
    { kind: 'bonnet', outline: panel(mid, bonnetTop, bonnetTop + hood, w - 290, w - 380, 90) },
    ...pair('headlamp', lamp, w),
    { kind: 'grille', outline: panel(mid, lampTop + 30, lampTop + 160, w - 990, w - 960, 40) },
    {
      kind: 'bumper-front',
      outline: rounded(
        [
          [40, bumperTop - 20],
          [w - 40, bumperTop - 20],
          [w - 10, bumperTop + 260],
          [w - 150, bottom],
          [150, bottom],
          [10, bumperTop + 260],
        ],
        70,
      ),
    },
    ...pair('foglamp', fog, w),
  ];
  const scenery: Scenery[] = [
    { role: 'dark', points: panel(mid, bumperTop + 210, bumperTop + 330, w - 800, w - 760, 40) },
    { role: 'line', points: rect(mid - 260, bumperTop + 60, 520, 111, 12) },
    { role: 'body', kind: 'wing', position: 'fl', points: wingEdge(lampTop, bonnetTop, hood) },
    {
      role: 'body',
      kind: 'wing',
      position: 'fr',
      points: mirrored(wingEdge(lampTop, bonnetTop, hood), w),
    },
  ];
  return { width: w, height: bottom, shapes, scenery };
}

function wingEdge(lampTop: number, bonnetTop: number, hood: number): Point[] {
  return [
    [132, bonnetTop + 40],
    [172, bonnetTop + hood - 20],
    [64, lampTop - 34],
    [30, bonnetTop + hood * 0.55],
    [60, bonnetTop + 60],
  ];
}

/** The tail unrolled: rear glass at the top, then the lid, lamps and bumper. x runs from the car's left to its right. */
export function drawRear(p: Profile): FaceDrawing {
  const w = p.width;
  const mid = w / 2;
  const glass = Math.max(run(p.tail.slice(0, p.rearGlassBase + 1)), 380);
  const lidTop = glass + 24;
  const lid = Math.max(run(p.tail.slice(p.lidFrom ?? p.rearGlassBase)), p.bed ? 520 : 640);
  const lampTop = lidTop + lid - 340;
  const bumperTop = lidTop + lid + 16;
  const bottom = bumperTop + 400;
  const lamp: Point[] = rounded(
    [
      [50, lampTop],
      [430, lampTop + 20],
      [400, lampTop + 170],
      [70, lampTop + 180],
    ],
    50,
  );
  const lidOutline: Point[] = rounded(
    [
      [mid - (w - 420) / 2, lidTop],
      [mid + (w - 420) / 2, lidTop],
      [mid + (w - 330) / 2, lampTop - 14],
      [mid + (w - 900) / 2, lampTop + 10],
      [mid + (w - 860) / 2, lidTop + lid],
      [mid - (w - 860) / 2, lidTop + lid],
      [mid - (w - 900) / 2, lampTop + 10],
      [mid - (w - 330) / 2, lampTop - 14],
    ],
    50,
  );
  const shapes: Shape[] = [
    { kind: 'rearglass', outline: panel(mid, 0, glass, w - 640, w - 440, 60) },
    { kind: p.rearLid, outline: lidOutline },
    ...pair('taillamp', lamp, w),
    {
      kind: 'bumper-rear',
      outline: rounded(
        [
          [40, bumperTop - 90],
          [(w - (w - 840)) / 2 - 10, bumperTop - 90],
          [(w - (w - 840)) / 2, bumperTop],
          [w - (w - (w - 840)) / 2, bumperTop],
          [w - (w - (w - 840)) / 2 + 10, bumperTop - 90],
          [w - 40, bumperTop - 90],
          [w - 10, bumperTop + 230],
          [w - 140, bottom],
          [140, bottom],
          [10, bumperTop + 230],
        ],
        60,
      ),
    },
  ];
  const scenery: Scenery[] = [
    { role: 'line', points: rect(mid - 260, lidTop + lid - 150, 520, 111, 12) },
    { role: 'dark', points: panel(mid, bumperTop + 250, bumperTop + 350, w - 760, w - 820, 40) },
  ];
  return { width: w, height: bottom, shapes, scenery };
}

/** The car from above, nose up. x runs from the car's left to its right. */
export function drawTop(p: Profile): FaceDrawing {
  const w = p.width;
  const mid = w / 2;
  const [cowlX] = p.roof[0] as Point;
  const [screenTopX] = p.roof[2] as Point;
  const [roofEndX] = p.roof[p.roof.length - 1] as Point;
  const [glassBaseX] = p.tail[p.rearGlassBase] as Point;
  const shapes: Shape[] = [
    {
      kind: p.softTop ? 'softtop' : 'roof',
      outline: panel(mid, screenTopX + 20, roofEndX, w - 600, w - 620, 90),
    },
    ...(p.softTop
      ? [
          {
            kind: 'roofwell' as const,
            outline: panel(mid, glassBaseX + 20, glassBaseX + 190, w - 460, w - 480, 60),
          },
        ]
      : []),
    { kind: 'aerial', outline: rect(mid - 45, roofEndX - 250, 90, 170, 40) },
  ];
  if (p.roofRails) {
    const rail = rect(205, screenTopX + 180, 62, roofEndX - screenTopX - 340, 28);
    shapes.push(...pair('roofrail', rail, w));
  }
  const scenery: Scenery[] = [
    { role: 'body', points: planOutline(p) },
    ...bedFloor(p),
    { role: 'body', kind: 'bonnet', points: panel(mid, 120, cowlX - 20, w - 420, w - 300, 120) },
    { role: 'glass', kind: 'windscreen', points: panel(mid, cowlX, screenTopX, w - 320, w - 600, 60) },
    { role: 'glass', kind: 'rearglass', points: panel(mid, roofEndX + 20, glassBaseX, w - 630, w - 460, 50) },
  ];
  return { width: w, height: p.length, shapes, scenery };
}

function bedFloor({ bed, width }: Profile): Scenery[] {
  if (!bed) return [];
  return [{ role: 'dark', points: rect(140, bed.from + 20, width - 280, bed.to - bed.from - 40, 60) }];
}

/** The outline of the whole car from above, nose up. */
export function planOutline(p: Profile): Point[] {
  const w = p.width;
  return rounded(
    [
      [230, 0],
      [w - 230, 0],
      [w - 40, 330],
      [w - 20, p.length * 0.5],
      [w - 50, p.length - 260],
      [w - 210, p.length],
      [210, p.length],
      [50, p.length - 260],
      [20, p.length * 0.5],
      [40, 330],
    ],
    260,
  );
}
