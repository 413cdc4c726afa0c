import type { BodyStyle, FaceId, PartId } from '#core/car';
import type { Stop } from '#core/route';
import { isLoop, type LoopFace, walkOrder } from './faceAround';
import { RouteLine } from './RouteLine';

/** How far the plan is turned, so that the side you stand at is at the bottom. Nose up at rest. */
const turned: Record<LoopFace, number> = { rear: 0, left: -90, front: -180, right: 90 };

export type FaceProgress = Record<FaceId, { visited: number; total: number }>;

interface PlanDrawingProps {
  style: BodyStyle;
  face: FaceId;
  progress: FaceProgress;
  route: readonly Stop[];
  here: PartId;
  onFace?: (face: FaceId) => void;
  className: string;
}

/** The car from above, turned so that you always stand at its bottom. Each edge fills as its parts are looked at; the line is the route. */
export function PlanDrawing({ style, face, progress, route, here, onFace, className }: PlanDrawingProps) {
  const { outline, width, length } = style.plan;
  const reach = length / 2 + 640;
  const path = `M${outline.map(([x, y]) => `${Math.round(x - width / 2)} ${Math.round(y - length / 2)}`).join('L')}Z`;
  const edges: Record<LoopFace, [number, number, number, number]> = {
    front: [-width / 2, -length / 2 - 210, width / 2, -length / 2 - 210],
    rear: [-width / 2, length / 2 + 210, width / 2, length / 2 + 210],
    left: [-width / 2 - 210, length / 2, -width / 2 - 210, -length / 2],
    right: [width / 2 + 210, length / 2, width / 2 + 210, -length / 2],
  };
  return (
    <svg
      viewBox={`${-reach} ${-reach} ${reach * 2} ${reach * 2}`}
      className={`shrink-0 ${className}`}
      aria-hidden
    >
      <g
        className="transition-transform duration-200 motion-reduce:transition-none"
        style={{ transform: `rotate(${isLoop(face) ? turned[face] : 0}deg)` }}
      >
        <path d={path} className="fill-sheet stroke-ink" strokeWidth={60} />
        <path d={`M0 ${-length * 0.43}l260 330h-520z`} className="fill-soft" />
        {walkOrder.map((id) => {
          const [x1, y1, x2, y2] = edges[id];
          const { visited, total } = progress[id];
          const share = total > 0 ? visited / total : 0;
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: the buttons beside do the same for every reader.
            <g key={id} onClick={() => onFace?.(id)} className="cursor-pointer">
              <line
                {...{ x1, y1, x2, y2 }}
                className={id === face ? 'stroke-accent' : 'stroke-line'}
                strokeWidth={id === face ? 180 : 120}
              />
              <line
                x1={x1}
                y1={y1}
                x2={x1 + (x2 - x1) * share}
                y2={y1 + (y2 - y1) * share}
                className="stroke-clear-ink"
                strokeWidth={100}
              />
            </g>
          );
        })}
        <RouteLine style={style} stops={route} beside={430} strokeWidth={reach / 70} here={here} />
      </g>
    </svg>
  );
}
