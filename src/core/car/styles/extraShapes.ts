import type { ExtraId } from '../extras';
import type { FaceId } from './faces';
import { arc, below, curve, type Line, type Point, yAt } from './geometry';
import type { Profile } from './profile';
import type { FaceDrawing } from './shape';
import { pair, panel, rect } from './shapes2d';

type Drawings = Record<FaceId, FaceDrawing>;
/** Draws what one extra adds, on the faces that show it. */
type Adder = (faces: Drawings, profile: Profile) => void;

const LIP = 98;

const side = (hand: 'l' | 'r') => (hand === 'l' ? 'left' : 'right');
const hands = ['l', 'r'] as const;

/** The lower edge of the rear drawing, moved down to make room below the bumper. */
function roomBelow(rear: FaceDrawing, mm: number): number {
  const bottom = rear.height;
  rear.height += mm;
  return bottom;
}

const adders: Partial<Record<ExtraId, Adder>> = {
  'roof-rails': ({ top }, p) => {
    const [screenTop, roofEnd] = roofSpan(p);
    top.shapes.push(
      ...pair('roofrail', rect(205, screenTop + 180, 62, roofEnd - screenTop - 340, 28), p.width),
    );
  },
  'glass-roof': ({ top }, p) => {
    const [screenTop, roofEnd] = roofSpan(p);
    const length = roofEnd - screenTop;
    top.shapes.push({
      kind: 'glassroof',
      outline: panel(
        p.width / 2,
        screenTop + length * 0.12,
        screenTop + length * 0.56,
        p.width - 820,
        p.width - 820,
        60,
      ),
    });
  },
  'hard-top': ({ top }, p) => {
    // One roof is on the car; the soft one lies folded, so it is drawn beside.
    const soft = top.shapes.find(({ kind }) => kind === 'softtop');
    if (!soft) return;
    // Below what is mounted on it.
    top.shapes.unshift({ kind: 'hardtop', outline: soft.outline });
    const [screenTop] = roofSpan(p);
    soft.outline = rect(p.width + 120, screenTop, 420, 640, 70);
    top.width = p.width + 600;
  },
  'side-steps': (faces, p) => {
    const [from, to] = [p.frontAxle + p.tyreRadius + LIP + 40, p.rearAxle - p.tyreRadius - LIP - 40];
    for (const hand of hands)
      faces[side(hand)].shapes.push({
        kind: 'sidestep',
        position: hand,
        outline: rect(from, p.height - p.sill[0] + 12, to - from, 84, 30),
      });
  },
  'mud-flaps': (faces, p) => {
    for (const hand of hands)
      for (const [end, axle] of [
        ['f', p.frontAxle],
        ['r', p.rearAxle],
      ] as const)
        faces[side(hand)].shapes.push({
          kind: 'mudflap',
          position: `${end}${hand}`,
          outline: rect(axle + p.tyreRadius * 0.93, p.height - p.sill[0] - 30, 84, p.sill[0] - 60, 16),
        });
  },
  flares: addFlares,
  stripes: (faces, p) => {
    const [from, to] = [p.doors.front + 30, (p.doors.rear ?? p.doors.middle) - 40];
    const y = p.height - p.belt[0] + 210;
    for (const hand of hands)
      faces[side(hand)].shapes.push({
        kind: 'stripe',
        position: hand,
        outline: rect(from, y, to - from, 46, 10),
      });
  },
  'tow-bar': ({ rear }, p) => {
    const y = roomBelow(rear, 110);
    rear.shapes.push({ kind: 'towbar', outline: rect(p.width / 2 - 70, y - 50, 140, 140, 40) });
  },
  spoiler: ({ rear }, p) => {
    const lid = rear.shapes.find(({ kind }) => kind === 'bootlid');
    const y = lid ? Math.min(...lid.outline.map(([, at]) => at)) + 14 : 4;
    rear.shapes.push({
      kind: 'spoiler',
      outline: panel(p.width / 2, y, y + 64, p.width - 560, p.width - 530, 24),
    });
  },
  'guard-bar': ({ front }, p) => {
    const bumper = front.shapes.find(({ kind }) => kind === 'bumper-front');
    const y = bumper ? Math.min(...bumper.outline.map(([, at]) => at)) : front.height / 2;
    front.shapes.push({
      kind: 'guardbar',
      outline: panel(p.width / 2, y - 24, y + 62, p.width - 880, p.width - 820, 30),
    });
  },
  'twin-rear-wheels': (faces, p) => {
    const y = roomBelow(faces.rear, 170);
    faces.rear.shapes.push(...pair('tyre-inner', rect(330, y - 90, 200, 240, 50), p.width, 'r'));
    if (!faces.left.shapes.some(({ kind }) => kind === 'flare')) addFlares(faces, p);
  },
  'second-wheels': ({ boot }) => {
    boot.shapes.push({ kind: 'wheelset', outline: arc([boot.width + 190, 420], 170, 0, 360, 48) });
    boot.width += 380;
  },
  'bed-liner': ({ boot }) => boot.shapes.push({ kind: 'bedliner', outline: rect(330, 330, 540, 300, 40) }),
  'bed-cover': ({ boot }) => boot.shapes.push({ kind: 'bedcover', outline: rect(180, 1010, 840, 110, 40) }),
  'third-row': ({ cabin }) => {
    const y = cabin.height - 150;
    cabin.height += 330;
    for (const shape of cabin.shapes)
      if (shape.kind === 'headlining') shape.outline = shape.outline.map(([x, at]): Point => [x, at + 330]);
    cabin.shapes.push(...pair('seat3', rect(330, y, 340, 310, 70), cabin.width));
  },
};

/** Adds what the car has beyond its body style. */
export function addExtras(faces: Drawings, profile: Profile, extras: readonly ExtraId[]): void {
  for (const extra of extras) adders[extra]?.(faces, profile);
}

function roofSpan(p: Profile): readonly [screenTop: number, roofEnd: number] {
  return [(p.roof[2] as Point)[0], (p.roof[p.roof.length - 1] as Point)[0]];
}

function addFlares(faces: Drawings, p: Profile): void {
  const inner = p.tyreRadius + LIP + 2;
  // A flare ends where the bonnet's edge or the side's does.
  const upper: Line = below(curve(p.bonnet.map(([x, z]): Point => [x, p.height - z])), 30);
  for (const hand of hands)
    for (const [end, axle] of [
      ['f', p.frontAxle],
      ['r', p.rearAxle],
    ] as const) {
      const ring = (radius: number, from: number, to: number) =>
        arc([axle, p.height - p.tyreRadius], radius, from, to).map(
          ([x, y]): Point => [x, end === 'f' ? Math.max(y, yAt(upper, x)) : y],
        );
      faces[side(hand)].shapes.push({
        kind: 'flare',
        position: `${end}${hand}`,
        outline: [...ring(inner + 58, 12, -192), ...ring(inner, -192, 12)],
      });
    }
}
