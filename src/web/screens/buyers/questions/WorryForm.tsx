import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { QuestionsPage } from '#core/api';
import { partNameForAnyone } from '#core/car';
import { LONGEST_QUESTION } from '#core/questions';
import { routeOf } from '#core/walk';
import { sentence } from '#core/wording';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { SelectField, TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';

/** What a buyer worries about, from a call or a mail, put on its part before the walk. */
export function WorryForm({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const client = useQueryClient();
  const [text, setText] = useState('');
  const [part, setPart] = useState('');
  const [from, setFrom] = useState('');
  const [error, setError] = useState<string>();
  const send = useMutation({
    mutationFn: () =>
      sendJson<QuestionsPage>('POST', `/api/walks/${page.walk}/questions`, {
        id: newId(),
        text: text.trim(),
        about: part ? { part } : {},
        from: from.trim(),
      }),
    onSuccess: (answer) => {
      client.setQueryData(['questions', page.walk], answer);
      setText('');
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim().length < 3) {
      setError('Type what worries them.');
      return;
    }
    send.mutate();
  };
  return (
    <form
      onSubmit={submit}
      aria-label="A buyer’s worry"
      className="space-y-3 bg-sheet p-3 max-lg:border-t max-lg:border-ink lg:border-l lg:border-ink lg:p-5"
    >
      <h2 className="text-xl">A buyer’s worry</h2>
      <p className="text-soft">
        From a call or a mail: the walk asks for it at that part, and the report answers it first.
      </p>
      <SelectField
        id="worry-part"
        label="Where"
        value={part}
        onChange={(event) => setPart(event.target.value)}
      >
        <option value="">The whole car</option>
        {routeOf(state, style).flatMap((stop) => {
          const found = style.parts.get(stop.part);
          return found ? (
            <option key={stop.part} value={stop.part}>
              {sentence(partNameForAnyone(found, page.car))}
            </option>
          ) : (
            []
          );
        })}
      </SelectField>
      <Field id="worry" label="What worries them" error={error}>
        <textarea
          id="worry"
          rows={3}
          maxLength={LONGEST_QUESTION}
          className={`${inputLook} py-2`}
          value={text}
          aria-invalid={error !== undefined}
          aria-describedby="worry-says"
          onChange={(event) => {
            setText(event.target.value);
            setError(undefined);
          }}
        />
      </Field>
      <TextField
        id="worry-from"
        label="Whose, for the yard alone"
        maxLength={80}
        autoComplete="off"
        value={from}
        onChange={(event) => setFrom(event.target.value)}
      />
      {send.error && <Notice look="warn">{send.error.message}</Notice>}
      <Button type="submit" look="tape" className="w-full" disabled={send.isPending}>
        Note it
      </Button>
    </form>
  );
}
