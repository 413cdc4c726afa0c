import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { type Car, vocabularyOf } from '#core/car';
import {
  type FunctionGroupId,
  functionGroupIds,
  functionGroups,
  functionName,
  functionsFor,
  searchFunctions,
} from '#core/functions';
import { functionsNamed } from '#core/speech';
import type { Fact } from '#core/walk';
import { Button } from '../../../components/Button';
import { SelectField, TextField } from '../../../components/fields';

interface AddFunctionProps {
  car: Car;
  /** Already on the list. */
  known: ReadonlySet<string>;
  say: (fact: Fact) => void;
}

/** The list grows by typing: from what such a car can have, or by a name of one's own. */
export function AddFunction({ car, known, say }: AddFunctionProps) {
  const [text, setText] = useState('');
  const [group, setGroup] = useState<FunctionGroupId>('media');
  const vocabulary = vocabularyOf(car);
  const possible = functionsFor(car).possible.filter(({ id }) => !known.has(id));
  const called = new Set(functionsNamed(text));
  const found = [
    ...new Set([
      ...possible.filter(({ id }) => called.has(id)),
      ...searchFunctions(text, possible, vocabulary),
    ]),
  ].slice(0, 6);
  const add = (fact: Extract<Fact, { kind: 'function-added' }>['body']) => {
    say({ kind: 'function-added', body: fact });
    setText('');
  };
  return (
    <section aria-label="Grow the list" className="space-y-2 p-3">
      <TextField
        id="fitted"
        label="Also fitted: type what it has"
        hint="Like camera, heated, tow, fridge"
        autoComplete="off"
        maxLength={60}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {found.length > 0 && (
        <ul className="grid gap-2 sm:grid-cols-2">
          {found.map(({ id, group: of }) => (
            <li key={id}>
              <Button className="w-full justify-start!" onClick={() => add({ function: id, group: of })}>
                {functionName(id, vocabulary)}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {text.trim() !== '' && (
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <SelectField
            id="fitted-group"
            label={`Or add “${text.trim()}” to`}
            value={group}
            onChange={(event) => setGroup(functionGroupIds.find((id) => id === event.target.value) ?? group)}
          >
            {functionGroupIds.map((id) => (
              <option key={id} value={id}>
                {functionGroups[id].name}
              </option>
            ))}
          </SelectField>
          <Button look="tape" onClick={() => add({ function: newId(), name: text.trim(), group })}>
            Add
          </Button>
        </div>
      )}
    </section>
  );
}
