import type { HideBox, Mark, Place } from './marksSchema';
import { LINE_SHARE, type Overlay, SPOT_RADIUS_SHARE, TEXT_SHARE } from './overlay';

/** A piece of text on a picture: its middle line, pixels, and how it is held. */
export interface PlacedText {
  text: string;
  x: number;
  y: number;
  size: number;
  anchor: 'start' | 'middle';
}

/** A shape in pixels of the picture. */
export type OverlayShape =
  | { is: 'box'; x: number; y: number; width: number; height: number; colour: string }
  | { is: 'circle'; x: number; y: number; radius: number; colour: string; thick: number }
  | { is: 'line'; from: Pixel; to: Pixel; colour: string; thick: number };

type Pixel = readonly [x: number, y: number];

/** An overlay for a picture of a certain size, as data: screens and files draw the same. Words come apart, as not every renderer has fonts. */
export interface DrawnOverlay {
  /** Boxes that hide. Draw them first, with nothing of the picture showing through. */
  boxes: OverlayShape[];
  /** Rings, arrows and lines, to be drawn over the boxes. */
  shapes: OverlayShape[];
  texts: PlacedText[];
}

export const OVERLAY_YELLOW = '#ffc933';
export const OVERLAY_INK = '#14181c';

/** Draws what lies over a picture of `width` × `height` pixels. The same data gives the same drawing on a screen and in a file. */
export function drawOverlay(overlay: Overlay, width: number, height: number): DrawnOverlay {
  const longer = Math.max(width, height);
  const stroke = Math.max(1.5, LINE_SHARE * longer);
  const size = Math.max(9, TEXT_SHARE * longer);
  const px = ({ x, y }: Place): Pixel => [x * width, y * height];
  const shapes: OverlayShape[] = [];
  const texts: PlacedText[] = [];
  // Ink beneath and yellow above read on any paint.
  const looks = [
    { colour: OVERLAY_INK, thick: stroke * 2 },
    { colour: OVERLAY_YELLOW, thick: stroke },
  ];
  const line = (from: Pixel, to: Pixel) => {
    for (const look of looks) shapes.push({ is: 'line', from, to, ...look });
  };
  const ring = ([x, y]: Pixel, radius: number) => {
    for (const look of looks) shapes.push({ is: 'circle', x, y, radius, ...look });
  };

  const draw = (mark: Mark) => {
    switch (mark.kind) {
      case 'ring':
        ring(px(mark.at), Math.max(3, mark.radius * width));
        break;
      case 'arrow': {
        const [from, to] = [px(mark.from), px(mark.to)];
        line(from, to);
        const back = Math.atan2(from[1] - to[1], from[0] - to[0]);
        const barb = size * 0.9;
        for (const turn of [-0.45, 0.45])
          line(to, [to[0] + barb * Math.cos(back + turn), to[1] + barb * Math.sin(back + turn)]);
        break;
      }
      case 'line': {
        const [from, to] = [px(mark.from), px(mark.to)];
        line(from, to);
        const across = Math.atan2(to[1] - from[1], to[0] - from[0]) + Math.PI / 2;
        const tick = size * 0.35;
        for (const [x, y] of [from, to])
          line(
            [x + tick * Math.cos(across), y + tick * Math.sin(across)],
            [x - tick * Math.cos(across), y - tick * Math.sin(across)],
          );
        if (mark.label) {
          const up = Math.sin(across) > 0 ? -1 : 1;
          texts.push({
            text: mark.label,
            x: (from[0] + to[0]) / 2 + up * size * Math.cos(across),
            y: (from[1] + to[1]) / 2 + up * size * Math.sin(across),
            size,
            anchor: 'middle',
          });
        }
        break;
      }
      case 'text': {
        const [x, y] = px(mark.at);
        texts.push({ text: mark.label, x, y, size, anchor: 'start' });
        break;
      }
    }
  };
  for (const mark of overlay.marks ?? []) draw(mark);
  for (const { number, at } of overlay.spots ?? []) {
    const [cx, cy] = px(at);
    const radius = SPOT_RADIUS_SHARE * longer;
    ring([cx, cy], radius);
    // The number stands beside its ring, on the side with room.
    const side = cx + radius + size * 2 > width ? -1 : 1;
    texts.push({
      text: String(number),
      x: cx + side * (radius + size * 0.8),
      y: cy,
      size,
      anchor: 'middle',
    });
  }
  return {
    boxes: (overlay.boxes ?? []).map((box) => rectangle(box, width, height)),
    shapes,
    texts,
  };
}

/** JPEG codes squares of so many pixels each for itself. */
const BLOCK = 8;

/**
 * Outward to whole squares of the coding: no sliver of what is hidden stays at an edge, and no square holds both the box and what it
 * hides.
 */
function rectangle(box: HideBox, width: number, height: number): OverlayShape {
  const [left, top] = [
    Math.floor((box.x * width) / BLOCK) * BLOCK,
    Math.floor((box.y * height) / BLOCK) * BLOCK,
  ];
  const right = Math.min(width, Math.ceil(((box.x + box.width) * width) / BLOCK) * BLOCK);
  const bottom = Math.min(height, Math.ceil(((box.y + box.height) * height) / BLOCK) * BLOCK);
  return { is: 'box', x: left, y: top, width: right - left, height: bottom - top, colour: OVERLAY_INK };
}

/** The shapes as the content of an SVG. They hold numbers and colours alone: nothing in them can be taken for a tag. */
export const overlaySvg = (shapes: readonly OverlayShape[]): string => shapes.map(elementOf).join('');

function elementOf(shape: OverlayShape): string {
  switch (shape.is) {
    case 'box':
      return `<rect x="${shape.x}" y="${shape.y}" width="${shape.width}" height="${shape.height}" fill="${shape.colour}"/>`;
    case 'circle':
      return `<circle cx="${fix(shape.x)}" cy="${fix(shape.y)}" r="${fix(shape.radius)}" ${strokeOf(shape)}/>`;
    case 'line': {
      const [from, to] = [shape.from, shape.to].map(([x, y]) => `${fix(x)} ${fix(y)}`);
      return `<path d="M${from}L${to}" ${strokeOf(shape)}/>`;
    }
  }
}

const strokeOf = ({ colour, thick }: { colour: string; thick: number }) =>
  `fill="none" stroke="${colour}" stroke-width="${fix(thick)}" stroke-linecap="round"`;

const fix = (value: number) => value.toFixed(1);
