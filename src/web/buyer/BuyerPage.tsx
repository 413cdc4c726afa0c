import { FileArchive, FileDown } from 'lucide-react';
import { lazy, Suspense, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { SharedPage } from '#core/api';
import { shortDay } from '#core/wording';
import { RefusedError, UnreachableError } from '../api/answers';
import { Button } from '../components/Button';
import { MadeFile } from '../components/MadeFile';
import { Notice } from '../components/Notice';
import { useBackButton } from '../device/backCloses';
import { AskContext, type AskedAbout } from '../report/AskContext';
import type { PhotoUrl } from '../report/photoUrl';
import { ReachYard } from '../report/ReachYard';
import { ReportView } from '../report/ReportView';
import { useLive } from '../sync/useLive';
import { localMoment } from '../words/times';
import { AskedBar } from './AskedBar';
import { KeepHere } from './KeepHere';
import { type AskedNews, answersSince, askedNow } from './newsOf';
import { type ReadPage, readNews, readPage } from './readPage';
import { UnitsChoice } from './UnitsChoice';
import { useKept } from './useKept';
import { useReadersUnits } from './useReadersUnits';

const Passphrase = lazy(() => import('./Passphrase').then((file) => ({ default: file.Passphrase })));
const Choices = lazy(() => import('./Choices').then((file) => ({ default: file.Choices })));
const AskDialog = lazy(() => import('./AskDialog').then((file) => ({ default: file.AskDialog })));

type Load =
  | { status: 'loading'; revision?: number }
  | { status: 'open'; page: ReadPage }
  | { status: 'locked'; message: string }
  | { status: 'failed'; title: string; message: string };

/** What a share link opens: no sign-in, one report in its newest revision, older ones a tap away. */
export function BuyerPage({ token }: { token: string }) {
  const [load, setLoad] = useState<Load>({ status: 'loading' });
  const path = `/api/shared/${encodeURIComponent(token)}`;
  useEffect(() => {
    if (load.status !== 'loading') return;
    readPage(load.revision ? `${path}?revision=${load.revision}` : path)
      .then((page) => {
        document.title = page.report.title;
        setLoad({ status: 'open', page });
      })
      .catch((error: Error) => setLoad(failureOf(error)));
  }, [path, load]);

  useBackButton('report');
  const isShown = load.status !== 'loading';
  // In the same frame in which the page takes their place.
  useLayoutEffect(() => {
    if (isShown) document.getElementById('first')?.replaceChildren();
  }, [isShown]);

  switch (load.status) {
    case 'loading':
      return hasFirstWords() ? null : <p className="p-6">Opening the report…</p>;
    case 'locked':
      return (
        <Suspense fallback={<p className="p-6">Opening the report…</p>}>
          <Passphrase path={path} says={load.message} onOpen={() => setLoad({ status: 'loading' })} />
        </Suspense>
      );
    case 'failed':
      return (
        <main className="mx-auto max-w-md p-6">
          <h1 className="text-2xl">{load.title}</h1>
          <p className="my-3">{load.message}</p>
          <Button onClick={() => setLoad({ status: 'loading' })}>Try again</Button>
        </main>
      );
    case 'open':
      return (
        <Opened
          path={path}
          page={load.page}
          onRevision={(revision) => setLoad({ status: 'loading', revision })}
        />
      );
    default:
      return load satisfies never;
  }
}

/** The head of the report came with the page itself and stands until the page is ready. */
const hasFirstWords = () => (document.getElementById('first')?.childElementCount ?? 0) > 0;

interface OpenedProps {
  path: string;
  page: ReadPage;
  onRevision: (revision: number) => void;
}

function Opened({ path, page, onRevision }: OpenedProps) {
  const [questions, setQuestions] = useState(page.questions);
  const latest = useRef(questions);
  latest.current = questions;
  const [said, setSaid] = useState<AskedNews>();
  const [asked, setAsked] = useState<AskedAbout>();
  const [newest, setNewest] = useState(page.revisions.at(-1)?.revision ?? page.report.revision);
  useLive(`${path}/live`, () => {
    readNews(path)
      .then((news) => {
        const answered = answersSince(latest.current, news.questions);
        if (answered) setSaid(answered);
        setQuestions(news.questions);
        setNewest(news.newest);
      })
      // Out of signal: what is on the page stays, and the next try may get through.
      .catch(() => undefined);
  });
  useKept(path, page);
  const { keptAt, report, revisions, sent, sha256, changes, drawn, covered } = page;
  // Another drawing over a picture is another address: what was hidden since is never shown out of a cache.
  const photoUrl: PhotoUrl = (photo, width) => {
    const drawing = drawn[photo];
    return `${path}/photos/${photo}/${width}${drawing ? `?drawn=${drawing}` : ''}`;
  };
  const { shown, units, choose } = useReadersUnits(report);
  const offered = offersOf(report);
  const pdf = (paper: 'a4' | 'letter') => `?paper=${paper}&revision=${report.revision}`;
  return (
    <>
      {keptAt && (
        <Notice look="warn" className="m-4">
          No signal: this is the copy this phone kept on {localMoment(keptAt)}. The yard may have changed it
          since.
        </Notice>
      )}
      {report.revision < newest ? (
        <Notice look="warn" className="m-4">
          This is revision {report.revision}, kept as it was. The newest is revision {newest}.{' '}
          <Button className="mt-2" onClick={() => onRevision(newest)}>
            Open revision {newest}
          </Button>
        </Notice>
      ) : (
        sent < newest && (
          <Notice className="m-4">
            You were sent revision {sent}; the report has been revised since, and this is revision {newest}.
          </Notice>
        )
      )}
      <AskContext value={setAsked}>
        <ReportView
          report={shown}
          frozen={report}
          settings={<UnitsChoice units={units} onChange={choose} />}
          sha256={sha256}
          changes={changes}
          questions={questions}
          actions={<ReachYard report={report} />}
          offers={
            offered > 0 && (
              // Its room is kept, so that nothing below moves when it comes.
              <div style={{ minHeight: `${OFFERS_PX + offered * OFFER_PX}px` }}>
                <Suspense fallback={null}>
                  <Choices path={path} />
                </Suspense>
              </div>
            )
          }
          check="?arrival=1"
          files={{
            photoUrl,
            recordingUrl: (recording) => `${path}/recordings/${recording}`,
            logoUrl: (logo) => `${path}/logos/${logo}`,
            covered,
          }}
        />
      </AskContext>
      {said && <AskedBar news={said} onClose={() => setSaid(undefined)} />}
      {asked && (
        <Suspense fallback={null}>
          <AskDialog
            asked={asked}
            path={path}
            photoUrl={photoUrl}
            onClose={() => setAsked(undefined)}
            onAsked={(now) => {
              setSaid(askedNow(questions, now));
              setQuestions(now);
              setAsked(undefined);
            }}
          />
        </Suspense>
      )}
      <footer className="mx-auto flex print:hidden max-w-3xl flex-wrap gap-2 px-4 pb-10 xl:mr-0 xl:ml-[max(240px,calc(50%-24rem))] xl:max-w-136">
        <MadeFile href={`${path}/pdf${pdf('a4')}`} state={`${path}/pdf/state${pdf('a4')}`}>
          <FileDown aria-hidden size={20} /> PDF, A4
        </MadeFile>
        <MadeFile href={`${path}/pdf${pdf('letter')}`} state={`${path}/pdf/state${pdf('letter')}`}>
          <FileDown aria-hidden size={20} /> PDF, US Letter
        </MadeFile>
        <MadeFile
          href={`${path}/archive?revision=${report.revision}`}
          state={`${path}/pdf/state${pdf('a4')}`}
        >
          <FileArchive aria-hidden size={20} /> All of it to keep (ZIP)
        </MadeFile>
        <KeepHere report={report} photoUrl={photoUrl} />
        {revisions
          .filter(({ revision }) => revision !== report.revision)
          .map(({ revision, frozenAt }) => (
            <Button key={revision} onClick={() => onRevision(revision)}>
              Revision {revision}, {shortDay(frozenAt)}
            </Button>
          ))}
      </footer>
    </>
  );
}

/** About so high is what may be chosen, beside each offer. */
const [OFFERS_PX, OFFER_PX] = [90, 88];

/** How many things the report leaves to its reader. */
const offersOf = ({ findings, remedies = [] }: SharedPage['report']): number =>
  [...findings, ...remedies].filter(({ decision }) => decision?.startsWith('The buyer may choose')).length;

function failureOf(error: Error): Load {
  if (error instanceof RefusedError) {
    const { status, title, detail } = error.problem;
    return status === 401
      ? { status: 'locked', message: detail }
      : { status: 'failed', title, message: detail };
  }
  return {
    status: 'failed',
    title: 'The report cannot be opened',
    message:
      error instanceof UnreachableError
        ? 'The yard’s server does not answer at the moment. Try again in a while.'
        : error.message,
  };
}
