import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import {
  bodyStyleIds,
  bodyStyleNames,
  type Car,
  type CarDetails,
  type Country,
  countries,
  countryCodes,
  countryOf,
  drivens,
  extraOf,
  extrasFor,
  fuelName,
  fuels,
  paintTones,
} from '#core/car';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { SelectField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { RestoredNote } from '../../../components/RestoredNote';
import { useTyped } from '../../../components/useTyped';
import { useSessions } from '../../../sync/SyncContext';
import {
  type CarFormValues,
  emptyForm,
  type FormErrors,
  formOf,
  readForm,
  withoutKeys,
} from './carFormValues';
import { IdentityField } from './IdentityField';
import { TintField } from './TintField';

const names: Partial<Record<keyof CarFormValues, string>> = {
  stockNumber: 'Stock number',
  make: 'Make',
  model: 'Model',
  variant: 'Version',
  year: 'Year of first use',
  colour: 'Colour',
  plate: 'Number plate',
  engine: 'Engine',
  gearbox: 'Gearbox',
  trim: 'Trim grade',
  specialPaint: 'Special paint',
  standsAt: 'Where it stands in the yard',
  arrivedOn: 'Came to the yard on',
};

const americanNames: typeof names = { colour: 'Color', plate: 'License plate' };

/** So long the server is waited for; a car it does not answer for is kept here, and sent later. */
const PATIENCE_MS = 5000;

export function CarForm({ car }: { car?: Car }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const { outbox } = useSessions();
  const begun = car ? formOf(car) : emptyForm;
  const { value: values, setValue: setValues, isRestored, drop } = useTyped(`car.${car?.id ?? 'new'}`, begun);
  const [errors, setErrors] = useState<FormErrors>({});
  const { country } = values;
  const vocabulary = countryOf(country).vocabulary;

  const save = useMutation({
    mutationFn: async (details: CarDetails): Promise<string> => {
      const waiting = car && outbox.car(car.id);
      if (car && !waiting) return (await sendJson<Car>('PUT', `/api/cars/${car.id}`, details)).id;
      const id = car?.id ?? newId();
      const addedAt = waiting?.addedAt ?? new Date().toISOString();
      const how = await outbox.addCar({ id, details, addedAt }, PATIENCE_MS);
      if (typeof how === 'string') return id;
      // What was refused at once is still in the form: there is nothing to keep besides.
      if (!waiting) await outbox.setAside([id]);
      throw new Error(how.refusal);
    },
    onSuccess: async (id) => {
      drop();
      // Not waited for: without signal it would take long to fail.
      void client.invalidateQueries();
      navigate(`/cars/${id}`, { replace: true });
    },
  });
  const change = (changes: Partial<CarFormValues>) => {
    setValues((before) => ({ ...before, ...changes }));
    // What is being mended is no longer wrong.
    setErrors((before) => withoutKeys(before, Object.keys(changes)));
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const reading = readForm(values);
    if (reading.ok) {
      save.mutate(reading.details);
      return;
    }
    setErrors(Object.fromEntries(reading.errors.map(({ field, message }) => [field, message])));
    document.getElementById(reading.errors[0]?.field ?? '')?.focus();
  };

  const label = (field: keyof CarFormValues) =>
    (vocabulary === 'us' ? americanNames[field] : undefined) ?? names[field] ?? field;
  const text = (field: keyof typeof names & keyof CarFormValues, more: Record<string, unknown> = {}) => (
    <Field id={field} label={label(field)} error={errors[field]}>
      <input
        id={field}
        className={inputLook}
        autoComplete="off"
        aria-invalid={errors[field] !== undefined}
        aria-describedby={`${field}-says`}
        value={String(values[field])}
        onChange={(event) => change({ [field]: event.target.value })}
        {...more}
      />
    </Field>
  );
  const select = (
    field: 'bodyStyle' | 'paintTone' | 'fuel' | 'steering' | 'driven',
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <SelectField
      id={field}
      label={label}
      value={values[field]}
      onChange={(event) => change({ [field]: event.target.value })}
    >
      {options.map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
    </SelectField>
  );
  const same = (list: readonly string[]) => list.map((value) => [value, value] as const);

  return (
    <form onSubmit={submit} noValidate className="space-y-6">
      {isRestored && (
        <RestoredNote
          onAnew={() => {
            setValues(begun);
            drop();
          }}
        />
      )}
      <fieldset className="grid gap-4 sm:grid-cols-3">
        <legend className="mb-2 text-lg font-bold">The car</legend>
        {text('stockNumber')}
        {text('make')}
        {text('model')}
        {text('variant')}
        {text('year', { inputMode: 'numeric', maxLength: 4 })}
        {select(
          'bodyStyle',
          'Body style',
          bodyStyleIds.map((id) => [id, bodyStyleNames[id][vocabulary]] as const),
        )}
        {text('colour')}
        {select('paintTone', 'Paint tone', same(paintTones))}
        {select(
          'fuel',
          'Fuel',
          fuels.map((fuel) => [fuel, fuelName(fuel, vocabulary)] as const),
        )}
        {text('engine')}
        {text('gearbox')}
        {select(
          'driven',
          'Driven wheels',
          drivens.map((value) => [value, value.replace('-', ' ')] as const),
        )}
        {text('trim')}
        {text('specialPaint')}
        <TintField value={values.tint} onChange={(tint) => change({ tint })} />
        {text('standsAt')}
        {text('arrivedOn', { type: 'date' })}
      </fieldset>
      <fieldset className="grid gap-4 sm:grid-cols-3">
        <legend className="mb-2 text-lg font-bold">Where it is used</legend>
        <SelectField
          id="country"
          label="Country"
          hint="Decides the words and the side names."
          value={country}
          onChange={(event) => {
            const chosen = event.target.value as Country;
            change({
              country: chosen,
              steering: countries[chosen].drivesOn === 'left' ? 'right' : 'left',
            });
          }}
        >
          {countryCodes.map((code) => (
            <option key={code} value={code}>
              {countryOf(code).name}
            </option>
          ))}
        </SelectField>
        {select('steering', 'Steering wheel', [
          ['left', 'on the left'],
          ['right', 'on the right'],
        ])}
        {text('plate')}
      </fieldset>
      <fieldset>
        <legend className="mb-2 text-lg font-bold">What else it has</legend>
        <div className="grid gap-x-4 sm:grid-cols-3">
          {extrasFor(values.bodyStyle).map((id) => (
            <label key={id} className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="size-6 accent-accent"
                checked={values.extras.includes(id)}
                onChange={(event) =>
                  change({
                    extras: event.target.checked
                      ? [...values.extras, id]
                      : values.extras.filter((each) => each !== id),
                  })
                }
              />
              {extraOf(id)[vocabulary]}
            </label>
          ))}
        </div>
      </fieldset>
      <IdentityField values={values} error={errors.identityNumber} onChange={change} />
      {save.error && <Notice look="warn">{save.error.message}</Notice>}
      <Button type="submit" look="main" disabled={save.isPending} className="min-w-40">
        {car ? 'Save changes' : 'Add the car'}
      </Button>
    </form>
  );
}
