import { endOf, handOf, type Part, type PartId } from '#core/car';
import type { TyreRow } from '#core/readings';
import type { Tell } from '#core/told';

interface TyrePlanProps {
  parts: readonly Part[];
  rows: readonly TyreRow[];
  tell: Tell;
  here: PartId | undefined;
  nameOf: (part: PartId) => string;
  onPart: (part: PartId) => void;
}

const whenLook = {
  now: 'border-warn bg-warn-fill text-warn',
  soon: 'border-ink bg-tape-pale',
  later: 'border-clear-ink bg-clear',
} as const;
const whenWord = { now: 'now', soon: 'soon', later: 'good' } as const;

/** The tyres as they stand under the car, front at the top: what each has left, and which one is in hand. */
export function TyrePlan({ parts, rows, tell, here, nameOf, onPart }: TyrePlanProps) {
  const running = parts.filter(({ position }) => position !== undefined);
  const spare = parts.find(({ position }) => position === undefined);
  const axles = (['front', 'middle', 'rear'] as const)
    .map((end) => running.filter((part) => part.position && endOf(part.position) === end))
    .filter((axle) => axle.length > 0);
  const key = (part: Part) => {
    const row = rows.find((each) => each.part === part.id);
    const { when, because } = row?.verdict ?? {};
    // A deep tread that is to go says why.
    const word = when && [whenWord[when], because !== 'tread' && because].filter(Boolean).join(', ');
    return (
      <button
        key={part.id}
        type="button"
        aria-pressed={part.id === here}
        aria-label={`${nameOf(part.id)}: ${word ?? 'not read'}`}
        onClick={() => onPart(part.id)}
        className={`flex min-h-14 min-w-14 flex-col items-center justify-center rounded-lg border-2 px-1 leading-tight aria-pressed:outline-4 aria-pressed:outline-offset-1 aria-pressed:outline-accent ${when ? whenLook[when] : 'border-dashed border-soft bg-sheet'}`}
      >
        <span className="text-lg font-bold tabular-nums">{lowest(row, tell)}</span>
        <span className="text-xs">{word ?? 'not read'}</span>
      </button>
    );
  };
  const side = (axle: readonly Part[], hand: 'l' | 'r') => {
    const here = axle.filter((part) => part.position && handOf(part.position) === hand);
    // The outer tyre of twins stands outside.
    return here.toSorted(
      (a, b) => (hand === 'l' ? 1 : -1) * a.kind.length - (hand === 'l' ? 1 : -1) * b.kind.length,
    );
  };
  return (
    <div className="mx-auto w-full max-w-80 space-y-1">
      {axles.map((axle) => (
        <div key={axle[0]?.id} className="flex items-center">
          <div className="flex gap-1">{side(axle, 'l').map(key)}</div>
          <div aria-hidden className="h-1.5 flex-1 bg-line" />
          <div className="flex gap-1">{side(axle, 'r').map(key)}</div>
        </div>
      ))}
      {spare && <div className="flex justify-center">{key(spare)}</div>}
    </div>
  );
}

/** The figure a tyre is judged by, without its unit. */
function lowest(row: TyreRow | undefined, tell: Tell): string {
  const depths = Object.values(row?.depths ?? {});
  if (depths.length === 0) return '–';
  return depths
    .map((depth) => tell(depth).replace(/ (mm|in)$/, ''))
    .reduce((a, b) => (Number.parseFloat(b) < Number.parseFloat(a) ? b : a));
}
