import { RotateCcw, RotateCw } from 'lucide-react';
import { type BodyStyle, type FaceId, faceName, type PartId, type Speech, vocabularyOf } from '#core/car';
import type { Stop } from '#core/route';
import { sentence } from '#core/wording';
import { faceAround, isLoop, type LoopFace, walkOrder } from './faceAround';
import { RouteLine } from './RouteLine';

/** How far the plan is turned, so that the side you stand at is at the bottom. Nose up at rest. */
const turned: Record<LoopFace, number> = { rear: 0, left: -90, front: -180, right: 90 };
/** Places that are not beside the car, with the shortest names there are. */
const places = [
  ['top', 'Top', 'Top'],
  ['cabin', 'Cabin', 'Cabin'],
  ['boot', 'Boot', 'Trunk'],
  ['engine', 'Engine', 'Engine'],
  ['under', 'Under', 'Under'],
] as const satisfies readonly (readonly [FaceId, string, string])[];

export type FaceProgress = Record<FaceId, { visited: number; total: number }>;

interface TurningPlanProps {
  style: BodyStyle;
  face: FaceId;
  speech: Speech;
  progress: FaceProgress;
  route: readonly Stop[];
  here: PartId;
  onFace: (face: FaceId) => void;
}

const back = <RotateCw aria-hidden size={22} />;
const onward = <RotateCcw aria-hidden size={22} />;

/** The car from above, turned so that you always stand at its bottom. Each edge fills as its parts are looked at; the line is the route. */
export function TurningPlan({ style, face, speech, progress, route, here, onFace }: TurningPlanProps) {
  const { outline, width, length } = style.plan;
  const reach = length / 2 + 640;
  const path = `M${outline.map(([x, y]) => `${Math.round(x - width / 2)} ${Math.round(y - length / 2)}`).join('L')}Z`;
  const edges: Record<LoopFace, [number, number, number, number]> = {
    front: [-width / 2, -length / 2 - 210, width / 2, -length / 2 - 210],
    rear: [-width / 2, length / 2 + 210, width / 2, length / 2 + 210],
    left: [-width / 2 - 210, length / 2, -width / 2 - 210, -length / 2],
    right: [width / 2 + 210, length / 2, width / 2 + 210, -length / 2],
  };
  const isUs = vocabularyOf(speech) === 'us';
  return (
    <div>
      <div className="flex items-center justify-between gap-1">
        <TurnButton label="Walk on the other way" onClick={() => onFace(faceAround(face, -1))}>
          {back}
        </TurnButton>
        <div className="flex min-w-0 flex-1 items-center justify-center gap-3">
          <svg
            viewBox={`${-reach} ${-reach} ${reach * 2} ${reach * 2}`}
            className="size-24 shrink-0"
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
                  <g key={id} onClick={() => onFace(id)} className="cursor-pointer">
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
          <div className="min-w-0">
            <p className="text-sm text-soft max-sm:sr-only">You are at</p>
            <p className="font-bold leading-tight">{sentence(faceName(face, speech))}</p>
            <p className="text-sm text-soft tabular-nums">
              {progress[face].visited} of {progress[face].total}
              <span className="max-sm:sr-only"> visited</span>
            </p>
          </div>
        </div>
        <TurnButton label="Walk on round the car" onClick={() => onFace(faceAround(face, 1))}>
          {onward}
        </TurnButton>
      </div>
      <div className="mt-1 flex gap-1">
        {places
          .filter(([id]) => progress[id].total > 0)
          .map(([id, uk, us]) => (
            <button
              key={id}
              type="button"
              onClick={() => onFace(id)}
              aria-pressed={face === id}
              className="min-h-12 flex-1 rounded-md border border-line bg-sheet px-1 text-sm leading-tight aria-pressed:border-accent aria-pressed:bg-accent-fill aria-pressed:font-bold"
            >
              {isUs ? us : uk}
              {progress[id].visited === progress[id].total && <span aria-hidden> ✓</span>}
            </button>
          ))}
      </div>
    </div>
  );
}

function TurnButton({
  label,
  onClick,
  children,
}: {
  label: string;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="grid size-12 shrink-0 place-items-center rounded-md border border-line bg-sheet"
    >
      {children}
    </button>
  );
}
