import { X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import {
  type StoryAbout,
  type StorySource,
  storyAbout,
  storyNames,
  storySays,
  storySources,
} from '#core/walk';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { Field, inputLook } from '../../../components/Field';
import { SelectField, TextField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';

const sourceNames: Record<StorySource, string> = {
  said: 'somebody said so',
  seen: 'seen here',
  proven: 'a paper proves it',
};

/** The car's story, fact by fact, each with where it comes from. */
export function StoryEntry({ walk }: { walk: OpenWalk }) {
  const { state, record } = walk;
  const [about, setAbout] = useState<StoryAbout>('came-in');
  const [says, setSays] = useState('');
  const [source, setSource] = useState<StorySource>();
  const [by, setBy] = useState('');
  const [errors, setErrors] = useState<{ says?: string; source?: string; by?: string }>({});
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const found = {
      ...(says.trim() === '' && { says: 'Say what there is to tell.' }),
      ...(source === undefined && { source: 'Say where this comes from.' }),
      ...(source === 'proven' &&
        by.trim() === '' && { by: 'Say what proves it, like an invoice and its day.' }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0 || !source) return;
    record({
      kind: 'story-told',
      body: { fact: newId(), about, says: says.trim(), source, ...(by.trim() && { by: by.trim() }) },
    });
    setSays('');
    setBy('');
    setSource(undefined);
  };
  return (
    <section aria-labelledby="story-title" className="space-y-3">
      <h2 id="story-title" className="text-xl">
        Its story
      </h2>
      <ul>
        {[...state.story].map(([id, told]) => (
          <li key={id} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">{storySays(told)}</span>
            <button
              type="button"
              aria-label={`Take back: ${told.says}`}
              className="grid size-12 shrink-0 place-items-center"
              onClick={() => record({ kind: 'story-taken-back', body: { fact: id } })}
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="space-y-3">
        <SelectField
          id="story-about"
          label="About"
          value={about}
          onChange={(event) => setAbout(event.target.value as StoryAbout)}
        >
          {storyAbout.map((value) => (
            <option key={value} value={value}>
              {storyNames[value]}
            </option>
          ))}
        </SelectField>
        <Field id="story-says" label="What there is to tell" error={errors.says}>
          <textarea
            id="story-says"
            className={`${inputLook} py-2`}
            rows={2}
            maxLength={300}
            value={says}
            aria-invalid={errors.says !== undefined}
            aria-describedby="story-says-says"
            onChange={(event) => setSays(event.target.value)}
          />
        </Field>
        <Choice
          legend="Where this comes from"
          value={source}
          options={storySources.map((value) => ({ value, label: sourceNames[value] }))}
          onChange={setSource}
        />
        {errors.source && (
          <p role="alert" className="font-bold text-warn">
            {errors.source}
          </p>
        )}
        <TextField
          id="story-by"
          label={source === 'proven' ? 'What proves it' : 'By whom, if known'}
          error={errors.by}
          maxLength={100}
          autoComplete="off"
          value={by}
          aria-invalid={errors.by !== undefined}
          aria-describedby="story-by-says"
          onChange={(event) => setBy(event.target.value)}
        />
        <Button type="submit" look="tape" className="w-full">
          Add to its story
        </Button>
      </form>
    </section>
  );
}
