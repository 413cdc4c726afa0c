import { Check, Circle, TriangleAlert } from 'lucide-react';
import { isOdd, type MorningLook } from '#core/diary';
import { lookWords } from '../../../diary/lookWords';
import type { RoundCar } from '../../../diary/useMornings';

interface RowOfCarsProps {
  cars: readonly RoundCar[];
  today: string;
  inHand: string | undefined;
  onChoose: (car: string) => void;
  onTakeBack: (look: MorningLook) => void;
}

/** All cars in the order they stand, with what was seen of each today. */
export function RowOfCars({ cars, today, inHand, onChoose, onTakeBack }: RowOfCarsProps) {
  return (
    <ol aria-label="Cars as they stand" className="border-t border-ink">
      {cars.map(({ car, stockNumber, title, standsAt, looks }) => {
        const mine = looks.filter(({ day }) => day === today);
        const isOff = mine.some(isOdd);
        return (
          <li key={car} className={`border-b border-line ${car === inHand ? 'bg-tape-pale' : ''}`}>
            <button
              type="button"
              onClick={() => onChoose(car)}
              className="grid min-h-14 w-full grid-cols-[1.5rem_minmax(0,1fr)] items-center gap-x-2 px-1 py-1.5 text-left leading-tight"
            >
              {mine.length === 0 ? (
                <Circle aria-label="Not looked at" size={18} className="text-soft" />
              ) : isOff ? (
                <TriangleAlert aria-label="Not as it should be" size={20} className="text-warn" />
              ) : (
                <Check aria-label="Looked at" size={20} className="text-accent" />
              )}
              <span className="min-w-0">
                <span className="flex justify-between gap-2">
                  <span className="font-bold">{stockNumber}</span>
                  <span className="text-sm text-soft">{standsAt || 'no place'}</span>
                </span>
                <span className="block truncate text-sm">{title}</span>
              </span>
            </button>
            {mine.map((look) => (
              <p key={look.id} className="flex items-center gap-2 pb-1 pl-9 text-sm">
                <span className="min-w-0 flex-1">{lookWords(look)}</span>
                <button
                  type="button"
                  className="min-h-11 px-2 font-bold text-accent underline"
                  onClick={() => onTakeBack(look)}
                >
                  Take back
                </button>
              </p>
            ))}
          </li>
        );
      })}
    </ol>
  );
}
