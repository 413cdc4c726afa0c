import { Trash2 } from 'lucide-react';
import type { WeakSpot } from '#core/weakSpots';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { carsWords, partKindName } from './spotWords';

interface SpotListProps {
  spots: readonly WeakSpot[];
  mayChange: boolean;
  onChange: (spots: readonly WeakSpot[]) => void;
}

const from = { house: 'Common practice', yard: 'Your own', findings: 'From your findings' } as const;

/** Every spot with the cars it is asked of; a switch for each, and the yard's own can go. */
export function SpotList({ spots, mayChange, onChange }: SpotListProps) {
  return (
    <section aria-labelledby="spots">
      <h2 id="spots" className="text-xl">
        {spots.filter(({ isOff }) => !isOff).length} asked for
      </h2>
      <ul className="mt-2 border-t border-ink">
        {spots.map((spot) => (
          <li key={spot.id} className="flex flex-wrap items-start gap-3 border-b border-line py-2">
            <label className="flex min-w-60 flex-1 cursor-pointer items-start gap-3">
              <input
                type="checkbox"
                className="mt-1 size-6 shrink-0 accent-accent"
                checked={!spot.isOff}
                disabled={!mayChange}
                aria-label={`Ask for: ${spot.title}`}
                onChange={({ target }) =>
                  onChange(
                    spots.map((each) => {
                      if (each !== spot) return each;
                      const { isOff: _, ...on } = each;
                      return target.checked ? on : { ...on, isOff: true };
                    }),
                  )
                }
              />
              <span className="min-w-0">
                <span className="block font-bold">{spot.title}</span>
                <span className="block">
                  {sentence(spot.on.map(partKindName).join(', '))}: {spot.look}.
                </span>
                {spot.caution && <span className="block text-warn">{spot.caution}</span>}
                <span className="block text-sm text-soft">
                  {carsWords(spot)}. {from[spot.setBy]}. When fine: “{spot.fine}”.
                </span>
              </span>
            </label>
            {mayChange && spot.setBy !== 'house' && (
              <Button
                className="max-sm:ml-9"
                aria-label={`Take out: ${spot.title}`}
                onClick={() => onChange(spots.filter((each) => each !== spot))}
              >
                <Trash2 aria-hidden size={18} /> Take out
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
