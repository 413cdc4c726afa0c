import type { ComponentProps } from 'react';
import { Field, inputLook } from './Field';

type Labelled<Kind extends 'input' | 'select'> = ComponentProps<Kind> &
  Omit<ComponentProps<typeof Field>, 'children'>;

/** One line to type in, under its label. */
export const TextField = ({ id, label, hint, error, ...input }: Labelled<'input'>) => (
  <Field id={id} label={label} hint={hint} error={error}>
    <input id={id} className={inputLook} {...input} />
  </Field>
);

/** One of several, under its label. */
export const SelectField = ({ id, label, hint, error, ...select }: Labelled<'select'>) => (
  <Field id={id} label={label} hint={hint} error={error}>
    <select id={id} className={inputLook} {...select} />
  </Field>
);
