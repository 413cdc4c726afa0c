import { useMutation, useQueryClient } from '@tanstack/react-query';
import { PackageOpen } from 'lucide-react';
import type { YardTakenIn } from '#core/api';
import { sendFile } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';

/** Takes in all of a yard that another Zelk gave out. */
export function ImportYard() {
  const client = useQueryClient();
  const yard = useMutation({
    mutationFn: (file: File) => sendFile<YardTakenIn>('/api/imports/yard', file, 'application/zip'),
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <section aria-labelledby="whole-yard" className="space-y-3 border-t border-ink pt-5">
      <h2 id="whole-yard" className="text-xl">
        A whole yard
      </h2>
      <p>
        The ZIP that “Take everything out” saved on another Zelk. What is here already stays as it is; broken
        off, it is simply chosen again.
      </p>
      <label className={`${buttonLook()} cursor-pointer`}>
        <PackageOpen aria-hidden size={20} /> Choose a yard’s ZIP
        <input
          className="sr-only"
          type="file"
          accept=".zip,application/zip"
          disabled={yard.isPending}
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) yard.mutate(file);
          }}
        />
      </label>
      {yard.isPending && (
        <p role="status">Taking it in: this takes a while for many photos. Leave the page open.</p>
      )}
      {yard.error && <Notice look="warn">{yard.error.message}</Notice>}
      {yard.data && <Result {...yard.data} />}
    </section>
  );
}

function Result({ cars, walks, photos, recordings, refused }: YardTakenIn) {
  const isNothing = cars + walks + photos + recordings === 0;
  return (
    <>
      <Notice>
        {isNothing
          ? 'Everything in it was here already; nothing was added.'
          : `Taken in: ${[
              [cars, 'car'] as const,
              [walks, 'walk'] as const,
              [photos, 'photo'] as const,
              [recordings, 'recording'] as const,
            ]
              .filter(([n]) => n > 0)
              .map(([n, what]) => `${n.toLocaleString('en-GB')} ${what}${n === 1 ? '' : 's'}`)
              .join(', ')}.`}
      </Notice>
      {refused.length > 0 && (
        <Notice look="warn">
          <p className="font-bold">Not taken:</p>
          <ul className="max-h-60 overflow-y-auto">
            {refused.map(({ file, why }) => (
              <li key={file}>
                {file}: {why}
              </li>
            ))}
          </ul>
        </Notice>
      )}
    </>
  );
}
