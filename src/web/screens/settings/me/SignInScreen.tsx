import { KeyRound } from 'lucide-react';
import { type FormEvent, useEffect, useState } from 'react';
import type { Me } from '#core/api';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { deviceName } from '../../../device/deviceName';
import { useOutbox } from '../../../sync/SyncContext';
import { askForPasskey, passkeyProblem, whyNoPasskey } from './passkeys';
import { TakeOver } from './TakeOver';
import { useEntering } from './useEntering';

/** Nobody is signed in here: by a PIN where one was set, or by name and password. */
export function SignInScreen({ here }: { here: Me }) {
  const { waiting } = useOutbox();
  const withPin = here.here.filter(({ hasPin }) => hasPin);
  useEffect(() => {
    document.title = 'Sign in · Zelk';
  }, []);
  return (
    <main className="mx-auto max-w-md space-y-5 p-4">
      <p>
        <span className="inline-block -rotate-3 bg-tape px-2 text-2xl font-bold tracking-tight">Zelk</span>
      </p>
      <h1 className="text-2xl">Sign in</h1>
      {waiting > 0 && (
        <Notice>
          {waiting} {waiting === 1 ? 'thing waits' : 'things wait'} on this device to be sent, and{' '}
          {waiting === 1 ? 'goes' : 'go'} out once somebody who was here is signed in.
        </Notice>
      )}
      {here.isNew ? (
        <Notice>
          Nobody belongs to this yard yet. Open the address that Zelk’s server printed when it started:
          whoever opens it first is the owner.
        </Notice>
      ) : (
        <>
          {withPin.length > 0 && (
            <section aria-label="On this device before" className="space-y-2">
              <h2 className="text-lg">On this device before</h2>
              <TakeOver people={withPin} />
            </section>
          )}
          <ByPassword />
          {whyNoPasskey() === undefined && <ByPasskey />}
          <p className="text-soft">
            Forgot it? A manager of the yard sends you an address for a new one. On the machine Zelk runs on,{' '}
            <code className="whitespace-nowrap">bin/enter --new-password NAME</code> prints one.
          </p>
        </>
      )}
    </main>
  );
}

function ByPasskey() {
  const enter = useEntering('/api/sign-in/passkey');
  const [problem, setProblem] = useState<string>();
  const ask = () => {
    setProblem(undefined);
    askForPasskey().then(
      (answer) => enter.mutate({ answer, device: deviceName() }),
      (error) => setProblem(passkeyProblem(error)),
    );
  };
  const error = problem ?? enter.error?.message;
  return (
    <div className="space-y-2">
      <Button className="w-full" onClick={ask} disabled={enter.isPending}>
        <KeyRound aria-hidden size={20} /> Use a passkey
      </Button>
      {error && <Notice look="warn">{error}</Notice>}
    </div>
  );
}

function ByPassword() {
  const enter = useEntering('/api/sign-in');
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    enter.mutate({ name, password, device: deviceName() });
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <TextField
        id="name"
        label="Name"
        autoComplete="username"
        autoCapitalize="words"
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Field id="password" label="Password" {...(enter.error && { error: enter.error.message })}>
        <input
          id="password"
          type="password"
          className={inputLook}
          autoComplete="current-password"
          aria-describedby="password-says"
          aria-invalid={enter.error !== null}
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
      </Field>
      <Button
        type="submit"
        look="main"
        className="w-full"
        disabled={!name.trim() || !password || enter.isPending}
      >
        Sign in
      </Button>
    </form>
  );
}
