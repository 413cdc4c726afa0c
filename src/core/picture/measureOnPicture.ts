import { fitHomography, project, stretchAt, type Vec2 } from './homography';

/** ISO/IEC 7810 ID-1: width and height of a card, millimetres. */
export const CARD_MM = { width: 85.6, height: 53.98 } as const;

/** Diameters of common coins as their mints publish them, millimetres. From memory. */
export const COINS_MM = {
  'one euro': 23.25,
  'two euro': 25.75,
  'US quarter': 24.26,
  'UK one pound': 23.43,
} as const;

/** What gives a picture its scale. Places are pixels of the upright picture. */
export type PictureScale =
  /** The four corners of an ID-1 card in the plane of the fault, in turn round it, a long side first. */
  | { by: 'card'; corners: readonly [Vec2, Vec2, Vec2, Vec2] }
  /** Two ends of a length known in that plane, seen nearly straight on. */
  | { by: 'line'; from: Vec2; to: Vec2; lengthMm: number };

/** What is to be measured. */
export type PictureMark =
  | { of: 'length'; from: Vec2; to: Vec2 }
  | { of: 'area'; corners: readonly Vec2[] }
  /** Three places or more on a round thing's rim. */
  | { of: 'circle'; rim: readonly Vec2[] };

export type MeasureWarning =
  /** The card is seen from too far aside: more than 60 degrees off straight. */
  | 'too-oblique'
  /** The scale covers too few pixels to measure by. */
  | 'scale-too-small'
  /** The fault lies more than two card lengths from the card. */
  | 'far-from-scale'
  /** A line says nothing of how the panel leans. */
  | 'lean-unknown';

export type Measured =
  | {
      ok: true;
      /** Millimetres, or square millimetres for an area. */
      value: number;
      /** Half the width of the interval that holds the true value 95 times in 100; absent where nobody can say: by a line, whose lean is not known. */
      plusMinus?: number;
      warnings: readonly MeasureWarning[];
    }
  | { ok: false; problem: 'scale-not-a-card' | 'scale-has-no-length' | 'not-a-shape' | 'beyond-the-horizon' };

/** Standard deviation of where a finger places a mark, screen pixels. House figure. */
export const PLACING_PX = 1.5;
const MOST_OBLIQUE_DEG = 60;
const FARTHEST_CARDS = 2;
/**
 * Barrel and cushion of ordinary lenses: standard deviation of the first radial coefficient, for places in focal lengths from the middle of the
 * picture. House figure, held against pictures of a known board (docs/photos.md).
 */
const LENS_K1 = 0.24;
/** Focal length of an ordinary lens, in picture widths. Common practice. */
const FOCAL_WIDTHS = 0.85;
const LEAST_SCALE_PX = 80;
/** Two-sided 95 % of a normal distribution. */
const NINETY_FIVE = 1.96;

/**
 * Measures on a picture by a card or a length lying in the same plane. `zoom` is screen pixels per pixel of the picture while the
 * marks were placed: the nearer one looked, the better they sit. The uncertainty is that of the placing, carried through the whole
 * computation to first order, and that of a lens of which nothing is known: what such a lens would change, the more the further the mark lies
 * from the card. `picture` is the size of the picture, for its middle. It knows nothing of a card that does not lie in the plane, and a line
 * nothing of how the panel leans: by a line no uncertainty is given.
 */
export function measureOnPicture(
  scale: PictureScale,
  mark: PictureMark,
  zoom: number,
  picture?: PictureSize,
): Measured {
  const measured = sizeOf(scale, mark);
  if (typeof measured === 'string') return { ok: false, problem: measured };
  return {
    ok: true,
    value: measured,
    ...(scale.by === 'card' && {
      plusMinus: Math.hypot(
        placingDoubt(scale, mark, zoom),
        picture ? NINETY_FIVE * lensDoubt(scale, mark, picture) : 0,
      ),
    }),
    warnings: warningsOf(scale, mark),
  };
}

/** Half the width of the 95 % interval that placing alone gives: in millimetres, or square millimetres of an area. */
export const placingDoubt = (scale: PictureScale, mark: PictureMark, zoom: number): number =>
  NINETY_FIVE * (PLACING_PX / zoom) * sensitivity(scale, mark);

/** Pixels of the upright picture. */
export interface PictureSize {
  width: number;
  height: number;
}

/** How much the value moves for a lens one standard deviation away from none: barrel on one side, cushion on the other. */
function lensDoubt(scale: PictureScale, mark: PictureMark, { width, height }: PictureSize): number {
  const focal = FOCAL_WIDTHS * Math.max(width, height);
  const through = (k1: number) => {
    const straight = ([x, y]: Vec2): Vec2 => {
      const [dx, dy] = [x - width / 2, y - height / 2];
      const out = 1 + (k1 * (dx * dx + dy * dy)) / (focal * focal);
      return [width / 2 + dx * out, height / 2 + dy * out];
    };
    const placed = scale.by === 'card' ? scale.corners : [scale.from, scale.to];
    return sizeOf(withPlaced(scale, placed.map(straight)), withMarked(mark, pointsOf(mark).map(straight)));
  };
  const [more, less] = [through(LENS_K1), through(-LENS_K1)];
  return typeof more === 'number' && typeof less === 'number' ? Math.abs(more - less) / 2 : 0;
}

type Problem = Extract<Measured, { ok: false }>['problem'];

const cardCorners: readonly Vec2[] = [
  [0, 0],
  [CARD_MM.width, 0],
  [CARD_MM.width, CARD_MM.height],
  [0, CARD_MM.height],
];

/** From picture to the plane's millimetres. */
export function toPlane(scale: PictureScale): ((point: Vec2) => Vec2 | undefined) | Problem {
  if (scale.by === 'line') {
    const px = Math.hypot(scale.to[0] - scale.from[0], scale.to[1] - scale.from[1]);
    if (!(px > 0) || !(scale.lengthMm > 0)) return 'scale-has-no-length';
    const mm = scale.lengthMm / px;
    return ([x, y]) => [x * mm, y * mm];
  }
  const map = fitHomography(scale.corners, cardCorners);
  if (!map || !isConvex(scale.corners)) return 'scale-not-a-card';
  return (point) => project(map, point);
}

function sizeOf(scale: PictureScale, mark: PictureMark): number | Problem {
  const map = toPlane(scale);
  if (typeof map === 'string') return map;
  const marked = pointsOf(mark);
  if (marked.length < leastPoints[mark.of]) return 'not-a-shape';
  const places = marked.map(map);
  if (places.some((place) => place === undefined)) return 'beyond-the-horizon';
  const inPlane = places as Vec2[];
  switch (mark.of) {
    case 'length': {
      const [a, b] = inPlane as [Vec2, Vec2];
      return Math.hypot(b[0] - a[0], b[1] - a[1]);
    }
    case 'area':
      return areaOf(inPlane);
    case 'circle':
      return diameterOf(inPlane) ?? 'not-a-shape';
  }
}

const leastPoints = { length: 2, area: 3, circle: 3 } as const;

export const pointsOf = (mark: PictureMark): readonly Vec2[] =>
  mark.of === 'length' ? [mark.from, mark.to] : mark.of === 'area' ? mark.corners : mark.rim;

/** Area inside a closed outline (Gauss’s area formula). */
function areaOf(outline: readonly Vec2[]): number {
  const twice = outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length] as Vec2;
    return sum + x * ny - nx * y;
  }, 0);
  return Math.abs(twice) / 2;
}

/** Diameter of the circle that fits best, by Kåsa’s linear least squares (1976); undefined when the places lie on a line. */
function diameterOf(rim: readonly Vec2[]): number | undefined {
  const n = rim.length;
  const [cx, cy] = [rim.reduce((sum, [x]) => sum + x, 0) / n, rim.reduce((sum, [, y]) => sum + y, 0) / n];
  let [xx, xy, yy, xz, yz, zz] = [0, 0, 0, 0, 0, 0];
  for (const [px, py] of rim) {
    const [x, y] = [px - cx, py - cy];
    const z = x * x + y * y;
    xx += x * x;
    xy += x * y;
    yy += y * y;
    xz += x * z;
    yz += y * z;
    zz += z;
  }
  const determinant = xx * yy - xy * xy;
  if (determinant < 1e-9 * (xx + yy) ** 2) return undefined;
  const [a, b] = [(xz * yy - yz * xy) / (2 * determinant), (yz * xx - xz * xy) / (2 * determinant)];
  return 2 * Math.sqrt(a * a + b * b + zz / n);
}

/** How much the value moves, in millimetres, when each placed coordinate is a pixel off: the root of the summed squares. */
function sensitivity(scale: PictureScale, mark: PictureMark): number {
  const placed = scale.by === 'card' ? scale.corners : [scale.from, scale.to];
  const marked = pointsOf(mark);
  const STEP = 0.25;
  let squares = 0;
  const count = placed.length + marked.length;
  for (let i = 0; i < count; i++)
    for (const axis of [0, 1] as const) {
      const moved = (by: number) => {
        const nudge = (point: Vec2, n: number): Vec2 =>
          n === i ? (axis === 0 ? [point[0] + by, point[1]] : [point[0], point[1] + by]) : point;
        return sizeOf(
          withPlaced(scale, placed.map(nudge)),
          withMarked(
            mark,
            marked.map((point, n) => nudge(point, placed.length + n)),
          ),
        );
      };
      const [more, less] = [moved(STEP), moved(-STEP)];
      if (typeof more === 'number' && typeof less === 'number') squares += ((more - less) / (2 * STEP)) ** 2;
    }
  return Math.sqrt(squares);
}

function withPlaced(scale: PictureScale, points: readonly Vec2[]): PictureScale {
  if (scale.by === 'card') return { by: 'card', corners: points as unknown as [Vec2, Vec2, Vec2, Vec2] };
  return { ...scale, from: points[0] as Vec2, to: points[1] as Vec2 };
}

function withMarked(mark: PictureMark, points: readonly Vec2[]): PictureMark {
  switch (mark.of) {
    case 'length':
      return { of: 'length', from: points[0] as Vec2, to: points[1] as Vec2 };
    case 'area':
      return { of: 'area', corners: points };
    case 'circle':
      return { of: 'circle', rim: points };
  }
}

/** What makes a measurement doubtful, told with its size. */
export function warningsOf(scale: PictureScale, mark: PictureMark): MeasureWarning[] {
  if (scale.by === 'line') {
    const px = Math.hypot(scale.to[0] - scale.from[0], scale.to[1] - scale.from[1]);
    return ['lean-unknown', ...(px < LEAST_SCALE_PX ? (['scale-too-small'] as const) : [])];
  }
  const warnings: MeasureWarning[] = [];
  const map = fitHomography(scale.corners, cardCorners);
  const picture = map && fitHomography(cardCorners, scale.corners);
  const stretch = picture && stretchAt(picture, [CARD_MM.width / 2, CARD_MM.height / 2]);
  if (stretch) {
    const obliqueDeg = (Math.acos(Math.min(1, stretch[1] / stretch[0])) * 180) / Math.PI;
    if (obliqueDeg > MOST_OBLIQUE_DEG) warnings.push('too-oblique');
    if (stretch[0] * CARD_MM.width < LEAST_SCALE_PX) warnings.push('scale-too-small');
  }
  const reach = FARTHEST_CARDS * CARD_MM.width;
  const isFar = pointsOf(mark).some((point) => {
    const place = map && project(map, point);
    return !place || Math.hypot(place[0] - CARD_MM.width / 2, place[1] - CARD_MM.height / 2) > reach;
  });
  if (isFar) warnings.push('far-from-scale');
  return warnings;
}

/** Four corners given in turn round a quadrilateral that a card can look like. */
function isConvex(corners: readonly Vec2[]): boolean {
  const turns = corners.map((a, i) => {
    const [b, c] = [corners[(i + 1) % 4], corners[(i + 2) % 4]] as [Vec2, Vec2];
    return Math.sign((b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]));
  });
  return turns.every((turn) => turn !== 0 && turn === turns[0]);
}
