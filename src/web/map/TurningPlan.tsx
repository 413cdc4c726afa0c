import { RotateCcw, RotateCw } from 'lucide-react';
import { type BodyStyle, type FaceId, faceName, type Speech, sentence } from '#core/car';

/** How far the plan is turned, so that the side you stand at is at the bottom. Nose up at rest. */
const turned: Record<FaceId, number> = { rear: 0, left: -90, front: -180, right: 90, top: 0 };
const walkOrder: readonly FaceId[] = ['front', 'left', 'rear', 'right'];

export type FaceProgress = Record<FaceId, { visited: number; total: number }>;

interface TurningPlanProps {
  style: BodyStyle;
  face: FaceId;
  speech: Speech;
  progress: FaceProgress;
  onFace: (face: FaceId) => void;
}

/** The car from above, turned so that you always stand at its bottom. Each edge fills as its parts are looked at. */
export function TurningPlan({ style, face, speech, progress, onFace }: TurningPlanProps) {
  const { outline, width, length } = style.plan;
  const reach = length / 2 + 420;
  const path = `M${outline.map(([x, y]) => `${Math.round(x - width / 2)} ${Math.round(y - length / 2)}`).join('L')}Z`;
  const step = (by: number) => {
    const at = walkOrder.indexOf(face);
    onFace(at < 0 ? 'left' : (walkOrder[(at + by + walkOrder.length) % walkOrder.length] as FaceId));
  };
  const edges: Record<Exclude<FaceId, 'top'>, [number, number, number, number]> = {
    front: [-width / 2, -length / 2 - 260, width / 2, -length / 2 - 260],
    rear: [-width / 2, length / 2 + 260, width / 2, length / 2 + 260],
    left: [-width / 2 - 260, length / 2, -width / 2 - 260, -length / 2],
    right: [width / 2 + 260, length / 2, width / 2 + 260, -length / 2],
  };
  return (
    <div className="flex items-center justify-between gap-1">
      <TurnButton label="Walk on the other way" onClick={() => step(-1)}>
        <RotateCw aria-hidden size={22} />
      </TurnButton>
      <div className="flex min-w-0 flex-1 items-center justify-center gap-3">
        <svg
          viewBox={`${-reach} ${-reach} ${reach * 2} ${reach * 2}`}
          className="size-24 shrink-0"
          aria-hidden
        >
          <g
            className="transition-transform duration-200 motion-reduce:transition-none"
            style={{ transform: `rotate(${turned[face]}deg)` }}
          >
            <path d={path} className="fill-sheet stroke-ink" strokeWidth={60} />
            <path d={`M0 ${-length * 0.43}l260 330h-520z`} className="fill-soft" />
            {(Object.keys(edges) as (keyof typeof edges)[]).map((id) => {
              const [x1, y1, x2, y2] = edges[id];
              const { visited, total } = progress[id];
              const share = total > 0 ? visited / total : 0;
              return (
                // biome-ignore lint/a11y/noStaticElementInteractions: the buttons beside do the same for every reader.
                <g key={id} onClick={() => onFace(id)} className="cursor-pointer">
                  <line
                    {...{ x1, y1, x2, y2 }}
                    className={id === face ? 'stroke-accent' : 'stroke-line'}
                    strokeWidth={id === face ? 190 : 130}
                  />
                  <line
                    x1={x1}
                    y1={y1}
                    x2={x1 + (x2 - x1) * share}
                    y2={y1 + (y2 - y1) * share}
                    className="stroke-clear-ink"
                    strokeWidth={110}
                  />
                </g>
              );
            })}
          </g>
        </svg>
        <div className="min-w-0">
          <p className="text-sm text-soft max-sm:sr-only">You stand at the</p>
          <p className="font-bold leading-tight">{sentence(faceName(face, speech))}</p>
          <p className="text-sm text-soft tabular-nums">
            {progress[face].visited} of {progress[face].total}
            <span className="max-sm:sr-only"> visited</span>
          </p>
        </div>
        <button
          type="button"
          onClick={() => onFace('top')}
          aria-pressed={face === 'top'}
          className="min-h-12 rounded-md border border-line px-3 aria-pressed:border-accent aria-pressed:bg-accent-fill"
        >
          Top
        </button>
      </div>
      <TurnButton label="Walk on round the car" onClick={() => step(1)}>
        <RotateCcw aria-hidden size={22} />
      </TurnButton>
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
