import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Save } from 'lucide-react';
import type { BackupsPage } from '#core/api';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { localMoment } from '../../../words/times';

const KEY = ['yard-backups'];
/** While one is being made it is asked so often whether it is done. */
const ASK_MS = 2000;

/** Whether the yard could be brought back if its machine were gone: the last backup, and those before. */
export function BackupsSection() {
  const client = useQueryClient();
  const backups = useQuery({
    queryKey: KEY,
    queryFn: () => getJson<BackupsPage>('/api/yard/backups'),
    refetchInterval: (query) => (query.state.data?.isRunning ? ASK_MS : false),
  });
  const begin = useMutation({
    mutationFn: () => sendJson<BackupsPage>('POST', '/api/yard/backups', {}),
    onSuccess: (now) => client.setQueryData(KEY, now),
  });
  const { data } = backups;
  return (
    <section aria-labelledby="backups" className="mt-10 space-y-3 border-t border-ink pt-6">
      <h2 id="backups" className="text-xl">
        Backups
      </h2>
      {backups.error && <Notice look="warn">{backups.error.message}</Notice>}
      {begin.error && <Notice look="warn">{begin.error.message}</Notice>}
      {data && !data.isSetUp && (
        <Notice look="warn">
          This server makes no backups by itself: if its disk fails, the yard is gone. Whoever runs it sets
          ZELK_BACKUPS to a folder on another disk.
        </Notice>
      )}
      {data?.isSetUp && (
        <>
          <Standing {...data} />
          <Button onClick={() => begin.mutate()} disabled={data.isRunning || begin.isPending}>
            <Save aria-hidden size={20} /> {data.isRunning ? 'Being made…' : 'Make one now'}
          </Button>
        </>
      )}
    </section>
  );
}

function Standing({ dir, everyHours = 24, made, isLate, problem, free, away }: BackupsPage) {
  const [last] = made;
  return (
    <>
      {problem && <Notice look="warn">The last try was not finished, or not whole: {problem}</Notice>}
      {isLate && !problem && (
        <Notice look="warn">
          {last ? 'The last backup is older than it should be.' : 'There is no backup yet.'} One is due every{' '}
          {hours(everyHours)}.
        </Notice>
      )}
      {last && (
        <p>
          The last one is of <strong>{localMoment(last.at)}</strong>: {last.files.toLocaleString('en-GB')}{' '}
          files, {megabytes(last.bytes)}. One is made every {hours(everyHours)}.
          {free !== undefined && ` ${(free / 1e9).toFixed(1)} GB of room are left there.`}
        </p>
      )}
      <p className="text-soft">
        Kept in {dir}: one of each of the last seven days, four weeks and twelve months. Files that did not
        change are stored once. bin/restore brings one back, on this machine or another.
      </p>
      {away?.problem && (
        <Notice look="warn">
          It could not be copied to the other machine: {away.problem} The backup here is whole.
        </Notice>
      )}
      {away?.last && <p>A copy of the one of {localMoment(away.last)} is on another machine.</p>}
      {away && away.livesThere > 0 && (
        <p>
          {away.livesThere.toLocaleString('en-GB')} files of older photos and recordings lie there alone. They
          open as the others do, while that machine answers.
        </p>
      )}
      {made.length > 1 && (
        <details>
          <summary className="min-h-12 cursor-pointer py-3 font-bold">All {made.length}</summary>
          <ul>
            {made.map(({ at, files, bytes }) => (
              <li key={at} className="border-b border-line py-2 tabular-nums">
                {localMoment(at)} · {files.toLocaleString('en-GB')} files · {megabytes(bytes)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

const megabytes = (bytes: number): string =>
  bytes < 1e9 ? `${(bytes / 1e6).toFixed(1)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
const hours = (every: number): string => (every === 24 ? 'day' : every === 1 ? 'hour' : `${every} hours`);
