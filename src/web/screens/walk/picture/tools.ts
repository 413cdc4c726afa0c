import type { Mark, Place, Vec2 } from '#core/picture';

export const tools = ['look', 'ring', 'arrow', 'line', 'text', 'hide', 'spot', 'measure'] as const;
export type Tool = (typeof tools)[number];

export const toolWords: Record<Tool, { name: string; hint: string }> = {
  look: { name: 'Look', hint: 'Pinch or wheel to come nearer, drag to move.' },
  ring: { name: 'Ring', hint: 'Drag from the middle of the fault outwards.' },
  arrow: { name: 'Arrow', hint: 'Drag to what it should point at.' },
  line: { name: 'Line', hint: 'Drag along the fault.' },
  text: { name: 'Words', hint: 'Type the words, then tap where they go.' },
  hide: { name: 'Hide', hint: 'Drag a box over what nobody outside should see.' },
  spot: { name: 'Spot', hint: 'Choose the finding, then tap where it is.' },
  measure: { name: 'Measure', hint: '' },
};

export interface Size {
  width: number;
  height: number;
}

/** Pixels to shares of the picture, kept on it. */
export function placeOf([x, y]: Vec2, { width, height }: Size): Place {
  const share = (value: number) => Math.round(Math.max(0, Math.min(1, value)) * 1e5) / 1e5;
  return { x: share(x / width), y: share(y / height) };
}

/** A drag shorter than this, shares of the width, was a tap. */
const LEAST = 0.008;

/** The mark a drag makes; undefined when it was too short to mean one. */
export function markDragged(tool: Tool, from: Vec2, to: Vec2, size: Size): Mark | undefined {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) / size.width;
  if (tool === 'ring')
    // A tap makes a ring of a usual size.
    return { kind: 'ring', at: placeOf(from, size), radius: Math.min(1, long < LEAST ? 0.04 : long) };
  if (long < LEAST) return undefined;
  if (tool === 'arrow' || tool === 'line')
    return { kind: tool, from: placeOf(from, size), to: placeOf(to, size) };
  return undefined;
}

/** The box a drag spans; undefined when it was too small to hide anything. */
export function boxDragged(from: Vec2, to: Vec2, size: Size) {
  const [a, b] = [placeOf(from, size), placeOf(to, size)];
  const box = {
    x: Math.min(a.x, b.x),
    y: Math.min(a.y, b.y),
    width: Math.abs(a.x - b.x),
    height: Math.abs(a.y - b.y),
  };
  return box.width < LEAST || box.height < LEAST ? undefined : box;
}
