import { Check } from 'lucide-react';
import { useState } from 'react';
import { morningInEnglish, stoodOf } from '#core/diary';
import { starting } from '#core/told';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { hasTyped } from '../../../components/useTyped';
import { lookWords } from '../../../diary/lookWords';
import type { RoundCar, Seen } from '../../../diary/useMornings';
import { SomethingElse } from './SomethingElse';
import { seenByTap, type TapPart, tapWords } from './useTheTap';

interface CarInHandProps {
  car: RoundCar;
  today: string;
  tap: readonly TapPart[];
  onSave: (seen: Seen) => void;
}

/** One car, large: one tap where all is as it should be, and below whatever was not. */
export function CarInHand({ car, today, tap, onSave }: CarInHandProps) {
  const [isAsking, setAsking] = useState(() => hasTyped(`morning-${car.car}`));
  const before = car.looks.filter(({ day }) => day < today).at(-1);
  const stood = stoodOf(car.looks.filter(({ day }) => day < today));
  return (
    <section aria-label="Car in hand" className="rounded-md border border-ink bg-sheet p-3">
      <div className="flex items-start gap-3">
        <span
          aria-hidden
          className="mt-1 h-10 w-3 shrink-0 rounded-sm border border-line"
          style={car.tint ? { background: car.tint } : undefined}
        />
        <div className="min-w-0">
          <h2 className="text-2xl leading-tight">{car.stockNumber}</h2>
          <p className="leading-tight">{car.title}</p>
          <p className="text-sm text-soft">{car.standsAt || 'No place noted'}</p>
        </div>
      </div>
      {before && (
        <p className="mt-2 text-sm">
          <span className="font-bold">Last time:</span> {lookWords(before)}
        </p>
      )}
      {stood?.trends.map(({ id, says }) => (
        <p key={id} className="mt-1 font-bold text-warn">
          {morningInEnglish(starting(says), 'uk')}
        </p>
      ))}
      {!isAsking && (
        <>
          <Button
            look="main"
            className="mt-3 min-h-20 w-full text-xl"
            disabled={tap.length === 0}
            onClick={() => onSave(seenByTap(tap))}
          >
            <Check aria-hidden size={26} />
            {tap.length === 0
              ? 'Choose below what the tap says'
              : sentence(tap.map((part) => tapWords[part]).join(', '))}
          </Button>
          <Button className="mt-2 min-h-14 w-full" onClick={() => setAsking(true)}>
            Something else
          </Button>
        </>
      )}
      {isAsking && <SomethingElse car={car.car} onSave={onSave} onBack={() => setAsking(false)} />}
    </section>
  );
}
