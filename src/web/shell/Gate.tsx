import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useSyncExternalStore } from 'react';
import type { Me } from '#core/api';
import { onSignedOut } from '../api/answers';
import { Button } from '../components/Button';
import { Notice } from '../components/Notice';
import { MeContext, whoIsHere } from '../people/me';
import { presence } from '../people/presence';

/** Lets in whoever is signed in; whoever was here last is, until the server says otherwise. */
export function Gate({ children, signIn }: { children: ReactNode; signIn: (here: Me) => ReactNode }) {
  const me = useSyncExternalStore(whoIsHere.subscribe, whoIsHere.get);
  const client = useQueryClient();
  const now = useQuery(presence);
  useEffect(
    () =>
      onSignedOut(() => {
        whoIsHere.set(undefined);
        void client.invalidateQueries({ queryKey: presence.queryKey });
      }),
    [client],
  );
  if (me) return <MeContext value={me}>{children}</MeContext>;
  if (now.data) return signIn(now.data);
  if (!now.error) return null;
  return (
    <main className="mx-auto max-w-md space-y-3 p-4">
      <h1 className="text-2xl">Zelk</h1>
      <Notice look="warn">
        The yard’s server cannot be reached, and nobody signed in on this device yet.
      </Notice>
      <Button onClick={() => void now.refetch()}>Try again</Button>
    </main>
  );
}
