import { useInfiniteQuery } from '@tanstack/react-query';
import type { AuditPage } from '#core/api';
import { auditWords } from '#core/people';
import { getJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { localMoment } from '../../../words/times';

/** Who did what beyond the logs of walks. Nothing on it can be changed or taken out. */
export function AuditScreen() {
  const list = useInfiniteQuery({
    queryKey: ['audit'],
    queryFn: ({ pageParam }) => getJson<AuditPage>(`/api/audit${pageParam ? `?before=${pageParam}` : ''}`),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  });
  const rows = list.data?.pages.flatMap((page) => page.rows) ?? [];
  return (
    <>
      <Bar title="Who did what" back={{ to: '/me', label: 'Back to you and this device' }} />
      <main className="mx-auto max-w-3xl space-y-4 p-4">
        {list.error && <Notice look="warn">{list.error.message}</Notice>}
        <p className="text-soft">
          The newest first. Rows are added and stay; what was said on walks is in their own logs.
        </p>
        <ol className="divide-y divide-line border-y border-line">
          {rows.map(({ id, at, name, device, what, about }) => (
            <li key={id} className="py-2 sm:flex sm:gap-4">
              <span className="block shrink-0 text-sm text-soft tabular-nums sm:w-44 sm:text-base">
                {localMoment(at)}
              </span>
              <span className="min-w-0">
                <span className="font-bold">{name ?? 'Somebody'}</span> {auditWords[what]}
                {about && <>: {about}</>}
                {device && <span className="text-soft"> · {device}</span>}
              </span>
            </li>
          ))}
        </ol>
        {list.hasNextPage && (
          <Button onClick={() => void list.fetchNextPage()} disabled={list.isFetchingNextPage}>
            Show more
          </Button>
        )}
      </main>
    </>
  );
}
