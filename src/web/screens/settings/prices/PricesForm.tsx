import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { PricesPage } from '#core/api';
import { type Prices, sizeClasses, tradeIds, tradeNames } from '#core/plan';
import { cureName, cures } from '#core/walk';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Fold } from '../../../components/Fold';
import { SelectField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { RestoredNote } from '../../../components/RestoredNote';
import { useTyped } from '../../../components/useTyped';
import { PriceField, type PriceFields } from './PriceField';
import { draftOf, readDraft } from './pricesDraft';

/** Currency and tax, what each trade takes, what each cure takes, tyres: everything a plan's prices come from. */
export function PricesForm({ page }: { page: PricesPage }) {
  const client = useQueryClient();
  const [errors, setErrors] = useState<Record<string, string>>({});
  const { value: draft, setValue, isRestored, drop } = useTyped('prices', draftOf(page.prices));
  const save = useMutation({
    mutationFn: (prices: Prices) => sendJson<PricesPage>('PUT', '/api/prices', prices),
    onSuccess: (kept) => {
      drop();
      client.setQueryData(['prices'], kept);
      void client.invalidateQueries({ queryKey: ['plan'] });
    },
  });
  const fields: PriceFields = {
    draft,
    errors,
    set: (name, value) => {
      setValue((now) => ({ ...now, [name]: value }));
      setErrors({});
      save.reset();
    },
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const read = readDraft(draft);
    if ('prices' in read) save.mutate(read.prices);
    else setErrors(read.errors);
  };
  const wrong = Object.values(errors)[0];
  return (
    <form noValidate onSubmit={submit} className="space-y-6">
      {isRestored && (
        <RestoredNote
          onAnew={() => {
            setValue(draftOf(page.prices));
            drop();
          }}
        />
      )}
      {!page.isSet && (
        <Notice>
          These are house figures to begin with. Look through them, change what is different here, and save.
        </Notice>
      )}
      <div className="grid gap-4 sm:grid-cols-3">
        <PriceField {...fields} name="currency" label="Currency, three letters" />
        <PriceField {...fields} name="tax" label="Tax, %" inputMode="decimal" />
        <label className="flex min-h-12 items-center gap-3 self-end">
          <input
            type="checkbox"
            className="size-6 accent-accent"
            checked={draft.taxShown === 'yes'}
            onChange={({ target }) => fields.set('taxShown', target.checked ? 'yes' : '')}
          />
          Show totals with tax
        </label>
      </div>
      <section>
        <h2 className="mb-1 text-xl">Who does it</h2>
        <p className="mb-2 text-sm text-soft">
          Without tax. The call-out is paid once a visit; of the body shop it is the way there and back.
        </p>
        <ul>
          {tradeIds.map((trade) => (
            <li
              key={trade}
              className="grid grid-cols-2 items-end gap-3 border-b border-line py-2 sm:grid-cols-[1fr_9rem_9rem]"
            >
              <p className="font-bold max-sm:col-span-2 sm:pb-3">{tradeNames[trade]}</p>
              <PriceField
                {...fields}
                name={`${trade}.perHour`}
                label="An hour"
                inputMode="decimal"
                of={tradeNames[trade]}
              />
              <PriceField
                {...fields}
                name={`${trade}.callOut`}
                label="Call-out"
                inputMode="decimal"
                of={tradeNames[trade]}
              />
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2 className="mb-1 text-xl">What each cure takes</h2>
        <p className="mb-2 text-sm text-soft">
          Setting up once a car, then each spot or panel. Small up to 30 mm or a mirror, medium up to 100 mm
          or a door, large above. Materials in money.
        </p>
        {cures.map((cure) => (
          <Fold key={cure} title={cureName(cure, 'uk')}>
            <div className="grid grid-cols-2 gap-3 pb-4 sm:grid-cols-4">
              <SelectField
                id={`${cure}.trade`}
                label="Done by"
                value={draft[`${cure}.trade`]}
                onChange={({ target }) => fields.set(`${cure}.trade`, target.value)}
              >
                {tradeIds.map((trade) => (
                  <option key={trade} value={trade}>
                    {tradeNames[trade]}
                  </option>
                ))}
              </SelectField>
              <PriceField {...fields} name={`${cure}.setUp`} label="Setting up, min" inputMode="numeric" />
              <span className="hidden sm:col-span-2 sm:block" />
              {sizeClasses.map((size) => (
                <div key={size} className="col-span-2 grid grid-cols-2 gap-3 sm:col-span-4 sm:grid-cols-4">
                  <PriceField
                    {...fields}
                    name={`${cure}.${size}.minutes`}
                    label={`${size[0]?.toUpperCase()}${size.slice(1)}, min`}
                    inputMode="numeric"
                  />
                  <PriceField
                    {...fields}
                    name={`${cure}.${size}.materials`}
                    label="Materials"
                    inputMode="decimal"
                    of={size}
                  />
                </div>
              ))}
            </div>
          </Fold>
        ))}
        <div className="mt-3 grid gap-3 sm:grid-cols-3">
          <PriceField
            {...fields}
            name="polish.minutes"
            label="Polish of the whole car, min"
            inputMode="numeric"
          />
          <PriceField {...fields} name="polish.materials" label="Materials for that" inputMode="decimal" />
          <PriceField {...fields} name="wheelSet" label="Wheels as a set: less, %" inputMode="decimal" />
        </div>
      </section>
      <Field
        id="tyres"
        label="Tyres, fitted: a size and its price a line"
        hint="Like 205/55 R16: 82"
        {...(errors.tyres && { error: errors.tyres })}
      >
        <textarea
          id="tyres"
          rows={6}
          className={`${inputLook} py-2`}
          value={draft.tyres}
          aria-invalid={errors.tyres !== undefined}
          aria-describedby="tyres-says"
          onChange={({ target }) => fields.set('tyres', target.value)}
        />
      </Field>
      {wrong && <Notice look="warn">{wrong} Nothing was saved; what you typed is still here.</Notice>}
      {save.error && <Notice look="warn">{save.error.message}</Notice>}
      <Button type="submit" look="main" className="w-full sm:w-auto" disabled={save.isPending}>
        Save
      </Button>
      {save.isSuccess && <Notice>Saved. Plans reckon with these prices from now on.</Notice>}
    </form>
  );
}
