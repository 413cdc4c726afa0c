import { useState } from 'react';
import { Field, inputLook } from '../../../components/Field';

/** The day a car is collected on: the board has it ready by then, like a promise. */
export function CollectOn({
  value,
  onChange,
}: {
  value: string | undefined;
  onChange: (day: string | undefined) => void;
}) {
  const [error, setError] = useState<string>();
  return (
    <Field id="collect-on" label="Collected on, if that is agreed" {...(error && { error })}>
      <input
        id="collect-on"
        type="date"
        className={inputLook}
        aria-invalid={error !== undefined}
        aria-describedby="collect-on-says"
        defaultValue={value ?? ''}
        onChange={({ target }) => {
          const isPast = target.value !== '' && target.value < new Date().toISOString().slice(0, 10);
          setError(isPast ? 'That day has passed. Choose today or a later one.' : undefined);
          if (!isPast) onChange(target.value || undefined);
        }}
      />
    </Field>
  );
}
