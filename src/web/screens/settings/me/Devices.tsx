import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { DeviceList } from '#core/api';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { localMoment } from '../../../words/times';

const KEY = ['devices'];

/** Phones and computers somebody is signed in on; a lost one is signed out from any other. */
export function Devices() {
  const client = useQueryClient();
  const list = useQuery({ queryKey: KEY, queryFn: () => getJson<DeviceList>('/api/devices') });
  const keep = { onSuccess: (now: DeviceList) => client.setQueryData(KEY, now) };
  const end = useMutation({
    mutationFn: (id: string) => sendJson<DeviceList>('DELETE', `/api/devices/${id}`, {}),
    ...keep,
  });
  const rename = useMutation({
    mutationFn: ({ id, name }: { id: string; name: string }) =>
      sendJson<DeviceList>('PUT', `/api/devices/${id}`, { name }),
    ...keep,
  });
  const [asking, setAsking] = useState<string>();
  const error = list.error ?? end.error ?? rename.error;
  return (
    <>
      {error && <Notice look="warn">{error.message}</Notice>}
      <ul className="space-y-2">
        {list.data?.devices.map(({ id, name, seenAt, isThis, people }) => (
          <li key={id} className="space-y-2 rounded-md border border-line bg-sheet p-3">
            <div className="flex flex-wrap items-center gap-2">
              <input
                aria-label={`What ${name} is called`}
                className={`${inputLook} min-w-40 flex-1`}
                defaultValue={name}
                maxLength={60}
                onBlur={(event) => {
                  const wanted = event.target.value.trim();
                  if (wanted && wanted !== name) rename.mutate({ id, name: wanted });
                }}
              />
              {isThis ? (
                <span className="px-2 font-bold">This one</span>
              ) : (
                <Button onClick={() => setAsking(id)} disabled={asking === id}>
                  Sign it out
                </Button>
              )}
            </div>
            <p className="text-sm text-soft">
              {people.join(', ')} · last here {localMoment(seenAt)}
            </p>
            {asking === id && (
              <div className="flex flex-wrap items-center gap-2">
                <span>Everybody on it must sign in anew. What waits there unsent stays on it.</span>
                <Button
                  look="warn"
                  onClick={() => {
                    end.mutate(id);
                    setAsking(undefined);
                  }}
                >
                  Sign out {name}
                </Button>
                <Button onClick={() => setAsking(undefined)}>Leave it</Button>
              </div>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
