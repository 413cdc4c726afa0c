import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useId, useState } from 'react';
import { isTeachable, phrasesIn, type TaughtWord, tables } from '#core/speech';
import { sendJson } from '../api/client';
import { Button } from '../components/Button';
import { Field, inputLook } from '../components/Field';

/** What a word may stand for: the first name of every part and fault. */
const known = [...tables.outsideParts, ...tables.cabinParts, ...tables.faults].map(
  (row) => phrasesIn(row)[0] ?? '',
);

/** Teaches the yard's list a word that was not understood, by one that is. */
export function TeachWord({ words }: { words: readonly string[] }) {
  const id = useId();
  const client = useQueryClient();
  const [word, setWord] = useState<string>();
  const [means, setMeans] = useState('');
  const [error, setError] = useState<string>();
  const teach = useMutation({
    mutationFn: (taught: TaughtWord) => sendJson<TaughtWord[]>('PUT', '/api/words', taught),
    onSuccess: (kept) => {
      client.setQueryData(['words'], kept);
      setWord(undefined);
      setMeans('');
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (word === undefined) return;
    if (!isTeachable(means.trim()))
      setError('Choose a part or a fault that is understood, like “wiper” or “scratch”.');
    else teach.mutate({ word: word.toLowerCase(), means: means.trim().toLowerCase() });
  };
  if (word === undefined)
    return (
      <div className="flex flex-wrap gap-2">
        {[...new Set(words)].map((each) => (
          <Button key={each} look="plain" onClick={() => setWord(each)}>
            Teach “{each}”
          </Button>
        ))}
      </div>
    );
  return (
    <form onSubmit={submit} className="space-y-2">
      <Field
        id={id}
        label={`“${word}” means the same as`}
        hint="It is kept for everybody in the yard."
        {...((error ?? teach.error) && { error: error ?? teach.error?.message ?? '' })}
      >
        <input
          id={id}
          className={inputLook}
          list={`${id}-known`}
          value={means}
          autoComplete="off"
          autoCapitalize="none"
          aria-describedby={`${id}-says`}
          onChange={(event) => {
            setMeans(event.target.value);
            setError(undefined);
            teach.reset();
          }}
        />
        <datalist id={`${id}-known`}>
          {known.map((phrase) => (
            <option key={phrase} value={phrase} />
          ))}
        </datalist>
      </Field>
      <div className="flex gap-2">
        <Button type="submit" look="main" disabled={teach.isPending}>
          Teach it
        </Button>
        <Button look="plain" onClick={() => setWord(undefined)}>
          Not now
        </Button>
      </div>
    </form>
  );
}
