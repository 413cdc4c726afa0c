import type { Hand } from '../sides';
import { arc, below, between, curve, type Line, type Point, rounded, stretch, yAt } from './geometry';
import type { Profile } from './profile';
import type { FaceDrawing, Scenery, Shape } from './shape';

const ARCH_GAP = 46;
const ARCH_LIP = 52;
const PILLAR = 62;

/** One side of the car as seen by a person standing at it, drawn with the nose to the left. */
// biome-ignore lint/complexity/noExcessiveLinesPerFunction: one drawing, outline by outline from the back to the front; every line of it rests on the measures above.
export function drawSide(p: Profile, hand: Hand): FaceDrawing {
  const up = ([x, z]: Point): Point => [x, p.height - z];
  const bonnet = curve(p.bonnet.map(up));
  const roof = curve(p.roof.map(up));
  const tail = curve(p.tail.map(up));
  const upper = [...roof, ...tail.slice(1)];
  const glassTop = below(upper, PILLAR);
  const cowlX = (p.roof[0] as Point)[0];
  const tailX = (p.tail[p.tail.length - 1] as Point)[0];
  const belt: Line = [up([cowlX, p.belt[0]]), up([p.glassEnd, p.belt[1]])];
  const sillTop = p.height - p.sill[1];
  const sillBottom = p.height - p.sill[0];
  const axleY = p.height - p.tyreRadius;
  const frontWheel: Point = [p.frontAxle, axleY];
  const rearWheel: Point = [p.rearAxle, axleY];
  const archRadius = p.tyreRadius + ARCH_GAP;
  const lipRadius = archRadius + ARCH_LIP;
  const seamFront = p.frontAxle - archRadius - 90;
  const seamRear = p.rearAxle + archRadius + 110;
  const lastDoorEnd = p.doors.rear ?? p.doors.middle;
  const front = hand === 'l' ? 'fl' : 'fr';
  const rear = hand === 'l' ? 'rl' : 'rr';

  const shapes: Shape[] = [];
  const scenery: Scenery[] = [];
  const add = (kind: Shape['kind'], position: Shape['position'], outline: Point[]) =>
    shapes.push({ kind, position, outline });

  // Angles at which the arch meets the sill line and the bumper seams.
  const archDeg = (radius: number, y: number) => (Math.asin((y - axleY) / radius) * 180) / Math.PI;
  const sillDeg = archDeg(lipRadius, sillTop);
  const bumperZ = p.height - p.sill[0] - 30;
  const lowDeg = archDeg(lipRadius, Math.min(bumperZ, axleY + lipRadius * 0.6));
  const lipOver = (centre: Point, fromDeg: number, toDeg: number) => arc(centre, lipRadius, fromDeg, toDeg);

  add('wing', front, [
    ...stretch(bonnet, seamFront + 40, cowlX),
    [p.doors.front - 40, yAt(belt, p.doors.front) - 8],
    [p.doors.front, yAt(belt, p.doors.front) + 40],
    [p.doors.front, sillTop],
    ...lipOver(frontWheel, sillDeg, -180 - lowDeg).filter(([x, y]) => x > seamFront && y < sillTop + 1),
    [seamFront + 8, axleY - 40],
  ]);
  const doorTop = (from: number, to: number): Point[] => [
    [from, yAt(belt, from) + 6],
    [to, yAt(belt, to) + 6],
  ];
  add('door', front, [
    ...doorTop(p.doors.front + 10, p.doors.middle - 6),
    [p.doors.middle - 6, sillTop - 6],
    [p.doors.front + 10, sillTop - 6],
  ]);
  if (p.doors.rear !== undefined) {
    const end = p.doors.rear;
    const start = p.doors.middle + 6;
    const archEdge = lipOver(rearWheel, 180 - sillDeg, 280).filter(([x, y]) => x < end && y < sillTop);
    // A door that ends before the arch has a lower corner of its own.
    const foot: Point[] = archEdge.length > 0 ? archEdge.reverse() : [[end, sillTop - 6]];
    add('door', rear, [...doorTop(start, end), ...foot, [start, sillTop - 6]]);
  }
  add('quarter', rear, [
    [lastDoorEnd + 10, yAt(belt, lastDoorEnd) + 6],
    [Math.min(p.glassEnd, seamRear), yAt(belt, p.glassEnd) + 6],
    ...cPillar(p, upper, glassTop, belt),
    ...stretch(upper, p.glassEnd - 110, tailX - 24),
    [tailX - 24, p.height - 665],
    [seamRear + 40, p.height - 620],
    [seamRear, axleY - 20],
    ...lipOver(rearWheel, -lowDeg, -180 - (180 - sillDeg - 180))
      .filter(([x, y]) => y < sillTop && x > lastDoorEnd + 10 && x < seamRear)
      .sort((a, b) => b[0] - a[0]),
    ...(lastDoorEnd + 10 < p.rearAxle - lipRadius ? ([[lastDoorEnd + 10, sillTop - 6]] as Point[]) : []),
  ]);
  add('sill', hand, [
    [p.frontAxle + lipRadius * Math.cos((sillDeg * Math.PI) / 180), sillTop],
    [p.rearAxle - lipRadius * Math.cos((sillDeg * Math.PI) / 180), sillTop],
    [p.rearAxle - lipRadius * 0.93, sillBottom],
    [p.frontAxle + lipRadius * 0.93, sillBottom],
  ]);

  // Glass: what lies between the belt and the roof edge, split at the pillar.
  const split = p.doors.middle;
  const rearEnd = p.doors.rear && p.quarterGlass ? p.doors.rear - 20 : p.glassEnd;
  add('sideglass', front, rounded(between(glassTop, belt, cowlX + 120, split - 36), 30));
  if (p.doors.rear) add('sideglass', rear, rounded(between(glassTop, belt, split + 36, rearEnd), 30));
  if (!p.doors.rear && !p.bed)
    add('quarterglass', rear, rounded(between(glassTop, belt, split + 36, p.glassEnd), 30));
  if (p.doors.rear && p.quarterGlass)
    add('quarterglass', rear, rounded(between(glassTop, belt, rearEnd + 44, p.glassEnd), 30));
  add('pillar-a', hand, [
    ...stretch(upper, cowlX, p.glassEnd - 120),
    ...stretch(glassTop, cowlX + 130, p.glassEnd - 120).reverse(),
  ]);
  add('pillar-b', hand, [
    [split - 28, yAt(glassTop, split) + 6],
    [split + 28, yAt(glassTop, split) + 6],
    [split + 28, yAt(belt, split)],
    [split - 28, yAt(belt, split)],
  ]);
  const mirrorX = p.doors.front + 90;
  const mirrorY = yAt(belt, mirrorX) - 30;
  add(
    'mirror',
    hand,
    rounded(
      [
        [mirrorX - 20, mirrorY - 130],
        [mirrorX + 170, mirrorY - 130],
        [mirrorX + 190, mirrorY + 30],
        [mirrorX + 10, mirrorY + 30],
      ],
      60,
    ),
  );
  if (p.fillerFlap === hand) {
    const x = p.rearAxle + 60;
    const y = yAt(belt, p.glassEnd) + 95;
    add(
      'fillerflap',
      hand,
      rounded(
        [
          [x, y],
          [x + 170, y],
          [x + 170, y + 150],
          [x, y + 150],
        ],
        34,
      ),
    );
  }
  for (const [centre, position] of [
    [frontWheel, front],
    [rearWheel, rear],
  ] as const) {
    const lip = Math.min(sillDeg, 30);
    add('arch', position, [
      ...arc(centre, lipRadius, lip, -180 - lip),
      ...arc(centre, archRadius, -180 - lip, lip),
    ]);
    add('tyre', position, arc(centre, p.tyreRadius, 0, 360, 60));
    add('wheel', position, arc(centre, p.rimRadius, 0, 360, 48));
  }

  scenery.push(
    {
      role: 'body',
      kind: 'bumper-front',
      points: [
        ...stretch(bonnet, 30, seamFront + 40),
        [seamFront, axleY - 30],
        [p.frontAxle - archRadius - 20, sillBottom],
        [150, sillBottom],
        [50, sillBottom - 120],
        [20, p.height - 480],
      ],
    },
    {
      role: 'body',
      kind: 'bumper-rear',
      points: [
        [seamRear, axleY - 20],
        [seamRear + 40, p.height - 620],
        [tailX - 24, p.height - 665],
        [p.length, p.height - 560],
        [p.length - 15, sillBottom - 130],
        [p.length - 110, sillBottom - 10],
        [seamRear - 60, sillBottom - 10],
      ],
    },
    {
      role: 'lamp',
      kind: 'headlamp',
      position: hand,
      points: [
        [90, yAt(bonnet, 90) + 30],
        [420, yAt(bonnet, 420) + 36],
        [390, yAt(bonnet, 420) + 130],
        [130, yAt(bonnet, 90) + 130],
      ],
    },
    {
      role: 'lamp',
      kind: 'taillamp',
      position: hand,
      points: rounded(
        [
          [tailX - 330, p.height - 880],
          [tailX - 45, p.height - 880],
          [tailX - 15, p.height - 740],
          [tailX - 250, p.height - 740],
        ],
        30,
      ),
    },
    ...handles(p, belt),
  );
  return { width: p.length, height: p.height, shapes, scenery };
}

/** Round the end of the side glass, up to the roof. */
function cPillar(p: Profile, upper: Line, glassTop: Line, belt: Line): Point[] {
  const edge = p.glassEnd;
  const beltY = yAt(belt, edge);
  return [
    [edge + 14, beltY],
    [edge + 14, Math.min(yAt(glassTop, edge) - 4, beltY)],
    [edge - 110, yAt(glassTop, edge - 110) - 4],
    [edge - 110, yAt(upper, edge - 110)],
  ];
}

function handles(p: Profile, belt: Line): Scenery[] {
  const ends = p.doors.rear ? [p.doors.middle, p.doors.rear] : [p.doors.middle];
  return ends.map((end) => {
    const x = end - 270;
    const y = yAt(belt, x) + 75;
    return {
      role: 'line',
      points: rounded(
        [
          [x, y],
          [x + 200, y],
          [x + 200, y + 34],
          [x, y + 34],
        ],
        16,
      ),
    };
  });
}
