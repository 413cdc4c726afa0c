import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { KeyRound } from 'lucide-react';
import type { Passkeys } from '#core/api';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { deviceName } from '../../../device/deviceName';
import { localDay } from '../../../words/times';
import { makePasskey, passkeyProblem, whyNoPasskey } from './passkeys';

const KEY = ['passkeys'];

/** A finger or a face instead of the password. */
export function OwnPasskeys() {
  const client = useQueryClient();
  const list = useQuery({ queryKey: KEY, queryFn: () => getJson<Passkeys>('/api/me/passkeys') });
  const keep = { onSuccess: (now: Passkeys) => client.setQueryData(KEY, now) };
  const add = useMutation({
    mutationFn: async () =>
      sendJson<Passkeys>('POST', '/api/me/passkeys', { answer: await makePasskey(), name: deviceName() }),
    ...keep,
  });
  const remove = useMutation({
    mutationFn: (id: string) =>
      sendJson<Passkeys>('DELETE', `/api/me/passkeys/${encodeURIComponent(id)}`, {}),
    ...keep,
  });
  const why = whyNoPasskey();
  const error = list.error?.message ?? (add.error ? passkeyProblem(add.error) : remove.error?.message);
  return (
    <div className="space-y-2">
      <p>A finger, a face or the phone’s own lock instead of the password.</p>
      {error && <Notice look="warn">{error}</Notice>}
      <ul className="space-y-2">
        {list.data?.passkeys.map(({ id, name, createdAt, usedAt }) => (
          <li
            key={id}
            className="flex flex-wrap items-center gap-2 rounded-md border border-line bg-sheet p-3"
          >
            <span className="min-w-0 flex-1">
              <span className="font-bold">{name}</span>, made {localDay(createdAt)}
              {usedAt ? `, last used ${localDay(usedAt)}` : ', not used yet'}
            </span>
            <Button onClick={() => remove.mutate(id)}>Take it off</Button>
          </li>
        ))}
      </ul>
      {why ? (
        <p className="text-soft">{why}</p>
      ) : (
        <Button onClick={() => add.mutate()} disabled={add.isPending}>
          <KeyRound aria-hidden size={20} /> Add a passkey
        </Button>
      )}
    </div>
  );
}
