import { useEffect } from 'react';
import { occasionWords } from '#core/arrival';
import { RefusedError } from '../../api/client';
import { Button } from '../../components/Button';
import { Passphrase } from '../Passphrase';
import { ArrivalForm } from './ArrivalForm';
import { keepPageOffline } from './keepPageOffline';
import { SentCheck } from './SentCheck';
import { SigningOff } from './SigningOff';
import { useDraft } from './useDraft';

/** The car held against its report, part by part, by whoever fetches or receives it. Works on without signal once it was opened. */
export function ArrivalPage({ token }: { token: string }) {
  const link = `/api/shared/${encodeURIComponent(token)}`;
  const load = useDraft(link);
  const isOpen = load.status === 'open';
  useEffect(() => {
    if (isOpen) void keepPageOffline();
  }, [isOpen]);
  switch (load.status) {
    case 'loading':
      return <p className="p-6">Opening the check…</p>;
    case 'failed': {
      const problem = load.error instanceof RefusedError ? load.error.problem : undefined;
      if (problem?.status === 401)
        return <Passphrase path={link} says={problem.detail} onOpen={() => location.reload()} />;
      return (
        <main className="mx-auto max-w-md p-6">
          <h1 className="text-2xl">{problem?.title ?? 'The check cannot be opened'}</h1>
          <p className="my-3">
            {problem?.detail ??
              'The yard’s server does not answer at the moment. Find signal, and try again.'}
          </p>
          <Button onClick={() => location.reload()}>Try again</Button>
        </main>
      );
    }
    case 'open': {
      const { draft } = load;
      return (
        <main className="mx-auto max-w-2xl px-4 pt-4 pb-16">
          <p className="text-soft">{draft.report.yard.name}</p>
          <h1 className="text-3xl leading-tight">{occasionWords[draft.occasion].name}</h1>
          <p className="text-lg">
            {draft.report.title}, {draft.report.car.stockNumber}
          </p>
          {draft.sent ? (
            <SentCheck sent={draft.sent} link={link} onAgain={load.again} />
          ) : draft.signedAt ? (
            <SigningOff {...load} />
          ) : (
            <ArrivalForm {...load} />
          )}
        </main>
      );
    }
    default:
      return load satisfies never;
  }
}
