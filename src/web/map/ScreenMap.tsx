import type { MouseEvent } from 'react';
import type { ScreenPlace, ScreenPlan } from '#core/glass';

/** A damage as it is drawn on the screen, in its true size. */
export interface ScreenMark {
  number: number;
  at: ScreenPlace;
  to?: ScreenPlace | undefined;
  acrossMm: number;
  fails: boolean;
}

interface ScreenMapProps {
  plan: Pick<ScreenPlan, 'width' | 'height' | 'swept' | 'band'>;
  marks: readonly ScreenMark[];
  current?: number | undefined;
  onPlace?: (place: ScreenPlace) => void;
}

const AIR = 30;

/** The screen as seen from outside, in millimetres: what the wipers sweep, the driver's band, and every damage in its true size. */
export function ScreenMap({ plan, marks, current, onPlace }: ScreenMapProps) {
  const { width, height, swept, band } = plan;
  const flip = ([x, y]: ScreenPlace): [number, number] => [x, height - y];
  const inset = width * 0.07;
  const outline = `M${inset} 0H${width - inset}Q${width - inset * 0.4} 0 ${width - inset * 0.3} ${height * 0.12}L${width} ${height * 0.92}Q${width} ${height} ${width - 40} ${height}H40Q0 ${height} 0 ${height * 0.92}L${inset * 0.3} ${height * 0.12}Q${inset * 0.4} 0 ${inset} 0Z`;
  const left = Math.max(0, band.middle - band.width / 2);
  const right = Math.min(width, band.middle + band.width / 2);
  const tap = (event: MouseEvent<SVGSVGElement>) => {
    const matrix = event.currentTarget.getScreenCTM();
    if (!onPlace || !matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    if (x < 0 || y < 0 || x > width || y > height) return;
    onPlace([x, height - y]);
  };
  const says = marks
    .map(({ number, acrossMm }) => `finding ${number}, ${Math.round(acrossMm)} mm`)
    .join('; ');
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: findings are placed by keys on the map of the walk.
    <svg
      viewBox={`${-AIR} ${-AIR} ${width + 2 * AIR} ${height + 2 * AIR}`}
      className="block w-full"
      role="img"
      aria-label={`The screen from outside${says ? `: ${says}` : ', no damage on it'}`}
      onClick={tap}
    >
      <defs>
        <clipPath id="screen-swept">
          <polygon points={swept.map((place) => flip(place).join(',')).join(' ')} />
        </clipPath>
      </defs>
      <path d={outline} className="fill-sheet stroke-ink" strokeWidth={6} strokeLinejoin="round" />
      <polygon
        points={swept.map((place) => flip(place).join(',')).join(' ')}
        className="fill-glass stroke-soft"
        strokeWidth={3}
        strokeDasharray="14 8"
      />
      <rect
        x={left}
        y={0}
        width={right - left}
        height={height}
        clipPath="url(#screen-swept)"
        className="fill-tape-pale stroke-ink"
        strokeWidth={3}
      />
      <text x={(left + right) / 2} y={height * 0.93} textAnchor="middle" fontSize={46} className="fill-ink">
        driver, {Math.round(band.width)}
      </text>
      {marks.map((mark) => (
        <Damage key={mark.number} mark={mark} flip={flip} isCurrent={mark.number === current} />
      ))}
    </svg>
  );
}

interface DamageProps {
  mark: ScreenMark;
  flip: (place: ScreenPlace) => [number, number];
  isCurrent: boolean;
}

function Damage({ mark: { number, at, to, acrossMm, fails }, flip, isCurrent }: DamageProps) {
  const [x, y] = flip(at);
  const end = to && flip(to);
  const look = fails ? 'stroke-warn' : 'stroke-ink';
  return (
    <g pointerEvents="none">
      {end ? (
        <line x1={x} y1={y} x2={end[0]} y2={end[1]} className={look} strokeWidth={7} strokeLinecap="round" />
      ) : (
        <circle
          cx={x}
          cy={y}
          r={Math.max(4, acrossMm / 2)}
          className={`fill-transparent ${look}`}
          strokeWidth={5}
        />
      )}
      <g transform={`translate(${x + acrossMm / 2 + 12} ${y - 76})`}>
        <rect
          width={String(number).length * 32 + 28}
          height={64}
          className={`fill-tape ${isCurrent ? 'stroke-accent' : 'stroke-ink'}`}
          strokeWidth={isCurrent ? 8 : 3}
        />
        <text x={14} y={49} fontSize={52} className="fill-night font-bold">
          {number}
        </text>
      </g>
    </g>
  );
}
