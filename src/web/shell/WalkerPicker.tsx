import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Check, UserRound } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { Button } from '../components/Button';
import { inputLook } from '../components/Field';
import { chooseWalker, useWalker } from './person';
import { useAddPerson, usePeople } from './usePeople';

/** Names the person on the entries this device makes. */
export function WalkerPicker() {
  const people = usePeople().data ?? [];
  const walker = useWalker();
  const chosen = people.find((person) => person.id === walker);
  return (
    <Popover className="relative">
      <PopoverButton className="flex min-h-12 max-w-44 items-center gap-2 rounded-md border border-line bg-sheet px-3 font-bold">
        <UserRound aria-hidden size={20} className="shrink-0" />
        <span className="truncate">{chosen?.name ?? 'Who is walking?'}</span>
      </PopoverButton>
      <PopoverPanel
        anchor="bottom end"
        className="z-30 mt-1 w-72 rounded-md border border-ink bg-sheet p-2 shadow-lg"
      >
        {({ close }) => <WalkerList onDone={() => close()} />}
      </PopoverPanel>
    </Popover>
  );
}

export function WalkerList({ onDone }: { onDone: () => void }) {
  const people = usePeople();
  const walker = useWalker();
  const add = useAddPerson();
  const [name, setName] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim()) add.mutate(name.trim(), { onSuccess: onDone });
  };
  return (
    <>
      <p className="px-2 pb-1 text-sm font-bold text-soft">Who is walking?</p>
      <ul>
        {people.data?.map((person) => (
          <li key={person.id}>
            <button
              type="button"
              className="flex min-h-12 w-full items-center justify-between rounded-md px-2 text-left hover:bg-fill"
              onClick={() => {
                chooseWalker(person.id);
                onDone();
              }}
            >
              {person.name}
              {person.id === walker && <Check aria-label="chosen" size={20} />}
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="mt-1 flex gap-2 border-t border-line pt-2">
        <input
          className={inputLook}
          aria-label="New name"
          placeholder="New name"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit" disabled={!name.trim() || add.isPending}>
          Add
        </Button>
      </form>
      {add.error && <p className="p-2 text-warn">{add.error.message}</p>}
    </>
  );
}
