import { type FormEvent, type ReactNode, useState } from 'react';
import { Button } from './Button';
import { Field, inputLook } from './Field';

interface TypedReadingProps {
  id: string;
  label: string;
  hint: ReactNode;
  inputMode?: 'text' | 'numeric';
  /** Takes what was typed, or says what to change; then the text stays. */
  onText: (text: string) => string | undefined;
}

/** A figure typed in one line and read by Enter or by its button. */
export function TypedReading({ id, label, hint, inputMode = 'text', onText }: TypedReadingProps) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const problem = onText(text);
    setError(problem);
    if (problem === undefined) setText('');
  };
  return (
    <form onSubmit={submit}>
      <Field id={id} label={label} hint={hint} {...(error !== undefined && { error })}>
        <div className="flex gap-2">
          <input
            id={id}
            className={inputLook}
            inputMode={inputMode}
            enterKeyHint="done"
            autoComplete="off"
            value={text}
            aria-invalid={error !== undefined}
            aria-describedby={`${id}-says`}
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" look="tape">
            Save
          </Button>
        </div>
      </Field>
    </form>
  );
}
