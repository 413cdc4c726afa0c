import { type FormEvent, useState } from 'react';
import type { Unlocked } from '#core/api';
import { sendJson } from '../api/client';
import { Button } from '../components/Button';
import { TextField } from '../components/fields';

/** A link that asks for its passphrase first. */
export function Passphrase({ path, says, onOpen }: { path: string; says: string; onOpen: () => void }) {
  const [passphrase, setPassphrase] = useState('');
  const [error, setError] = useState<string>();
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (passphrase === '') {
      setError('Type the passphrase.');
      return;
    }
    try {
      await sendJson<Unlocked>('POST', `${path}/unlock`, { passphrase });
      onOpen();
    } catch (failure) {
      setError((failure as Error).message);
    }
  };
  return (
    <main className="mx-auto max-w-md p-6">
      <h1 className="text-2xl">This report asks for a passphrase</h1>
      <p className="my-3">{says}</p>
      <form onSubmit={submit} className="space-y-3">
        <TextField
          id="passphrase"
          label="Passphrase"
          error={error}
          type="password"
          autoComplete="off"
          value={passphrase}
          aria-invalid={error !== undefined}
          aria-describedby="passphrase-says"
          onChange={(event) => {
            setPassphrase(event.target.value);
            setError(undefined);
          }}
        />
        <Button type="submit" look="main" className="w-full">
          Open the report
        </Button>
      </form>
    </main>
  );
}
