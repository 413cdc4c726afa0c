import '../schemasWithoutEval';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BuyerPage } from './BuyerPage';
import '../styles.css';
import './fonts.css';

const ArrivalPage = lazy(() =>
  import('./arrival/ArrivalPage').then((file) => ({ default: file.ArrivalPage })),
);

const TradePage = lazy(() => import('./trade/TradePage').then((file) => ({ default: file.TradePage })));

const [, kind = '', token = ''] = window.location.pathname.split('/');
const isArrival = new URLSearchParams(window.location.search).has('arrival');

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    {kind === 't' ? (
      <Suspense fallback={<p className="p-6">Opening the jobs…</p>}>
        <TradePage token={token} />
      </Suspense>
    ) : isArrival ? (
      <Suspense fallback={<p className="p-6">Opening the check…</p>}>
        <ArrivalPage token={token} />
      </Suspense>
    ) : (
      <BuyerPage token={token} />
    )}
  </StrictMode>,
);
