import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { ReportPage } from '#core/api';
import { isOpen } from '#core/questions';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';
import type { ReportFiles } from '../../../report/photoUrl';
import { ReportView } from '../../../report/ReportView';
import { Bar } from '../../../shell/Bar';
import { useChecks } from '../checks/useChecks';
import { useQuestions } from '../questions/useQuestions';
import { useWalkNews } from '../questions/useWalkNews';
import { Sharing } from './Sharing';

const staffFiles: ReportFiles = {
  photoUrl: (sha256, width) => `/api/photos/${sha256}/${width}`,
  recordingUrl: (sha256) => `/api/recordings/${sha256}`,
  logoUrl: (sha256) => `/api/logos/${sha256}`,
};

/** A frozen report at the yard: how to hand it over, then the report as the buyer will see it. */
export function ReportScreen() {
  const { id = '' } = useParams();
  const page = useQuery({
    queryKey: ['report', id],
    queryFn: () => getJson<ReportPage>(`/api/reports/${id}`),
  });
  const report = page.data?.report;
  const questions = useQuestions(report?.walk);
  useWalkNews(report?.walk);
  const open = (questions.data?.questions ?? []).filter(isOpen).length;
  return (
    <>
      <Bar
        title={report ? `Report, revision ${report.revision}` : 'Report'}
        {...(report && { pageTitle: `Report, revision ${report.revision} · ${report.car.stockNumber}` })}
        back={{ to: report ? `/walks/${report.walk}/report` : '/', label: 'Back' }}
      />
      {page.error && (
        <main className="p-4">
          <Notice look="warn">{page.error.message}</Notice>
        </main>
      )}
      {page.data && report && (
        <>
          <AskedNote walk={page.data.report.walk} open={open} />
          <CheckedNote walk={report.walk} />
          <Sharing report={report.id} shares={page.data.shares} />
          <ReportView
            report={report}
            sha256={page.data.sha256}
            changes={undefined}
            questions={questions.data?.questions ?? []}
            files={{ ...staffFiles, covered: page.data.covered }}
          />
        </>
      )}
    </>
  );
}

/** What came of holding the car against it. */
function CheckedNote({ walk }: { walk: string }) {
  const checks = useChecks(walk).data?.checks ?? [];
  if (checks.length === 0) return null;
  const different = checks.filter(({ check }) =>
    check.parts.some(({ verdict }) => verdict === 'different'),
  ).length;
  return (
    <Notice className="mx-4 my-3 md:mx-auto md:w-[44rem]">
      {checks.length === 1 ? 'One signed check has' : `${checks.length} signed checks have`} come
      {different > 0 && `, ${different} with something new or different`}.{' '}
      <Link to={`/walks/${walk}/checks`} className="font-bold underline underline-offset-4">
        Collection and arrival
      </Link>
    </Notice>
  );
}

function AskedNote({ walk, open }: { walk: string; open: number }) {
  if (open === 0) return null;
  return (
    <Notice className="mx-4 my-3 md:mx-auto md:w-[44rem]">
      {open === 1 ? 'One question waits' : `${open} questions wait`} for an answer.{' '}
      <Link to={`/walks/${walk}/questions`} className="font-bold underline underline-offset-4">
        Second looks, in walk order
      </Link>
    </Notice>
  );
}
