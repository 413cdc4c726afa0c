import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { phrasesIn, type TaughtWord, tables } from '#core/speech';
import { sentence } from '#core/wording';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { useTaughtWords } from '../../../heard/useTaughtWords';
import { Bar } from '../../../shell/Bar';
import { senseWords } from './senseWords';

const names: Record<keyof typeof tables, string> = {
  sides: 'Where: side and end',
  outsideParts: 'Parts outside and below',
  cabinParts: 'Parts in the cabin and boot',
  faults: 'What is wrong',
  howBad: 'How bad, how many, and what nail, finger and cloth say',
  mending: 'What would mend it, and who decides',
  functions: 'Things you try',
  works: 'Whether they work, lamps, what comes with the car, figures',
  around: 'Light, wet, dirt and smell',
  story: 'Its story',
  slips: 'What machines often mishear',
  talk: 'Words that hold it together',
};

const examples = [
  'left wing scratch 140 mm just catches',
  'nearside rear door has two dents, the sill is clear',
  'no kerbing on this wheel, tyre six to seven',
  'the bonnet’s been painted, gauge says two hundred and ten',
  'left … sorry, right rear door dent 2 cm',
  'air con works, radio doesn’t, two keys',
] as const;

/** What may be said, made from the very lists it is understood by. */
export function WhatToSay() {
  const id = useId();
  const [wanted, setWanted] = useState('');
  const sought = wanted.trim().toLowerCase();
  return (
    <>
      <Bar title="What you can say" back={{ to: '/', label: 'Stock list' }} />
      <main className="mx-auto max-w-4xl p-4">
        <p>
          Say the part and what you see of it, typed or dictated, in any order and several things in one
          breath. Sizes are in millimetres unless you say cm or inches; in US words, in inches. Without a
          part, the one you stand at is meant. A side nobody said is asked, and what you say is not there is
          never taken for a fault. Words that are not understood are kept as a note, and can be taught.
        </p>
        <ul className="my-3 space-y-1">
          {examples.map((line) => (
            <li key={line} className="border-l-4 border-tape pl-2">
              {line}
            </li>
          ))}
        </ul>
        <OwnWords />
        <TextField
          id={id}
          label="Look up a word"
          value={wanted}
          autoComplete="off"
          autoCapitalize="none"
          aria-describedby={`${id}-says`}
          onChange={(event) => setWanted(event.target.value)}
        />
        {sought.length > 1 ? <Found sought={sought} /> : <AllWords />}
      </main>
    </>
  );
}

function AllWords() {
  return (Object.keys(names) as (keyof typeof tables)[]).map((table) => (
    <Fold key={table} title={names[table]}>
      <Rows rows={rowsOf(table)} />
    </Fold>
  ));
}

/** Rows in which a word is said, the phrases with it alone. */
function Found({ sought }: { sought: string }) {
  const rows = (Object.keys(names) as (keyof typeof tables)[])
    .flatMap(rowsOf)
    .map(({ means, phrases }) => ({ means, phrases: phrases.filter((phrase) => phrase.includes(sought)) }))
    .filter(({ phrases }) => phrases.length > 0);
  if (rows.length === 0)
    return (
      <p role="status" className="py-3">
        “{sought}” is not in the list. Say it on a walk and teach it there.
      </p>
    );
  return <Rows rows={rows} />;
}

interface WordRow {
  means: string;
  phrases: readonly string[];
}

const rowsOf = (table: keyof typeof tables): WordRow[] => {
  const rows = new Map<string, string[]>();
  for (const row of tables[table]) {
    const means = senseWords(row[1]);
    if (means) rows.set(means, [...(rows.get(means) ?? []), ...phrasesIn(row)]);
  }
  return [...rows].map(([means, phrases]) => ({ means, phrases }));
};

function Rows({ rows }: { rows: readonly WordRow[] }) {
  return (
    <dl>
      {rows.map(({ means, phrases }) => (
        <div
          key={`${means} ${phrases[0]}`}
          className="grid gap-x-3 border-b border-line py-1 sm:grid-cols-[15rem_1fr]"
        >
          <dt className="font-bold">{sentence(means)}</dt>
          <dd className="min-w-0 text-soft">{phrases.join(' · ')}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The house's own words, each to be forgotten again. */
function OwnWords() {
  const client = useQueryClient();
  const words = useTaughtWords();
  const forget = useMutation({
    mutationFn: (word: string) =>
      sendJson<TaughtWord[]>('DELETE', `/api/words/${encodeURIComponent(word)}`, {}),
    onSuccess: (kept) => client.setQueryData(['words'], kept),
  });
  if (words.length === 0) return null;
  return (
    <section aria-labelledby="own-words" className="my-4">
      <h2 id="own-words" className="text-lg">
        Words of this yard
      </h2>
      <ul>
        {words.map(({ word, means }) => (
          <li key={word} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1">
              <b>{word}</b> means {means}
            </span>
            <Button aria-label={`Forget ${word}`} onClick={() => forget.mutate(word)}>
              Forget
            </Button>
          </li>
        ))}
      </ul>
      {forget.error && <Notice look="warn">{forget.error.message}</Notice>}
    </section>
  );
}
