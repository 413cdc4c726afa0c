import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import { type CrewSet, crewSchema } from '#core/schedule';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { RestoredNote } from '../../../components/RestoredNote';
import { useTyped } from '../../../components/useTyped';
import { MemberFields } from './MemberFields';

/** Everybody who does jobs with their days and hours, and the days on which nobody works. */
export function CrewForm({ crew }: { crew: CrewSet }) {
  const client = useQueryClient();
  const { value: draft, setValue, isRestored, drop } = useTyped<CrewSet>('crew', crew);
  const [closed, setClosed] = useState(draft.closed.join(', '));
  const [error, setError] = useState<string>();
  const save = useMutation({
    mutationFn: (wanted: CrewSet) => sendJson<CrewSet>('PUT', '/api/crew', wanted),
    onSuccess: () => {
      drop();
      return client.invalidateQueries({ queryKey: ['board'] });
    },
  });
  const change = (members: CrewSet['members']) => {
    setValue({ ...draft, members });
    setError(undefined);
    save.reset();
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const days = closed.split(/[\s,;]+/).filter(Boolean);
    const parsed = crewSchema.safeParse({ ...draft, closed: days });
    if (parsed.success) {
      setError(undefined);
      save.mutate(parsed.data);
      return;
    }
    const [issue] = parsed.error.issues;
    const [list, at] = issue?.path ?? [];
    const of =
      list === 'members' && typeof at === 'number'
        ? draft.members[at]?.name || 'One without a name'
        : undefined;
    setError(
      list === 'closed'
        ? 'Write the days on which nobody works like 2026-12-25, with commas between.'
        : `${of ? `${of}: ` : ''}${issue?.message ?? 'This cannot be kept.'}`,
    );
  };
  return (
    <form noValidate onSubmit={submit} className="space-y-4">
      {isRestored && (
        <RestoredNote
          onAnew={() => {
            setValue(crew);
            setClosed(crew.closed.join(', '));
            drop();
          }}
        />
      )}
      <ul>
        {draft.members.map((member, i) => (
          <li key={member.id} className="border-t border-ink py-4">
            <MemberFields
              member={member}
              onChange={(next) => change(draft.members.map((each, n) => (n === i ? next : each)))}
              onRemove={() => change(draft.members.filter((_, n) => n !== i))}
            />
          </li>
        ))}
      </ul>
      <Button
        onClick={() =>
          change([
            ...draft.members,
            {
              id: newId(),
              name: '',
              trades: ['own-hands'],
              weekdays: [0, 1, 2, 3, 4],
              minutes: 420,
              is: 'own',
            },
          ])
        }
      >
        <Plus aria-hidden size={20} /> Add somebody
      </Button>
      <TextField
        id="closed"
        label="Days on which nobody works"
        hint="Like 2026-12-25, 2026-12-26"
        autoComplete="off"
        value={closed}
        aria-describedby="closed-says"
        onChange={({ target }) => {
          setClosed(target.value);
          setError(undefined);
        }}
      />
      {error && <Notice look="warn">{error} Nothing was saved; what you typed is still here.</Notice>}
      {save.error && <Notice look="warn">{save.error.message}</Notice>}
      <Button type="submit" look="main" className="w-full sm:w-auto" disabled={save.isPending}>
        Save
      </Button>
      {save.isSuccess && <Notice>Saved. The board goes by it.</Notice>}
    </form>
  );
}
