import { type FormEvent, useState } from 'react';
import { paintProblemMessage, parsePaint } from '#core/measure';
import type { PaintTable } from '#core/readings';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';

/** Several readings typed in one go. */
export function PaintTyped({ unit, onRead }: { unit: PaintTable['unit']; onRead: (um: number[]) => void }) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const [taken, setTaken] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const reading = parsePaint(text, unit);
    if (!reading.ok) {
      setError(paintProblemMessage(reading.problem));
      return;
    }
    setError(undefined);
    setText('');
    setTaken(reading.unit === unit ? undefined : `Taken as ${reading.unit === 'mil' ? 'mil' : 'µm'}.`);
    onRead(reading.um);
  };
  return (
    <form onSubmit={submit}>
      <Field
        id="paint-typed"
        label={`Or type readings, ${unit === 'um' ? 'µm' : 'mil'}`}
        error={error}
        hint={taken ?? `Several at once: ${unit === 'um' ? '118 122 115' : '5 5.5 4.5'}`}
      >
        <div className="flex gap-2">
          <input
            id="paint-typed"
            className={inputLook}
            autoComplete="off"
            enterKeyHint="done"
            value={text}
            aria-invalid={error !== undefined}
            aria-describedby="paint-typed-says"
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" look="tape">
            Read
          </Button>
        </div>
      </Field>
    </form>
  );
}
