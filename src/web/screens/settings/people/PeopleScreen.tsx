import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { AccountsPage, NewAddress } from '#core/api';
import { mayAppoint, type Role, roleNames } from '#core/people';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { EraseForGood } from '../../../components/EraseForGood';
import { Notice } from '../../../components/Notice';
import { useMe } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { localDay } from '../../../words/times';
import { OneTimeAddress } from '../me/OneTimeAddress';
import { Invite } from './Invite';
import { RoleSelect } from './RoleSelect';

const KEY = ['accounts'];

/** Who belongs to the yard, what they are here to do, and who was asked in. */
export function PeopleScreen() {
  const client = useQueryClient();
  const page = useQuery({ queryKey: KEY, queryFn: () => getJson<AccountsPage>('/api/accounts') });
  const keep = { onSuccess: (now: AccountsPage) => client.setQueryData(KEY, now) };
  const change = useMutation({
    mutationFn: ({ person, ...body }: { person: string; role?: Role; isEnded?: boolean }) =>
      sendJson<AccountsPage>('PUT', `/api/accounts/${person}`, body),
    ...keep,
  });
  const withdraw = useMutation({
    mutationFn: (id: string) => sendJson<AccountsPage>('DELETE', `/api/invitations/${id}`, {}),
    ...keep,
  });
  const error = page.error ?? change.error ?? withdraw.error;
  const { accounts = [], invitations = [], others = [] } = page.data ?? {};
  return (
    <>
      <Bar title="People of the yard" back={{ to: '/me', label: 'Back to you and this device' }} />
      <main className="mx-auto max-w-2xl space-y-6 p-4">
        {error && <Notice look="warn">{error.message}</Notice>}
        <ul aria-label="Who signs in" className="space-y-2">
          {accounts.map((account) => (
            <AccountRow key={account.person} account={account} onChange={(body) => change.mutate(body)} />
          ))}
        </ul>
        <section aria-label="Ask somebody in" className="space-y-3">
          <h2 className="text-xl">Ask somebody in</h2>
          <Invite others={others} onMade={() => void page.refetch()} />
        </section>
        {invitations.length > 0 && (
          <section aria-label="Asked in, not here yet" className="space-y-2">
            <h2 className="text-xl">Asked in, not here yet</h2>
            <ul className="space-y-2">
              {invitations.map(({ id, name, role, expiresAt }) => (
                <li
                  key={id}
                  className="flex flex-wrap items-center gap-2 rounded-md border border-line bg-sheet p-3"
                >
                  <span className="min-w-0 flex-1">
                    <span className="font-bold">{name}</span>, for “{roleNames[role].name}”, until{' '}
                    {localDay(expiresAt)}
                  </span>
                  <Button onClick={() => withdraw.mutate(id)}>Take it back</Button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
    </>
  );
}

interface AccountRowProps {
  account: AccountsPage['accounts'][number];
  onChange: (body: { person: string; role?: Role; isEnded?: boolean }) => void;
}

function AccountRow({ account, onChange }: AccountRowProps) {
  const me = useMe();
  const { person, name, role, endedAt } = account;
  const [isAsking, setAsking] = useState(false);
  const forgot = useMutation({
    mutationFn: () => sendJson<NewAddress>('POST', `/api/accounts/${person}/password`, {}),
  });
  const isMine = mayAppoint(me.role, role);
  return (
    <li className="space-y-2 rounded-md border border-line bg-sheet p-3">
      <div className="flex flex-wrap items-center gap-2">
        <span className={`min-w-0 flex-1 text-lg font-bold ${endedAt ? 'text-soft line-through' : ''}`}>
          {name}
        </span>
        {endedAt && <span>ended {localDay(endedAt)}</span>}
        {!endedAt && isMine && (
          <RoleSelect
            aria-label={`What ${name} is here to do`}
            className="max-w-40"
            value={role}
            onRole={(wanted) => onChange({ person, role: wanted })}
          />
        )}
      </div>
      <p className="text-sm text-soft">
        {roleNames[role].name}: {roleNames[role].does}.
      </p>
      {isMine && person !== me.person && (
        <div className="flex flex-wrap gap-2">
          {endedAt ? (
            <>
              <Button onClick={() => onChange({ person, isEnded: false })}>Let {name} in again</Button>
              <EraseForGood title="Erase their data" path={`/api/accounts/${person}/erasing`}>
                {name}’s password, passkeys, devices and routes go, and their walks say “a former colleague”
                instead of the name. Reports they signed go on naming them, as they were signed; so does “Who
                did what” where it was written. Backups hold the rest until they are thinned out.
              </EraseForGood>
            </>
          ) : (
            <>
              <Button onClick={() => forgot.mutate()}>New password</Button>
              <Button onClick={() => setAsking(!isAsking)} aria-expanded={isAsking}>
                End the account
              </Button>
            </>
          )}
        </div>
      )}
      {isAsking && !endedAt && (
        <div className="flex flex-wrap items-center gap-2">
          <span>
            {name} is signed out everywhere at once. What they wrote and signed stays under their name.
          </span>
          <Button
            look="warn"
            onClick={() => {
              setAsking(false);
              onChange({ person, isEnded: true });
            }}
          >
            End it
          </Button>
        </div>
      )}
      {forgot.error && <Notice look="warn">{forgot.error.message}</Notice>}
      {forgot.data && (
        <>
          <p>{name} opens this and sets a new password. It signs out wherever the old one was used.</p>
          <OneTimeAddress address={forgot.data} />
        </>
      )}
    </li>
  );
}
