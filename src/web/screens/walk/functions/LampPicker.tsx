import { useState } from 'react';
import { type Car, vocabularyOf } from '#core/car';
import { type WarningLampId, warningLampName, warningLampOf, warningLampsFor } from '#core/functions';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { lampPictures } from './lampPictures';

interface LampPickerProps {
  car: Car;
  was: readonly WarningLampId[];
  onKeep: (on: WarningLampId[]) => void;
  onBack: () => void;
}

/** Which warning lamps stay on: drawing and plain words, one tap each; what follows is said at once. */
export function LampPicker({ car, was, onKeep, onBack }: LampPickerProps) {
  const [on, setOn] = useState<ReadonlySet<WarningLampId>>(new Set(was));
  const vocabulary = vocabularyOf(car);
  const lamps = warningLampsFor(car);
  const chosen = lamps.filter((id) => on.has(id));
  const toggle = (id: WarningLampId) =>
    setOn((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  return (
    <div className="space-y-2">
      <p className="font-bold">{vocabulary === 'us' ? 'Which lights stay on?' : 'Which lamps stay on?'}</p>
      <ul className="grid grid-cols-3 gap-2 sm:grid-cols-4 lg:grid-cols-3">
        {lamps.map((id) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={on.has(id)}
              onClick={() => toggle(id)}
              className="flex h-full min-h-20 w-full flex-col items-center justify-center gap-1 rounded-md border border-line bg-sheet p-1 text-center text-sm leading-tight aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-tape aria-pressed:font-bold"
            >
              <LampPicture id={id} />
              {warningLampName(id, vocabulary)}
            </button>
          </li>
        ))}
      </ul>
      {chosen.map((id) => {
        const { caution } = warningLampOf(id);
        return (
          caution && (
            <Notice key={id} look="warn">
              {caution}
            </Notice>
          )
        );
      })}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={onBack}>Back</Button>
        <Button look="tape" disabled={chosen.length === 0} onClick={() => onKeep(chosen)}>
          {chosen.length === 1 ? 'This one stays on' : `These ${chosen.length || ''} stay on`}
        </Button>
      </div>
    </div>
  );
}

const LampPicture = ({ id }: { id: WarningLampId }) => (
  <svg
    aria-hidden
    viewBox="0 0 24 24"
    className="size-8 shrink-0"
    fill="none"
    stroke="currentColor"
    strokeWidth="1.8"
    strokeLinecap="round"
    strokeLinejoin="round"
  >
    <path d={lampPictures[id]} />
  </svg>
);
