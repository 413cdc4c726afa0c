import { FileDown } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { TradePage as Page } from '#core/api';
import { longDay } from '#core/wording';
import { getJson, putFile, RefusedError, sendJson } from '../../api/client';
import { Button, buttonLook } from '../../components/Button';
import { SheetDays } from '../../sheet/SheetDays';
import type { SheetActions } from '../../sheet/sheetActions';
import { hashPhoto } from '../../sync/hashPhoto';

/** The jobs of a visiting trade, on its own phone. */
export function TradePage({ token }: { token: string }) {
  const path = `/api/trade/${encodeURIComponent(token)}`;
  const [page, setPage] = useState<Page>();
  const [error, setError] = useState<unknown>();
  const load = useCallback(() => {
    getJson<Page>(path).then((told) => {
      setPage(told);
      setError(undefined);
    }, setError);
  }, [path]);
  useEffect(() => {
    load();
    // Whoever comes back to it in the yard sees what was changed meanwhile.
    const onShown = () => document.visibilityState === 'visible' && load();
    document.addEventListener('visibilitychange', onShown);
    return () => document.removeEventListener('visibilitychange', onShown);
  }, [load]);
  const actions = useMemo(
    (): SheetActions => ({
      say: (task, said) => sendJson('PUT', `${path}/work`, { task, said }),
      sendPhoto: async (file) => {
        const sha256 = await hashPhoto(file);
        await putFile(`${path}/photos/${sha256}`, file);
        return sha256;
      },
      photoUrl: (sha256, width) => `${path}/photos/${sha256}/${width}`,
    }),
    [path],
  );
  useEffect(() => {
    if (page) document.title = `Jobs: ${page.sheet.crew.name}`;
  }, [page]);
  const problem = error instanceof RefusedError ? error.problem : undefined;
  if (!page || problem?.status === 410)
    return error ? (
      <main className="mx-auto max-w-md p-6">
        <h1 className="text-2xl">{problem?.title ?? 'The jobs cannot be shown'}</h1>
        <p className="my-3">
          {problem?.detail ?? 'The yard’s server does not answer at the moment. Find signal, and try again.'}
        </p>
        <Button onClick={load}>Try again</Button>
      </main>
    ) : (
      <p className="p-6">Opening the jobs…</p>
    );
  const { sheet, label, expiresAt } = page;
  return (
    <main className="mx-auto max-w-2xl px-4 pt-4 pb-16">
      <p className="text-soft">{sheet.yard}</p>
      <div className="flex flex-wrap items-start justify-between gap-2">
        <h1 className="text-3xl leading-tight">Jobs for {sheet.crew.name}</h1>
        <a className={buttonLook()} href={`${path}/sheet.pdf`}>
          <FileDown aria-hidden size={18} /> PDF
        </a>
      </div>
      <p className="text-sm text-soft">
        For {label}. This link opens until {longDay(expiresAt)}.
      </p>
      {error !== undefined && (
        <p role="alert" className="my-2 border-l-8 border-warn bg-warn-fill p-2">
          The yard’s server does not answer: what is shown may have changed.
        </p>
      )}
      {sheet.days.length === 0 && <p className="py-6 text-lg">Nothing is planned for you in these weeks.</p>}
      <SheetDays sheet={sheet} actions={actions} onSaid={load} />
    </main>
  );
}
