import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import {
  bodyStyleIds,
  bodyStyleNames,
  type Car,
  type CarDetails,
  type Country,
  carSchema,
  countries,
  countryCodes,
  countryOf,
  extraOf,
  extrasFor,
  fuels,
  paintTones,
} from '#core/car';
import { sendJson } from '../../api/client';
import { Button } from '../../components/Button';
import { Field, inputLook } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { type CarFormValues, emptyForm, formOf, readForm } from './carFormValues';
import { IdentityField } from './IdentityField';

const names: Partial<Record<keyof CarFormValues, string>> = {
  stockNumber: 'Stock number',
  make: 'Make',
  model: 'Model',
  variant: 'Version',
  year: 'Year of first use',
  colour: 'Colour',
  plate: 'Number plate',
};

const americanNames: typeof names = { colour: 'Color', plate: 'License plate' };

export function CarForm({ car }: { car?: Car }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const form = useForm<CarFormValues>({ defaultValues: car ? formOf(car) : emptyForm });
  const { register, watch, setValue, setError, formState } = form;
  const country = watch('country');
  const vocabulary = countryOf(country).vocabulary;

  const save = useMutation({
    mutationFn: (details: CarDetails) =>
      car
        ? sendJson('PUT', `/api/cars/${car.id}`, details, carSchema)
        : sendJson('POST', '/api/cars', { id: newId(), details }, carSchema),
    onSuccess: async (saved) => {
      await client.invalidateQueries();
      navigate(`/cars/${saved.id}`, { replace: true });
    },
  });
  const submit = form.handleSubmit((values) => {
    const reading = readForm(values);
    if (reading.ok) save.mutate(reading.details);
    else
      for (const [i, { field, message }] of reading.errors.entries())
        setError(field, { message }, { shouldFocus: i === 0 });
  });

  const label = (field: keyof CarFormValues) =>
    (vocabulary === 'us' ? americanNames[field] : undefined) ?? names[field] ?? field;
  const text = (field: keyof typeof names & keyof CarFormValues, more: Record<string, unknown> = {}) => (
    <Field id={field} label={label(field)} error={formState.errors[field]?.message}>
      <input
        id={field}
        className={inputLook}
        autoComplete="off"
        aria-invalid={formState.errors[field] !== undefined}
        aria-describedby={`${field}-says`}
        {...register(field)}
        {...more}
      />
    </Field>
  );
  const select = (
    field: 'bodyStyle' | 'paintTone' | 'fuel' | 'steering',
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <Field id={field} label={label}>
      <select id={field} className={inputLook} {...register(field)}>
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    </Field>
  );
  const same = (list: readonly string[]) => list.map((value) => [value, value] as const);

  return (
    <form onSubmit={submit} noValidate className="space-y-6">
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
        {select('fuel', 'Fuel', same(fuels))}
      </fieldset>
      <fieldset className="grid gap-4 sm:grid-cols-3">
        <legend className="mb-2 text-lg font-bold">Where it is used</legend>
        <Field id="country" label="Country" hint="Decides the words and the side names.">
          <select
            id="country"
            className={inputLook}
            {...register('country', {
              onChange: (event) =>
                setValue(
                  'steering',
                  countries[event.target.value as Country].drivesOn === 'left' ? 'right' : 'left',
                ),
            })}
          >
            {countryCodes.map((code) => (
              <option key={code} value={code}>
                {countryOf(code).name}
              </option>
            ))}
          </select>
        </Field>
        {select('steering', 'Steering wheel', [
          ['left', 'on the left'],
          ['right', 'on the right'],
        ])}
        {text('plate')}
      </fieldset>
      <fieldset>
        <legend className="mb-2 text-lg font-bold">What else it has</legend>
        <div className="grid gap-x-4 sm:grid-cols-3">
          {extrasFor(watch('bodyStyle')).map((id) => (
            <label key={id} className="flex min-h-12 items-center gap-3">
              <input type="checkbox" value={id} className="size-6 accent-accent" {...register('extras')} />
              {extraOf(id)[vocabulary]}
            </label>
          ))}
        </div>
      </fieldset>
      <IdentityField form={form} country={country} />
      {save.error && <Notice look="warn">{save.error.message}</Notice>}
      <Button type="submit" look="main" disabled={save.isPending} className="min-w-40">
        {car ? 'Save changes' : 'Add the car'}
      </Button>
    </form>
  );
}
