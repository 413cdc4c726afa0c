import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import type { AccountsPage } from '#core/api';
import { sendJson } from '../../api/client';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';

/** Says what stays of somebody, and erases the rest. */
export function ErasePerson({ person, name }: { person: string; name: string }) {
  const client = useQueryClient();
  const erase = useMutation({
    mutationFn: () => sendJson<AccountsPage>('POST', `/api/accounts/${person}/erasing`, {}),
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <div className="space-y-2">
      <p>
        {name}’s password, passkeys, devices and routes are erased, and their walks say “a former colleague”
        instead of the name. It cannot be undone. Reports they signed go on naming them, as they were signed;
        so does “Who did what” where it was written. Backups hold the rest until they are thinned out.
      </p>
      {erase.error && <Notice look="warn">{erase.error.message}</Notice>}
      <Button look="warn" disabled={erase.isPending} onClick={() => erase.mutate()}>
        <Trash2 aria-hidden size={20} /> Erase it for good
      </Button>
    </div>
  );
}
