import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Eye, Snowflake, Undo2 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import type { WalkPage } from '#core/api';
import { carTitle } from '#core/car';
import type { IdentityTelling, ReportDocument } from '#core/report';
import { coverage, isStanding } from '#core/walk';
import { getJson, sendJson, UnreachableError } from '../../../api/client';
import { Button, buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { useTyped } from '../../../components/useTyped';
import { freezeWishes } from '../../../offline/freezeWishes';
import { useMe } from '../../../people/me';
import { WalkFrame } from '../../../shell/WalkFrame';
import { useOutbox, useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';
import { localMoment } from '../../../words/times';
import { Holes } from './Holes';
import { IdentityChoice } from './IdentityChoice';
import { useDelay } from './useDelay';

/** What the report will have to say was missed, then freezing it. */
export const FreezeScreen = () => (
  <WalkFrame title="Report">
    {(walk) => (
      <main className="min-h-0 flex-1 overflow-y-auto">
        <div className="mx-auto max-w-2xl space-y-6 p-4">
          <Freeze walk={walk} />
        </div>
      </main>
    )}
  </WalkFrame>
);

/** The walk, or the server, is out of reach: the report waits. */
class NoSignalError extends Error {}

/** So long what was tapped can be undone before it goes out. */
const UNDO_S = 10;

/** Without signal the server is asked for so often. */
const ASK_MS = 4000;

function Freeze({ walk }: { walk: OpenWalk }) {
  const { page, state, style } = walk;
  const cover = coverage(state, style);
  const standing = state.findings.filter((finding) => isStanding(finding)).length;
  const navigate = useNavigate();
  const client = useQueryClient();
  const me = useMe();
  const sessions = useSessions();
  const { waiting, refusedEntries, stalled } = useOutbox();
  const {
    value: identity,
    setValue: setIdentity,
    drop: dropIdentity,
  } = useTyped<IdentityTelling>(`identity.${page.walk}`, 'last-six');
  const server = useQuery({
    queryKey: ['walk-reports', page.walk],
    queryFn: () => getJson<WalkPage>(`/api/walks/${page.walk}`),
    // While somebody waits for signal it is asked for again and again.
    refetchInterval: (query) => (query.state.status === 'error' ? ASK_MS : false),
  });
  const freeze = useMutation({
    mutationFn: async () => {
      await sessions.outbox.flush();
      if (sessions.outbox.snapshot().waiting > 0)
        throw new NoSignalError('Some of the walk is still on this device and has not reached the server.');
      return sendJson<ReportDocument>('POST', `/api/walks/${page.walk}/reports`, {
        id: newId(),
        identity,
      }).catch((error) => {
        throw error instanceof UnreachableError ? new NoSignalError(error.message) : error;
      });
    },
    onError: (error) => {
      if (error instanceof NoSignalError)
        freezeWishes.add({ walk: page.walk, stockNumber: page.car.stockNumber });
    },
    onSuccess: async (report) => {
      freezeWishes.drop(page.walk);
      dropIdentity();
      await client.invalidateQueries();
      navigate(`/reports/${report.id}`);
    },
  });
  const signing = useDelay(UNDO_S, () => freeze.mutate());
  const isWished = freezeWishes.all().some(({ walk }) => walk === page.walk);
  // The reports of the walk come from the server itself: that they were told after the try means that it is there again.
  const isBack = waiting === 0 && !stalled && server.isSuccess && server.dataUpdatedAt > freeze.submittedAt;
  return (
    <>
      <div>
        <h1 className="text-2xl">{carTitle(page.car)}</h1>
        <p className="text-soft tabular-nums">
          {cover.looked} of {cover.total} parts looked at · {standing} findings · {state.photos.length} photos
        </p>
      </div>
      {page.damaged !== undefined && (
        <Notice look="warn">
          {page.damaged === 1 ? 'One entry of this walk has' : `${page.damaged} entries of this walk have`}{' '}
          gone bad on the server’s disk and cannot be read: the report would be without what it said. Look
          through the walk before you sign it.
        </Notice>
      )}
      <Holes walk={walk} />
      {refusedEntries.length > 0 && (
        <Notice look="warn">
          The server refused {refusedEntries.length} entries; they will not be in the report. See the cloud
          sign on the walk.
        </Notice>
      )}
      {freeze.error && !isWished && <Notice look="warn">{freeze.error.message}</Notice>}
      {isWished && (
        <Notice look={isBack ? 'info' : 'warn'}>
          {isBack
            ? 'There is signal, and everything of this walk is with the server: the report can be frozen now.'
            : 'No signal: a report is frozen by the server. The walk is kept on this device. Freeze it when there is signal; the stock list reminds you of it.'}
        </Notice>
      )}
      <IdentityChoice car={page.car} value={identity} onChange={setIdentity} />
      <div className="space-y-2">
        <Link to={`/walks/${page.walk}/preview?identity=${identity}`} className={`${buttonLook()} w-full`}>
          <Eye aria-hidden size={20} /> See it as the buyer will
        </Link>
        {signing.left === undefined ? (
          <Button
            look="main"
            className="min-h-16 w-full text-lg"
            disabled={freeze.isPending}
            onClick={signing.begin}
          >
            <Snowflake aria-hidden size={22} />{' '}
            {freeze.isPending ? 'Freezing…' : 'Freeze and sign the report'}
          </Button>
        ) : (
          <div role="status" className="rounded-md border-4 border-tape p-3">
            <p className="text-lg font-bold tabular-nums">
              Signed in {signing.left} s. Nothing is signed yet.
            </p>
            <div className="mt-2 grid grid-cols-2 gap-2">
              <Button className="min-h-16" onClick={signing.undo}>
                <Undo2 aria-hidden size={22} /> Undo
              </Button>
              <Button look="main" className="min-h-16" onClick={signing.atOnce}>
                Sign at once
              </Button>
            </div>
          </div>
        )}
        <p className="text-sm text-soft">
          {me.name} signs it;{' '}
          <Link to="/me" className="underline">
            somebody else takes over here
          </Link>
          . A frozen report never changes; walking on and freezing again makes the next revision.
          {waiting > 0 && ` ${waiting} things are sent first.`}
        </p>
      </div>
      {server.data && server.data.reports.length > 0 && (
        <section>
          <h2 className="mb-1 text-xl">Frozen before</h2>
          <ul className="border-t border-ink">
            {server.data.reports.toReversed().map((report) => (
              <li
                key={report.id}
                className="flex items-center justify-between gap-2 border-b border-line py-2"
              >
                <span>
                  Revision {report.revision}
                  <span className="block text-sm text-soft">{localMoment(report.frozenAt)}</span>
                </span>
                <Link to={`/reports/${report.id}`} className={buttonLook()}>
                  Open
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
