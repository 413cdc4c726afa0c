import { FileDown } from 'lucide-react';
import { useEffect, useState } from 'react';
import { type ReportDocument, reportDocumentSchema } from '#core/report';
import { getJson, RefusedError } from '../api/client';
import { Button, buttonLook } from '../components/Button';
import { ReportView } from '../report/ReportView';

type Load =
  | { status: 'loading' }
  | { status: 'open'; report: ReportDocument }
  | { status: 'failed'; title: string; message: string };

/** What a share link opens: no sign-in, one report. */
export function BuyerPage({ token }: { token: string }) {
  const [load, setLoad] = useState<Load>({ status: 'loading' });
  const path = `/api/shared/${encodeURIComponent(token)}`;
  useEffect(() => {
    if (load.status !== 'loading') return;
    getJson(path, reportDocumentSchema)
      .then((report) => {
        document.title = report.title;
        setLoad({ status: 'open', report });
      })
      .catch((error: Error) => setLoad({ status: 'failed', ...failureOf(error) }));
  }, [path, load.status]);

  switch (load.status) {
    case 'loading':
      return <p className="p-6">Opening the report…</p>;
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
        <>
          <ReportView
            report={load.report}
            files={{
              photoUrl: (sha256, width) => `${path}/photos/${sha256}/${width}`,
              recordingUrl: (sha256) => `${path}/recordings/${sha256}`,
            }}
          />
          <footer className="mx-auto flex max-w-3xl flex-wrap gap-2 px-4 pb-10">
            <a className={buttonLook()} href={`${path}/pdf?paper=a4`} download>
              <FileDown aria-hidden size={20} /> PDF, A4
            </a>
            <a className={buttonLook()} href={`${path}/pdf?paper=letter`} download>
              <FileDown aria-hidden size={20} /> PDF, US Letter
            </a>
          </footer>
        </>
      );
    default:
      return load satisfies never;
  }
}

function failureOf(error: Error): { title: string; message: string } {
  if (error instanceof RefusedError) return { title: error.problem.title, message: error.problem.detail };
  return {
    title: 'The report cannot be opened',
    message: 'The yard’s server does not answer at the moment. Try again in a while.',
  };
}
