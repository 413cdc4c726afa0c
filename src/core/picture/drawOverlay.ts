import {
  type HideBox,
  LINE_SHARE,
  type Mark,
  type Overlay,
  type Place,
  SPOT_RADIUS_SHARE,
  TEXT_SHARE,
} from './marks';

/** A piece of text on a picture: its middle line, pixels, and how it is held. */
export interface PlacedText {
  text: string;
  x: number;
  y: number;
  size: number;
  anchor: 'start' | 'middle';
}

/** An overlay for a picture of a certain size. Shapes are SVG; words come apart, as not every renderer of SVG has fonts. */
export interface DrawnOverlay {
  /** Boxes that hide. Draw them first, with nothing of the picture showing through. */
  boxes: string;
  /** Rings, arrows and lines, to be drawn over the boxes. */
  shapes: string;
  texts: PlacedText[];
}

const YELLOW = '#ffc933';
const INK = '#14181c';

/** Draws what lies over a picture of `width` × `height` pixels. The same data gives the same drawing on a screen and in a file. */
export function drawOverlay(overlay: Overlay, width: number, height: number): DrawnOverlay {
  const longer = Math.max(width, height);
  const stroke = Math.max(1.5, LINE_SHARE * longer);
  const size = Math.max(9, TEXT_SHARE * longer);
  const px = ({ x, y }: Place): [number, number] => [x * width, y * height];
  const shapes: string[] = [];
  const texts: PlacedText[] = [];
  // Ink beneath and yellow above read on any paint.
  const both = (element: (look: string) => string) =>
    shapes.push(
      element(`fill="none" stroke="${INK}" stroke-width="${fix(stroke * 2)}" stroke-linecap="round"`),
      element(`fill="none" stroke="${YELLOW}" stroke-width="${fix(stroke)}" stroke-linecap="round"`),
    );
  const line = (a: readonly number[], b: readonly number[]) =>
    both((look) => `<path d="M${fix(a[0])} ${fix(a[1])}L${fix(b[0])} ${fix(b[1])}" ${look}/>`);

  const draw = (mark: Mark) => {
    switch (mark.kind) {
      case 'ring': {
        const [cx, cy] = px(mark.at);
        both(
          (look) =>
            `<circle cx="${fix(cx)}" cy="${fix(cy)}" r="${fix(Math.max(3, mark.radius * width))}" ${look}/>`,
        );
        break;
      }
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
    both((look) => `<circle cx="${fix(cx)}" cy="${fix(cy)}" r="${fix(radius)}" ${look}/>`);
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
    boxes: (overlay.boxes ?? []).map((box) => rectangle(box, width, height)).join(''),
    shapes: shapes.join(''),
    texts,
  };
}

/** JPEG codes squares of so many pixels each for itself. */
const BLOCK = 8;

/**
 * Outward to whole squares of the coding: no sliver of what is hidden stays at an edge, and no square holds both the box and what it
 * hides.
 */
function rectangle(box: HideBox, width: number, height: number): string {
  const [left, top] = [
    Math.floor((box.x * width) / BLOCK) * BLOCK,
    Math.floor((box.y * height) / BLOCK) * BLOCK,
  ];
  const right = Math.min(width, Math.ceil(((box.x + box.width) * width) / BLOCK) * BLOCK);
  const bottom = Math.min(height, Math.ceil(((box.y + box.height) * height) / BLOCK) * BLOCK);
  return `<rect x="${left}" y="${top}" width="${right - left}" height="${bottom - top}" fill="${INK}"/>`;
}

const fix = (value: number | undefined) => (value ?? 0).toFixed(1);
