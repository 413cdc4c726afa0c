import { type FormEvent, useState } from 'react';
import { PIN_DIGITS } from '#core/people';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';

interface PinEntryProps {
  label: string;
  button: string;
  error?: string | undefined;
  isPending: boolean;
  onPin: (pin: string) => void;
}

/** Six digits, covered. It is sent when the last one is typed. */
export function PinEntry({ label, button, error, isPending, onPin }: PinEntryProps) {
  const [pin, setPin] = useState('');
  const send = (whole: string) => {
    onPin(whole);
    setPin('');
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    send(pin);
  };
  return (
    <form onSubmit={submit} className="flex items-start gap-2">
      <div className="w-40">
        <Field id="pin" label={label} {...(error && { error })}>
          <input
            id="pin"
            // biome-ignore lint/a11y/noAutofocus: it was opened to type the PIN.
            autoFocus
            type="password"
            inputMode="numeric"
            autoComplete="off"
            maxLength={PIN_DIGITS}
            aria-describedby="pin-says"
            aria-invalid={error !== undefined}
            className={`${inputLook} text-2xl tracking-[0.3em]`}
            value={pin}
            onChange={(event) => {
              const digits = event.target.value.replace(/\D/g, '');
              if (digits.length === PIN_DIGITS) send(digits);
              else setPin(digits);
            }}
          />
        </Field>
      </div>
      <Button type="submit" className="mt-6" disabled={isPending || pin === ''}>
        {button}
      </Button>
    </form>
  );
}
