import { Field, inputLook } from '../../../components/Field';
import type { Draft } from './pricesDraft';

export interface PriceFields {
  draft: Draft;
  errors: Record<string, string>;
  set: (name: string, value: string) => void;
}

/** One figure of the prices. `of` tells a reader what it belongs to, where that stands beside it. */
export function PriceField({
  draft,
  errors,
  set,
  name,
  label,
  of,
  inputMode,
}: PriceFields & { name: string; label: string; of?: string; inputMode?: 'decimal' | 'numeric' }) {
  const error = errors[name];
  return (
    <Field id={name} label={label} {...(error && { error })}>
      <input
        id={name}
        className={`${inputLook} tabular-nums`}
        autoComplete="off"
        maxLength={12}
        value={draft[name] ?? ''}
        aria-invalid={error !== undefined}
        aria-describedby={`${name}-says`}
        {...(inputMode && { inputMode })}
        {...(of && { 'aria-label': `${of}: ${label}` })}
        onChange={({ target }) => set(name, target.value)}
      />
    </Field>
  );
}
