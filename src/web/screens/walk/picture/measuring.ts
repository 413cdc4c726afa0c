import {
  type Measured,
  type MeasureWarning,
  measureOnPicture,
  orderCorners,
  type PictureMark,
  type PictureScale,
  type PictureSize,
  type Vec2,
} from '#core/picture';

/** A measuring under way. Points are pixels of the upright picture. */
export interface Measuring {
  by: 'card' | 'line';
  /** The known length, for a line. */
  lengthMm: number | undefined;
  of: PictureMark['of'];
  scalePoints: readonly Vec2[];
  markPoints: readonly Vec2[];
  /** The card lies the other way than it looks. */
  isTurned: boolean;
}

export const newMeasuring: Measuring = {
  by: 'card',
  lengthMm: undefined,
  of: 'length',
  scalePoints: [],
  markPoints: [],
  isTurned: false,
};

const scaleWants = { card: 4, line: 2 } as const;
const markWants = { length: 2, area: 60, circle: 60 } as const;
const markNeeds = { length: 2, area: 3, circle: 3 } as const;

export const isScaleDone = ({ by, scalePoints }: Measuring): boolean => scalePoints.length === scaleWants[by];

/** A tap: a point of the scale until that is whole, then of what is measured. */
export function withTap(now: Measuring, point: Vec2): Measuring {
  if (!isScaleDone(now)) return { ...now, scalePoints: [...now.scalePoints, point] };
  if (now.markPoints.length >= markWants[now.of]) return now;
  return { ...now, markPoints: [...now.markPoints, point] };
}

/** The last point taken back. */
export function withoutLast(now: Measuring): Measuring {
  if (now.markPoints.length > 0) return { ...now, markPoints: now.markPoints.slice(0, -1) };
  return { ...now, scalePoints: now.scalePoints.slice(0, -1) };
}

/** Points are counted through: those of the scale, then the others. */
export function withMoved(now: Measuring, index: number, point: Vec2): Measuring {
  const inScale = index < now.scalePoints.length;
  const moved = (points: readonly Vec2[], at: number) => points.map((old, i) => (i === at ? point : old));
  return inScale
    ? { ...now, scalePoints: moved(now.scalePoints, index) }
    : { ...now, markPoints: moved(now.markPoints, index - now.scalePoints.length) };
}

export function scaleOf({ by, scalePoints, lengthMm, isTurned }: Measuring): PictureScale | undefined {
  if (by === 'card') {
    const corners = orderCorners(scalePoints, isTurned);
    return corners && { by: 'card', corners };
  }
  const [from, to] = scalePoints;
  return from && to && lengthMm ? { by: 'line', from, to, lengthMm } : undefined;
}

export function markOf({ of, markPoints }: Measuring): PictureMark | undefined {
  if (markPoints.length < markNeeds[of]) return undefined;
  switch (of) {
    case 'length':
      return { of, from: markPoints[0] as Vec2, to: markPoints[1] as Vec2 };
    case 'area':
      return { of, corners: markPoints };
    case 'circle':
      return { of, rim: markPoints };
  }
}

export function measured(now: Measuring, zoom: number, picture: PictureSize): Measured | undefined {
  const [scale, mark] = [scaleOf(now), markOf(now)];
  return scale && mark && measureOnPicture(scale, mark, zoom, picture);
}

/** What to do next, said to the person. */
export function nextStep(now: Measuring): string {
  const left = scaleWants[now.by] - now.scalePoints.length;
  if (left > 0)
    return now.by === 'card'
      ? `Tap the corners of the card: ${left} to go.`
      : left === 2
        ? 'Tap one end of the known length.'
        : 'Tap its other end.';
  if (now.by === 'line' && !now.lengthMm) return 'Say how long that is.';
  const more = markNeeds[now.of] - now.markPoints.length;
  switch (now.of) {
    case 'length':
      return more === 2
        ? 'Tap one end of the fault.'
        : more === 1
          ? 'Tap its other end.'
          : 'Drag a point to place it better.';
    case 'area':
      return more > 0 ? `Tap round the fault: ${more} more at least.` : 'Tap on round it, or take the size.';
    case 'circle':
      return more > 0 ? `Tap its rim: ${more} more at least.` : 'Tap more of the rim, or take the size.';
  }
}

export const warningWords: Record<MeasureWarning, string> = {
  'too-oblique': 'Seen too much from the side: take the picture straighter.',
  'scale-too-small': 'The scale is too small in the picture: come nearer.',
  'far-from-scale': 'The fault lies more than two cards from the scale: lay it closer.',
  'lean-unknown': 'A line knows nothing of how the panel leans: true only seen straight on. A card knows.',
};

export const problemWords: Record<Extract<Measured, { ok: false }>['problem'], string> = {
  'scale-not-a-card': 'These four places are no card seen from anywhere. Tap its corners again.',
  'scale-has-no-length': 'The two ends of the scale are one place. Tap them again.',
  'not-a-shape': 'The places lie on one line. Tap them further round.',
  'beyond-the-horizon': 'One place lies beyond the horizon of the card’s plane. Tap nearer to the card.',
};

/** "46.2 mm ± 0.8", "15.9 cm² ± 0.6", "about 46 mm". */
export function sizeWords(
  of: PictureMark['of'],
  { value, plusMinus }: { value: number; plusMinus?: number },
): string {
  // Nobody can say how true it is: as many figures as anyone would believe.
  if (plusMinus === undefined) {
    const about = (size: number) => Number(size.toPrecision(2));
    return of === 'area' && value >= 100
      ? `about ${about(value / 100)} cm²`
      : `about ${about(value)} ${of === 'area' ? 'mm²' : 'mm'}`;
  }
  if (of !== 'area') return `${tidy(value, plusMinus)} mm ± ${tidy(Math.max(0.1, plusMinus), plusMinus)}`;
  return value < 100
    ? `${tidy(value, plusMinus)} mm² ± ${tidy(plusMinus, plusMinus)}`
    : `${tidy(value / 100, plusMinus / 100)} cm² ± ${tidy(plusMinus / 100, plusMinus / 100)}`;
}

/** No more places than the uncertainty makes sense of. */
const tidy = (value: number, within: number): string => value.toFixed(within < 2 ? 1 : 0);
