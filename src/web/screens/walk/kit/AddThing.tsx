import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { Fact } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';

/** Anything else that comes along, by a name of one's own. */
export function AddThing({ say }: { say: (fact: Fact) => void }) {
  const [name, setName] = useState('');
  const [error, setError] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === '') {
      setError('Type what it is.');
      return;
    }
    say({ kind: 'item-counted', body: { item: newId(), name: name.trim(), count: 1 } });
    setName('');
  };
  return (
    <form onSubmit={submit} className="pt-3">
      <Field
        id="thing"
        label="Something else comes along"
        hint="Like dog guard, ski tunnel bag"
        error={error}
      >
        <div className="flex gap-2">
          <input
            id="thing"
            className={inputLook}
            maxLength={60}
            autoComplete="off"
            value={name}
            aria-invalid={error !== undefined}
            aria-describedby="thing-says"
            onChange={(event) => {
              setName(event.target.value);
              setError(undefined);
            }}
          />
          <Button type="submit" look="tape">
            Add
          </Button>
        </div>
      </Field>
    </form>
  );
}
