import { RotateCcw, RotateCw } from 'lucide-react';
import { type BodyStyle, type FaceId, faceName, type PartId, type Speech, vocabularyOf } from '#core/car';
import type { Stop } from '#core/route';
import { sentence } from '#core/wording';
import { faceAround } from './faceAround';
import { type FaceProgress, PlanDrawing } from './PlanDrawing';

/** Places that are not beside the car, with the shortest names there are. */
export const places = [
  ['top', 'Top', 'Top'],
  ['cabin', 'Cabin', 'Cabin'],
  ['boot', 'Boot', 'Trunk'],
  ['engine', 'Engine', 'Engine'],
  ['under', 'Under', 'Under'],
] as const satisfies readonly (readonly [FaceId, string, string])[];

export interface TurningPlanProps {
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
  const isUs = vocabularyOf(speech) === 'us';
  return (
    <div>
      <div className="flex items-center justify-between gap-1">
        <TurnButton label="Walk on the other way" onClick={() => onFace(faceAround(face, -1))}>
          {back}
        </TurnButton>
        <div className="flex min-w-0 flex-1 flex-wrap items-center justify-center gap-x-3">
          <PlanDrawing {...{ style, face, progress, route, here, onFace }} className="size-24" />
          {/* With large letters it goes beneath the drawing. */}
          <div className="min-w-[min(100%,6rem)] wrap-anywhere">
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
      <div className="mt-1 flex flex-wrap gap-1">
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

export function TurnButton({
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
