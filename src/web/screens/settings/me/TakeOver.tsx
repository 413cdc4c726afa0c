import { useState } from 'react';
import type { Me } from '#core/api';
import { PinEntry } from './PinEntry';
import { useEntering } from './useEntering';

/** Those who set a PIN on this device: a tap and six digits, and it is theirs. */
export function TakeOver({ people }: { people: Me['here'] }) {
  const [chosen, setChosen] = useState<string>();
  const enter = useEntering('/api/switch');
  return (
    <ul className="space-y-2">
      {people.map(({ person, name }) => (
        <li key={person} className="rounded-md border border-line bg-sheet">
          <button
            type="button"
            aria-expanded={person === chosen}
            className="flex min-h-14 w-full items-center px-3 text-left text-lg font-bold"
            onClick={() => {
              enter.reset();
              setChosen(person === chosen ? undefined : person);
            }}
          >
            {name}
          </button>
          {person === chosen && (
            <div className="border-t border-line p-3">
              <PinEntry
                label="PIN"
                button="Take over"
                error={enter.error?.message}
                isPending={enter.isPending}
                onPin={(pin) => enter.mutate({ person, pin })}
              />
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}
