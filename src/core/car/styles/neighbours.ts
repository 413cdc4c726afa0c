import type { BodyStyle, Part, PartId } from './bodyStyle';

/** A step on a face: to the right and down the drawing are 1. */
export type Way = readonly [dx: -1 | 0 | 1, dy: -1 | 0 | 1];

export const ways: readonly Way[] = [
  [-1, 0],
  [1, 0],
  [0, -1],
  [0, 1],
];

/** How much worse a step aside is than one straight on. */
const ASIDE = 2.2;

/** The next part on the same face in a direction of its drawing, or undefined at its edge. */
export function partToward(style: BodyStyle, from: PartId, [dx, dy]: Way): PartId | undefined {
  const here = style.parts.get(from);
  if (!here?.face) return undefined;
  let best: { id: PartId; far: number } | undefined;
  for (const part of style.parts.values()) {
    if (part.face !== here.face || part.id === from) continue;
    const [x, y] = [part.mark.at[0] - here.mark.at[0], part.mark.at[1] - here.mark.at[1]];
    const ahead = x * dx + y * dy;
    const aside = Math.abs(x * dy) + Math.abs(y * dx);
    // Beyond 60 degrees it is not that way.
    if (ahead <= 0 || aside > ahead * 1.73) continue;
    const far = ahead + ASIDE * aside;
    if (!best || far < best.far) best = { id: part.id, far };
  }
  return best?.id;
}

/** The parts next to a part on its face, in drawing order: left, right, above, below. */
export function neighboursOf(style: BodyStyle, part: Part): PartId[] {
  return [...new Set(ways.flatMap((way) => partToward(style, part.id, way) ?? []))];
}
