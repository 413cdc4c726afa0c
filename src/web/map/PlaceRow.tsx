import { ChevronDown, RotateCcw, RotateCw } from 'lucide-react';
import { memo, useDeferredValue } from 'react';
import { type FaceId, faceName, vocabularyOf } from '#core/car';
import { sentence } from '#core/wording';
import { DropDown } from '../components/DropDown';
import { BackCloses } from '../device/backCloses';
import { faceAround, walkOrder } from './faceAround';
import { PlanDrawing } from './PlanDrawing';
import { places, TurnButton, type TurningPlanProps } from './TurningPlan';

/** On a phone the way round the car takes one row: turn either way, or open every side and place with how far each is. */
export function PlaceRow(props: TurningPlanProps) {
  // How far each place is follows once what was tapped is on the screen.
  return <Row {...useDeferredValue(props)} />;
}

const Row = memo(function Row({ style, face, speech, progress, route, here, onFace }: TurningPlanProps) {
  const isUs = vocabularyOf(speech) === 'us';
  const others = places
    .filter(([id]) => progress[id].total > 0)
    .map(([id, uk, us]) => [id, isUs ? us : uk] as const);
  const sides = walkOrder.map((id) => [id, sentence(faceName(id, speech))] as const);
  const shortOf = (id: FaceId) => others.find(([each]) => each === id)?.[1] ?? sentence(faceName(id, speech));
  return (
    <div className="flex items-stretch gap-1">
      <TurnButton label="Walk on the other way" onClick={() => onFace(faceAround(face, -1))}>
        <RotateCw aria-hidden size={22} />
      </TurnButton>
      <DropDown
        label={`Places: at ${shortOf(face)}, ${progress[face].visited} of ${progress[face].total} visited`}
        wholeClassName="flex-1"
        className="flex h-12 w-full items-center justify-center gap-2 rounded-md border border-line bg-sheet px-1"
        panelClassName="absolute inset-x-0 top-full z-20 mt-1 rounded-md border border-ink bg-ground p-1 shadow-lg"
        button={
          <>
            <PlanDrawing {...{ style, face, progress, route, here }} className="size-11" />
            <span className="min-w-0 truncate text-left leading-tight">
              <span className="font-bold">{shortOf(face)}</span>
              <span className="block text-sm text-soft tabular-nums">
                {progress[face].visited} of {progress[face].total}
              </span>
            </span>
            <ChevronDown aria-hidden size={18} className="shrink-0" />
          </>
        }
      >
        {(close) => (
          <div className="grid grid-cols-2 gap-1">
            <BackCloses close={close} />
            {[...sides, ...others].map(([id, name]) => (
              <button
                key={id}
                type="button"
                aria-pressed={id === face}
                onClick={() => {
                  onFace(id);
                  close();
                }}
                className="flex min-h-12 items-center justify-between gap-2 rounded-md border border-line bg-sheet px-2 text-left leading-tight aria-pressed:border-accent aria-pressed:bg-accent-fill aria-pressed:font-bold"
              >
                {name}
                <span aria-hidden className="text-sm text-soft tabular-nums">
                  {progress[id].visited === progress[id].total
                    ? '✓'
                    : `${progress[id].visited}/${progress[id].total}`}
                </span>
              </button>
            ))}
          </div>
        )}
      </DropDown>
      <TurnButton label="Walk on round the car" onClick={() => onFace(faceAround(face, 1))}>
        <RotateCcw aria-hidden size={22} />
      </TurnButton>
    </div>
  );
});
