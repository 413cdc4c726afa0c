import { type FormEvent, useState } from 'react';
import { passwordProblem } from '#core/people';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { useMe } from '../../../people/me';
import { useEntering } from './useEntering';

/** Another password; every other device is signed out by it. */
export function OwnPassword() {
  const { name } = useMe();
  const change = useEntering('/api/me/password', 'PUT');
  const [password, setPassword] = useState('');
  const [fresh, setFresh] = useState('');
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const found = passwordProblem(fresh, name, () => false);
    setProblem(found);
    if (found) return;
    change.mutate(
      { password, fresh },
      {
        onSuccess: () => {
          setPassword('');
          setFresh('');
        },
      },
    );
  };
  const error = problem ?? change.error?.message;
  return (
    <form onSubmit={submit} className="space-y-3">
      {change.isSuccess && (
        <Notice>The password is changed. Every other device was signed out, and PINs are gone.</Notice>
      )}
      <TextField
        id="password"
        label="So far"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={(event) => setPassword(event.target.value)}
      />
      <Field
        id="fresh"
        label="From now on"
        hint="Three or four words that nobody would guess."
        {...(error && { error })}
      >
        <input
          id="fresh"
          type="password"
          className={inputLook}
          autoComplete="new-password"
          aria-describedby="fresh-says"
          aria-invalid={error !== undefined}
          value={fresh}
          onChange={(event) => {
            setFresh(event.target.value);
            setProblem(undefined);
            change.reset();
          }}
        />
      </Field>
      <Button type="submit" disabled={!password || !fresh || change.isPending}>
        Change it
      </Button>
    </form>
  );
}
