import { useQuery } from '@tanstack/react-query';
import { Scale, SearchCheck } from 'lucide-react';
import { Link } from 'react-router';
import type { Yard } from '#core/yard';
import { getJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { Bar } from '../../../shell/Bar';
import { BackupsSection } from './BackupsSection';
import { FilesSection } from './FilesSection';
import { LeavingSection } from './LeavingSection';
import { YardForm } from './YardForm';

/** How the yard stands on its reports. */
export function YardScreen() {
  const yard = useQuery({ queryKey: ['yard'], queryFn: () => getJson<Yard>('/api/yard') });
  return (
    <>
      <Bar title="The yard on its reports" back={{ to: '/', label: 'Back to the stock list' }} />
      <main className="mx-auto max-w-2xl p-4">
        <nav aria-label="What the yard knows" className="mb-4 flex flex-wrap gap-2">
          <Link to="/expectations" className={buttonLook()}>
            <Scale aria-hidden size={20} /> What is usual
          </Link>
          <Link to="/weak-spots" className={buttonLook()}>
            <SearchCheck aria-hidden size={20} /> Weak spots of such cars
          </Link>
        </nav>
        {yard.error && <Notice look="warn">{yard.error.message}</Notice>}
        {yard.data && <YardForm yard={yard.data} />}
        <BackupsSection />
        <FilesSection />
        <If may="people">
          <LeavingSection />
        </If>
      </main>
    </>
  );
}
