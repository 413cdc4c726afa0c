import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type ChangeEvent, type FormEvent, useState } from 'react';
import type { KeptPicture } from '#core/api';
import { type Yard, yardSchema } from '#core/yard';
import { putFile, sendJson } from '../../../api/client';
import { Button, buttonLook } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { RestoredNote } from '../../../components/RestoredNote';
import { useTyped } from '../../../components/useTyped';
import { YardBand } from '../../../report/YardBand';

const OWN_COLOUR = '#0b4a5c';

/** Name, address, telephone, mail, colour and logo, with the head of the report as it will look. */
export function YardForm({ yard }: { yard: Yard }) {
  const client = useQueryClient();
  const { value: draft, setValue: setDraft, isRestored, drop } = useTyped<Yard>('yard', yard);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const change = (more: Partial<Yard>) => {
    setDraft({ ...draft, ...more });
    setErrors({});
    save.reset();
  };
  const save = useMutation({
    mutationFn: (wanted: Yard) => sendJson<Yard>('PUT', '/api/yard', wanted),
    onSuccess: (kept) => {
      drop();
      client.setQueryData(['yard'], kept);
    },
  });
  const upload = useMutation({
    mutationFn: (file: File) => putFile<KeptPicture>('/api/yard/logo', file),
    onSuccess: ({ sha256 }) => change({ logo: sha256 }),
  });
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (file) upload.mutate(file);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const parsed = yardSchema.safeParse(draft);
    if (parsed.success) save.mutate(parsed.data);
    else
      setErrors(
        Object.fromEntries(parsed.error.issues.map(({ path, message }) => [String(path[0]), message])),
      );
  };
  const text = (key: 'name' | 'place' | 'phone' | 'mail' | 'onArrival' | 'policy') => ({
    id: key,
    className: inputLook,
    autoComplete: 'off',
    value: draft[key] ?? '',
    'aria-invalid': errors[key] !== undefined,
    'aria-describedby': `${key}-says`,
    onChange: (event: { target: { value: string } }) => change({ [key]: event.target.value }),
  });
  const { colour: _c, ...withoutColour } = draft;
  const { logo: _l, ...withoutLogo } = draft;
  return (
    <form noValidate onSubmit={submit} className="space-y-4">
      {isRestored && (
        <RestoredNote
          onAnew={() => {
            setDraft(yard);
            drop();
          }}
        />
      )}
      <section aria-label="How the report begins" className="border border-line bg-sheet">
        <YardBand yard={draft} logoUrl={(sha256) => `/api/logos/${sha256}`} />
        <p className="px-4 py-3 text-soft">A report begins like this.</p>
      </section>
      <Field id="name" label="Name" error={errors.name}>
        <input {...text('name')} maxLength={80} />
      </Field>
      <Field id="place" label="Address" error={errors.place}>
        <textarea {...text('place')} rows={2} maxLength={200} className={`${inputLook} py-2`} />
      </Field>
      <div className="grid gap-4 sm:grid-cols-2">
        <Field id="phone" label="Telephone" error={errors.phone}>
          <input {...text('phone')} maxLength={40} inputMode="tel" />
        </Field>
        <Field id="mail" label="Mail address" error={errors.mail}>
          <input {...text('mail')} maxLength={200} inputMode="email" />
        </Field>
      </div>
      <Field
        id="onArrival"
        label="When the car differs from its report"
        hint="In your own words: how long a buyer has to tell you, and what you do then. It stands in every report. Left empty, the report says that the yard says nothing about this."
        error={errors.onArrival}
      >
        <textarea {...text('onArrival')} rows={3} maxLength={600} className={`${inputLook} py-2`} />
      </Field>
      <Field
        id="policy"
        label="What you do with every car"
        hint="In your own words, and what you never do: every car serviced before it goes, chips left as they are. It stands in every report as the yard’s text."
        error={errors.policy}
      >
        <textarea {...text('policy')} rows={3} maxLength={600} className={`${inputLook} py-2`} />
      </Field>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-accent"
          checked={draft.sharesFilm ?? false}
          onChange={({ target }) => {
            const { sharesFilm: _, ...without } = draft;
            setDraft(target.checked ? { ...draft, sharesFilm: true } : without);
            save.reset();
          }}
        />
        Buyers may read what was said of a finding in the film of the walk, and play what was cut of it for
        them
      </label>
      <div className="flex flex-wrap items-end gap-4">
        <Field id="colour" label="Colour" error={errors.colour}>
          <div className="flex gap-2">
            <input
              id="colour"
              type="color"
              className="h-12 w-20 cursor-pointer rounded-md border border-soft bg-sheet p-1"
              value={draft.colour ?? OWN_COLOUR}
              onChange={(event) => change({ colour: event.target.value })}
            />
            {draft.colour && (
              <Button
                onClick={() => {
                  setDraft(withoutColour);
                  save.reset();
                }}
              >
                None
              </Button>
            )}
          </div>
        </Field>
        <div>
          <p className="mb-1 text-sm font-bold text-soft">Logo</p>
          <div className="flex gap-2">
            <label className={`${buttonLook()} cursor-pointer focus-within:outline-3`}>
              {draft.logo ? 'Choose another' : 'Choose a picture'}
              <input
                className="sr-only"
                type="file"
                accept="image/png,image/jpeg,image/webp"
                onChange={choose}
              />
            </label>
            {draft.logo && (
              <Button
                onClick={() => {
                  setDraft(withoutLogo);
                  save.reset();
                }}
              >
                None
              </Button>
            )}
          </div>
        </div>
      </div>
      {(upload.error ?? save.error) && <Notice look="warn">{(upload.error ?? save.error)?.message}</Notice>}
      <Button type="submit" look="main" className="w-full sm:w-auto" disabled={save.isPending}>
        Save
      </Button>
      {save.isSuccess && (
        <Notice>Saved. Reports frozen from now on begin like this; earlier ones stay as they are.</Notice>
      )}
    </form>
  );
}
