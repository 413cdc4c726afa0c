import './schemasWithoutEval';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { AppRoutes } from './AppRoutes';
import { RefusedError } from './api/client';
import { httpCourier } from './sync/courier';
import { Outbox } from './sync/outbox';
import { openOutboxStore } from './sync/outboxStore';
import { SyncProvider } from './sync/SyncContext';
import { WalkSessions } from './sync/walkSession';
import './styles.css';
import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: (failures, error) => !(error instanceof RefusedError) && failures < 2 },
  },
});

// A browser that keeps nothing still sends: Zelk opens all the same, and says what is not kept.
const store = await openOutboxStore().catch(() => undefined);
const outbox = await Outbox.open(store, httpCourier);
const sessions = new WalkSessions(outbox, store);
// A walk's log is under way before the first screen is built.
const walkAsked = /^\/walks\/([^/]+)$/.exec(location.pathname)?.[1];
if (walkAsked)
  void queries.prefetchQuery({ queryKey: ['walk', walkAsked], queryFn: () => sessions.load(walkAsked) });
window.addEventListener('online', () => void outbox.flush());
// What waits here must not be cleared away when the device wants room.
void navigator.storage?.persist?.().catch(() => undefined);
void outbox.flush();

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <SyncProvider sessions={sessions}>
        <BrowserRouter>
          <AppRoutes />
        </BrowserRouter>
      </SyncProvider>
    </QueryClientProvider>
  </StrictMode>,
);
