import { type Car, type CarDetails, checkedCarDetailsSchema, extrasFor } from '#core/car';

/** The form's fields as typed; the year is text until it is read. */
export type CarFormValues = Omit<CarDetails, 'year'> & { year: string };

export const emptyForm: CarFormValues = {
  stockNumber: '',
  bodyStyle: 'hatch-5',
  extras: [],
  make: '',
  model: '',
  variant: '',
  year: '',
  colour: '',
  paintTone: 'mid',
  fuel: 'petrol',
  plate: '',
  engine: '',
  gearbox: '',
  driven: 'not-said',
  trim: '',
  specialPaint: '',
  tint: '',
  standsAt: '',
  arrivedOn: '',
  country: 'GB',
  steering: 'right',
  identityNumber: '',
  identityAsRead: false,
};

export function formOf(car: Car): CarFormValues {
  const { id: _id, createdAt: _created, updatedAt: _updated, ...details } = car;
  return { ...details, year: String(car.year) };
}

/** What is wrong, by field. */
export type FormErrors = Partial<Record<keyof CarFormValues, string>>;

/** The same without what these fields were told. */
export const withoutKeys = (errors: FormErrors, keys: readonly string[]): FormErrors =>
  Object.fromEntries(Object.entries(errors).filter(([key]) => !keys.includes(key)));

export type FormReading =
  | { ok: true; details: CarDetails }
  | { ok: false; errors: { field: keyof CarFormValues; message: string }[] };

/** From the form to a car's details, or what to change in which field. */
export function readForm(values: CarFormValues): FormReading {
  const year = /^\d{4}$/.test(values.year.trim()) ? Number(values.year) : Number.NaN;
  // What another body style could have had is not the car's.
  const possible = extrasFor(values.bodyStyle);
  const extras = values.extras.filter((id) => possible.includes(id));
  const parsed = checkedCarDetailsSchema.safeParse({ ...values, extras, year });
  if (parsed.success) return { ok: true, details: parsed.data };
  const errors = parsed.error.issues.map((issue) => ({
    field: issue.path[0] as keyof CarFormValues,
    message:
      issue.path[0] === 'year' && Number.isNaN(year)
        ? 'Type the year as four figures, like 2018.'
        : issue.message,
  }));
  return { ok: false, errors };
}
