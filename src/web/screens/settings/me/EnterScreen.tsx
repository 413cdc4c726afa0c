import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import type { OneTimePage } from '#core/api';
import { passwordProblem, roleNames } from '#core/people';
import { sendJson } from '../../../api/client';
import { Button, buttonLook } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { deviceName } from '../../../device/deviceName';
import { useEntering } from './useEntering';

/** What stands behind the # never leaves the browser by itself; it is taken out of the address, so that it stays in no history. */
function takeToken(): string {
  const token = location.hash.slice(1);
  if (token) history.replaceState(history.state, '', location.pathname);
  return token;
}

/** An address that opens once: for the first owner, for somebody invited, or for one more device. */
export function EnterScreen() {
  const [token] = useState(takeToken);
  const address = useQuery({
    queryKey: ['one-time', token],
    queryFn: () => sendJson<OneTimePage>('POST', '/api/one-time', { token }),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    document.title = 'Come in · Zelk';
  }, []);
  return (
    <main className="mx-auto max-w-md space-y-4 p-4">
      <p>
        <span className="inline-block -rotate-3 bg-tape px-2 text-2xl font-bold tracking-tight">Zelk</span>
      </p>
      {address.isPending && <p>Looking at the address…</p>}
      {address.error && (
        <>
          <h1 className="text-2xl">This address opens nothing</h1>
          <Notice look="warn">{address.error.message}</Notice>
          <Link to="/" className={buttonLook('main')}>
            Sign in
          </Link>
        </>
      )}
      {address.data?.opens === 'enter' && <EnterAs token={token} name={address.data.name ?? ''} />}
      {address.data && address.data.opens !== 'enter' && <NewHere token={token} address={address.data} />}
    </main>
  );
}

/** Brought by another device: nothing is left to be said. */
function EnterAs({ token, name }: { token: string; name: string }) {
  const enter = useEntering('/api/enter');
  const navigate = useNavigate();
  const hasAsked = useRef(false);
  const { mutate } = enter;
  useEffect(() => {
    if (hasAsked.current) return;
    hasAsked.current = true;
    mutate({ token, device: deviceName() }, { onSuccess: () => navigate('/', { replace: true }) });
  }, [mutate, token, navigate]);
  return (
    <>
      <h1 className="text-2xl">Signing in as {name}</h1>
      {enter.error && <Notice look="warn">{enter.error.message}</Notice>}
    </>
  );
}

/** Nobody before: a name, where it is not known, and a password. */
function NewHere({ token, address }: { token: string; address: OneTimePage }) {
  const isFirst = address.opens === 'first';
  const enter = useEntering(isFirst ? '/api/first' : '/api/join');
  const navigate = useNavigate();
  const [name, setName] = useState(address.name ?? '');
  const [password, setPassword] = useState('');
  const [isShown, setShown] = useState(false);
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    // What everybody tries first is known to the server alone.
    const found = passwordProblem(password, name, () => false);
    setProblem(found);
    if (found) return;
    const device = deviceName();
    const body = isFirst ? { token, id: newId(), name, password, device } : { token, password, device };
    enter.mutate(body, { onSuccess: () => navigate('/', { replace: true }) });
  };
  const error = problem ?? enter.error?.message;
  return (
    <form onSubmit={submit} className="space-y-4">
      <h1 className="text-2xl">{isFirst ? 'You are the first here' : `Welcome, ${address.name}`}</h1>
      <p>
        {isFirst
          ? 'You will own this yard: you invite the others, and decide who does what.'
          : `${address.yard} asked you in, for “${roleNames[address.role ?? 'walk'].name}”: ${roleNames[address.role ?? 'walk'].does}.`}
      </p>
      {isFirst && (
        <TextField
          id="name"
          label="Your name, as it signs reports"
          autoComplete="name"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      )}
      <Field
        id="password"
        label="A password of your own"
        hint="Three or four words that nobody would guess."
        {...(error && { error })}
      >
        <input
          id="password"
          type={isShown ? 'text' : 'password'}
          className={inputLook}
          autoComplete="new-password"
          aria-describedby="password-says"
          aria-invalid={error !== undefined}
          value={password}
          onChange={(event) => {
            setPassword(event.target.value);
            setProblem(undefined);
            enter.reset();
          }}
        />
      </Field>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="size-6"
          checked={isShown}
          onChange={(event) => setShown(event.target.checked)}
        />
        Show what I type
      </label>
      <Button
        type="submit"
        look="main"
        className="w-full"
        disabled={!name.trim() || !password || enter.isPending}
      >
        Come in
      </Button>
    </form>
  );
}
