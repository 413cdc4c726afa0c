import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { AccountsPage, NewAddress } from '#core/api';
import { type Role, roleNames } from '#core/people';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { OneTimeAddress } from '../me/OneTimeAddress';
import { RoleSelect } from './RoleSelect';

interface InviteProps {
  /** Names that stand on entries of people who do not sign in. */
  others: AccountsPage['others'];
  onMade: () => void;
}

/** A name and what they are here to do; then an address to send on or to scan. */
export function Invite({ others, onMade }: InviteProps) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('walk');
  const make = useMutation({
    mutationFn: () => {
      const known = others.find((other) => other.name.toLowerCase() === name.trim().toLowerCase());
      const body = { name: name.trim(), role, ...(known && { person: known.person }) };
      return sendJson<NewAddress>('POST', '/api/invitations', body);
    },
    onSuccess: onMade,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    make.mutate();
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <Field
        id="invited"
        label="Name, as it signs reports"
        {...(make.error && { error: make.error.message })}
        {...(others.length > 0 && {
          hint: `Names on earlier walks: ${others.map((other) => other.name).join(', ')}.`,
        })}
      >
        <input
          id="invited"
          className={inputLook}
          autoComplete="off"
          maxLength={60}
          aria-describedby="invited-says"
          value={name}
          onChange={(event) => {
            setName(event.target.value);
            make.reset();
          }}
        />
      </Field>
      <Field id="role" label="Here to" hint={`${roleNames[role].name}: ${roleNames[role].does}.`}>
        <RoleSelect id="role" aria-describedby="role-says" value={role} onRole={setRole} />
      </Field>
      <Button type="submit" look="main" disabled={!name.trim() || make.isPending}>
        Ask them in
      </Button>
      {make.data && (
        <>
          <p>Send this to {name.trim()}, or let them scan it. They choose a password of their own.</p>
          <OneTimeAddress key={make.data.id} address={make.data} />
        </>
      )}
    </form>
  );
}
