import { X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import { vocabularyOf } from '#core/car';
import {
  type AlterationKind,
  alterationKinds,
  alterationName,
  alterationOf,
  type StandardPart,
  standardParts,
} from '#core/kit';
import type { KitLines } from '#core/readings';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { SelectField, TextField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';

const comesWords: Record<StandardPart, string> = {
  comes: 'Comes along',
  gone: 'Gone',
  'not-known': 'Not known',
};

/** What was added or altered, and whether the part it replaced comes with the car. */
export function Alterations({ walk, lines }: { walk: OpenWalk; lines: KitLines }) {
  const { page, record } = walk;
  const vocabulary = vocabularyOf(page.car);
  const [what, setWhat] = useState<AlterationKind>('wheels');
  const [says, setSays] = useState('');
  const [standardPart, setStandardPart] = useState<StandardPart>();
  const [error, setError] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === '') {
      setError('Say what was altered.');
      return;
    }
    record({
      kind: 'alteration-noted',
      body: {
        alteration: newId(),
        what,
        says: says.trim(),
        ...(standardPart && alterationOf(what).hasStandardPart && { standardPart }),
      },
    });
    setSays('');
    setStandardPart(undefined);
  };
  return (
    <section aria-labelledby="altered-title" className="space-y-3">
      <h2 id="altered-title" className="text-xl">
        Added or altered
      </h2>
      <ul>
        {lines.alterations.map(({ id, says: line }) => (
          <li key={id} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">{line}</span>
            <button
              type="button"
              aria-label={`Take off: ${line}`}
              onClick={() => record({ kind: 'alteration-removed', body: { alteration: id } })}
              className="grid size-12 shrink-0 place-items-center"
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="space-y-3">
        <SelectField
          id="altered"
          label="What"
          value={what}
          onChange={(event) => setWhat(alterationKinds.find((kind) => kind === event.target.value) ?? what)}
        >
          {alterationKinds.map((kind) => (
            <option key={kind} value={kind}>
              {alterationName(kind, vocabulary)}
            </option>
          ))}
        </SelectField>
        <TextField
          id="alteration"
          label="In your own words"
          hint="Like: one inch larger, steel from the axle back"
          error={error}
          maxLength={200}
          autoComplete="off"
          value={says}
          aria-invalid={error !== undefined}
          aria-describedby="alteration-says"
          onChange={(event) => {
            setSays(event.target.value);
            setError(undefined);
          }}
        />
        {alterationOf(what).hasStandardPart && (
          <Choice
            legend="The standard part"
            value={standardPart}
            options={standardParts.map((value) => ({ value, label: comesWords[value] }))}
            onChange={setStandardPart}
            onClear={() => setStandardPart(undefined)}
          />
        )}
        <Button type="submit" look="tape" className="w-full">
          Add
        </Button>
      </form>
    </section>
  );
}
