import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { reportPageSchema } from '#core/api';
import { getJson } from '../../api/client';
import { Notice } from '../../components/Notice';
import type { ReportFiles } from '../../report/photoUrl';
import { ReportView } from '../../report/ReportView';
import { Bar } from '../../shell/Bar';
import { Sharing } from './Sharing';

const staffFiles: ReportFiles = {
  photoUrl: (sha256, width) => `/api/photos/${sha256}/${width}`,
  recordingUrl: (sha256) => `/api/recordings/${sha256}`,
};

/** A frozen report at the yard: how to hand it over, then the report as the buyer will see it. */
export function ReportScreen() {
  const { id = '' } = useParams();
  const page = useQuery({
    queryKey: ['report', id],
    queryFn: () => getJson(`/api/reports/${id}`, reportPageSchema),
  });
  const report = page.data?.report;
  return (
    <>
      <Bar
        title={report ? `Report, revision ${report.revision}` : 'Report'}
        back={{ to: report ? `/walks/${report.walk}/report` : '/', label: 'Back' }}
      />
      {page.error && (
        <main className="p-4">
          <Notice look="warn">{page.error.message}</Notice>
        </main>
      )}
      {page.data && report && (
        <>
          <Sharing report={report.id} shares={page.data.shares} />
          <ReportView report={report} sha256={page.data.sha256} changes={undefined} files={staffFiles} />
        </>
      )}
    </>
  );
}
