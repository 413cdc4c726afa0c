import { clsx } from 'clsx';
import type { BodyStyle } from '#core/car';
import { type StartCorner, type Stop, startCorners } from '#core/route';
import { RouteLine } from '../../../map/RouteLine';
import { cornerNames } from './routeWords';

interface RoutePlanProps {
  style: BodyStyle;
  stops: readonly Stop[];
  start: StartCorner;
  onStart: (start: StartCorner) => void;
}

const corners: Record<StartCorner, string> = {
  fl: 'top-0 left-0',
  fr: 'top-0 right-0',
  rl: 'bottom-0 left-0',
  rr: 'bottom-0 right-0',
};

/** The car from above with the route round it; tap a corner to start there. */
export function RoutePlan({ style, stops, start, onStart }: RoutePlanProps) {
  const { outline, width, length } = style.plan;
  const [x, y] = [width / 2 + 1700, length / 2 + 1150];
  const path = `M${outline.map(([px, py]) => `${Math.round(px - width / 2)} ${Math.round(py - length / 2)}`).join('L')}Z`;
  return (
    <div className="relative mx-auto max-w-72">
      <svg
        viewBox={`${-x} ${-y} ${2 * x} ${2 * y}`}
        className="h-80 w-full"
        role="img"
        aria-label="The route round the car, nose up"
      >
        <path d={path} className="fill-sheet stroke-ink" strokeWidth={40} />
        <path d={`M0 ${-length * 0.43}l230 300h-460z`} className="fill-soft" />
        <RouteLine style={style} stops={stops} beside={330} strokeWidth={46} />
      </svg>
      {startCorners.map((corner) => (
        <button
          key={corner}
          type="button"
          aria-pressed={corner === start}
          aria-label={`Start at the ${cornerNames[corner]}`}
          onClick={() => onStart(corner)}
          className={clsx(
            'absolute min-h-12 w-16 rounded-md border border-line bg-sheet px-1 text-sm leading-tight aria-pressed:border-accent aria-pressed:bg-accent aria-pressed:text-on-accent',
            corners[corner],
          )}
        >
          {cornerNames[corner]}
        </button>
      ))}
    </div>
  );
}
