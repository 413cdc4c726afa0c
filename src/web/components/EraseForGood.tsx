import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { sendJson } from '../api/client';
import { Button } from './Button';
import { Notice } from './Notice';

/** Says what goes and what stays once it is asked, and erases with the second tap. */
export function EraseForGood({
  title,
  path,
  children,
}: {
  title: string;
  path: string;
  children: ReactNode;
}) {
  const client = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  const erase = useMutation({
    mutationFn: () => sendJson<unknown>('POST', path, {}),
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <div className="space-y-2">
      <Button onClick={() => setAsking(!isAsking)} aria-expanded={isAsking}>
        {title}
      </Button>
      {isAsking && (
        <>
          <p>{children}</p>
          {erase.error && <Notice look="warn">{erase.error.message}</Notice>}
          <Button look="warn" disabled={erase.isPending} onClick={() => erase.mutate()}>
            <Trash2 aria-hidden size={20} /> Erase it for good
          </Button>
        </>
      )}
    </div>
  );
}
