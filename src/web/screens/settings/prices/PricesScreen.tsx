import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { PricesPage } from '#core/api';
import { getJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { PricesForm } from './PricesForm';

/** What work costs in this yard. */
export function PricesScreen() {
  const page = useQuery({ queryKey: ['prices'], queryFn: () => getJson<PricesPage>('/api/prices') });
  return (
    <>
      <Bar title="What work costs here" back={{ to: '/', label: 'Back to the stock list' }}>
        <Link to="/cure-rules" className={buttonLook()}>
          What mends what
        </Link>
      </Bar>
      <main className="mx-auto max-w-4xl p-4">
        {page.error && <Notice look="warn">{page.error.message}</Notice>}
        {page.data && <PricesForm page={page.data} />}
      </main>
    </>
  );
}
