import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Preview } from '#core/api';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';
import { AskContext } from '../../../report/AskContext';
import type { ReportFiles } from '../../../report/photoUrl';
import { ReachYard } from '../../../report/ReachYard';
import { ReportView } from '../../../report/ReportView';
import { Bar } from '../../../shell/Bar';

/** The report exactly as its readers will see it, before it is frozen. */
export function PreviewScreen() {
  const { id = '' } = useParams();
  const [wanted] = useSearchParams();
  const identity = wanted.get('identity') ?? 'last-six';
  const [isAsked, setAsked] = useState(false);
  const page = useQuery({
    queryKey: ['preview', id, identity],
    queryFn: () => getJson<Preview>(`/api/walks/${id}/preview?identity=${encodeURIComponent(identity)}`),
    // The walk goes on: what was said since is in it.
    gcTime: 0,
  });
  const { data } = page;
  const files: ReportFiles = {
    photoUrl: (sha256, width) =>
      `/api/walks/${id}/preview/photos/${sha256}/${width}?drawn=${data?.drawn[sha256] ?? ''}`,
    recordingUrl: (sha256) => `/api/recordings/${sha256}`,
    logoUrl: (sha256) => `/api/logos/${sha256}`,
    ...(data && { covered: data.covered }),
  };
  return (
    <>
      <Bar
        title="Preview, not signed"
        {...(data && { pageTitle: `Preview · ${data.report.car.stockNumber}` })}
        back={{ to: `/walks/${id}/report`, label: 'Back' }}
      />
      {page.error && (
        <main className="p-4">
          <Notice look="warn">{page.error.message}</Notice>
        </main>
      )}
      {isAsked && (
        <Notice className="m-4">Here readers ask the yard; their questions come to “Second looks”.</Notice>
      )}
      {data && (
        <AskContext value={() => setAsked(true)}>
          <ReportView
            report={data.report}
            sha256={undefined}
            changes={undefined}
            questions={[]}
            files={files}
            actions={<ReachYard report={data.report} />}
          />
        </AskContext>
      )}
    </>
  );
}
