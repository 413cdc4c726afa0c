import { useMemo } from 'react';
import type { BodyStyle, PartId, Point } from '#core/car';
import { rimOf, type Stop, standsAt } from '#core/route';

interface RouteLineProps {
  style: BodyStyle;
  stops: readonly Stop[];
  /** How far beside the car one walks, millimetres. */
  beside: number;
  strokeWidth: number;
  here?: PartId;
}

/** A second pass runs so much farther out, in line widths. */
const LANE = 1.8;

/** The route as a line round the plan of the car: one lane for each pass, a dot where it starts and an arrow where it ends. */
export function RouteLine({ style, stops, beside, strokeWidth: w, here }: RouteLineProps) {
  const { points, places } = useMemo(() => lineOf(style, stops, beside, w * LANE), [style, stops, beside, w]);
  const [first, last, before] = [points[0], points.at(-1), points.at(-2)];
  const stand = here === undefined ? undefined : places.get(here);
  if (!first || !last || !before) return null;
  const turn = (Math.atan2(last[1] - before[1], last[0] - before[0]) * 180) / Math.PI;
  return (
    <g pointerEvents="none">
      <path
        d={`M${points.map(([x, y]) => `${Math.round(x)} ${Math.round(y)}`).join('L')}`}
        className="fill-transparent stroke-accent"
        strokeWidth={w}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      <circle cx={first[0]} cy={first[1]} r={w * 2.2} className="fill-accent" />
      <path
        d={`M${-w * 2.6} ${-w * 2.6}L${w * 2.6} 0L${-w * 2.6} ${w * 2.6}`}
        transform={`translate(${last[0]} ${last[1]}) rotate(${turn})`}
        className="fill-transparent stroke-accent"
        strokeWidth={w * 1.2}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {stand && (
        <circle cx={stand[0]} cy={stand[1]} r={w * 3.4} className="fill-tape stroke-ink" strokeWidth={w} />
      )}
    </g>
  );
}

/** Places along the rim one passes, corners included, and where one stands for each part. */
function lineOf(style: BodyStyle, stops: readonly Stop[], beside: number, lane: number) {
  const rim = rimOf(style);
  const outside = stops.flatMap(({ part: id, face }) => {
    const part = style.parts.get(id);
    if (!part || !face || !outsideFaces.has(face)) return [];
    const at = standsAt(style, part);
    return [{ id, at, drawnAt: middleOfEnd(style, face) ?? at }];
  });
  const points: Point[] = [];
  const places = new Map<PartId, Point>();
  let [lanes, way] = [0, 0];
  outside.forEach(({ id, at, drawnAt }, i) => {
    const from = outside[i - 1]?.drawnAt ?? drawnAt;
    const step = ((drawnAt - from + rim * 1.5) % rim) - rim / 2;
    // Steps back of a part or so are looks, not a pass of their own.
    if (Math.abs(step) > TURN_BACK_MM) {
      const sense = Math.sign(step);
      if (way !== 0 && sense !== way) lanes++;
      way = sense;
    }
    for (const corner of cornersBetween(style, from, step))
      points.push(onRim(style, corner, beside + lanes * lane));
    points.push(onRim(style, drawnAt, beside + lanes * lane));
    places.set(id, onRim(style, at, beside + lanes * lane));
  });
  return { points, places };
}

/** At an end of the car one looks about rather than walks: the line passes its middle. */
function middleOfEnd({ plan: { width, length } }: BodyStyle, face: string): number | undefined {
  if (face === 'front') return width / 2;
  return face === 'rear' ? width * 1.5 + length : undefined;
}

const TURN_BACK_MM = 700;
const outsideFaces: ReadonlySet<string> = new Set(['front', 'left', 'rear', 'right']);

function cornersBetween({ plan: { width, length } }: BodyStyle, from: number, step: number): number[] {
  const rim = 2 * (width + length);
  const corners = [0, width, width + length, 2 * width + length];
  const far = (corner: number) => (step >= 0 ? (corner - from + rim) % rim : (from - corner + rim) % rim);
  return corners
    .filter((corner) => far(corner) > 0 && far(corner) < Math.abs(step))
    .sort((a, b) => far(a) - far(b));
}

/** A place on the rim, so far beside the car, in the plan's own millimetres with its middle at 0, 0. */
function onRim({ plan: { width: w, length: l } }: BodyStyle, at: number, beside: number): Point {
  const rim = 2 * (w + l);
  const s = ((at % rim) + rim) % rim;
  const [x, y] = [w / 2, l / 2];
  const clamp = (value: number, most: number) => Math.min(most, Math.max(-most, value));
  if (s === 0) return [x + beside, -y - beside];
  if (s < w) return [clamp(x - s, x), -y - beside];
  if (s === w) return [-x - beside, -y - beside];
  if (s < w + l) return [-x - beside, clamp(s - w - y, y)];
  if (s === w + l) return [-x - beside, y + beside];
  if (s < 2 * w + l) return [clamp(s - w - l - x, x), y + beside];
  if (s === 2 * w + l) return [x + beside, y + beside];
  return [x + beside, clamp(y - (s - 2 * w - l), y)];
}
