import { stacksAgain } from './loadWithoutStacks';
import './schemasWithoutEval';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { AppRoutes } from './AppRoutes';
import { RefusedError } from './api/client';
import { whenAtRest } from './device/afterPaint';
import { forgetWhenSignedOut } from './offline/forgetYard';
import { install } from './offline/install';
import { carryAnswers } from './offline/keptAnswers';
import { sendLater } from './offline/sendLater';
import { whoIsHere } from './people/me';
import { presence } from './people/presence';
import { httpCourier } from './sync/courier';
import { Outbox } from './sync/outbox';
import { openOutboxStore } from './sync/outboxStore';
import { SyncProvider } from './sync/SyncContext';
import { WalkSessions } from './sync/walkSession';
import './styles.css';
import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';

/** An older Zelk in another window holds what this one must change. */
function sayHeldUp(): void {
  const app = document.getElementById('app') as HTMLElement;
  app.textContent =
    'Zelk is open in another window, in an older version. Close that one: this one then goes on.';
}

/** Opens what this device keeps, fetches the walk asked for, and draws the first screen. */
async function start(): Promise<void> {
  const queries = new QueryClient({
    defaultOptions: {
      // Where there is no signal one is told so, instead of being left waiting for it.
      mutations: { networkMode: 'always' },
      queries: {
        networkMode: 'always',
        retry: (failures, error) => navigator.onLine && !(error instanceof RefusedError) && failures < 2,
      },
    },
  });

  // A walk's log and the letters come with the page: the first screen is the walk itself, not one that says it is being opened, and nothing in it moves
  // because letters came late. So long they are waited for; they are asked for first, and come while this device's storage opens.
  const PATIENCE_MS = 1000;
  const walkAsked = /^\/walks\/([^/]+)$/.exec(location.pathname)?.[1];
  const coming = walkAsked
    ? [
        ...(whoIsHere.get() ? [] : [queries.prefetchQuery(presence)]),
        ...['400', '700'].map((weight) =>
          document.fonts.load(`${weight} 1em "Atkinson Hyperlegible Next"`).catch(() => []),
        ),
      ]
    : [];

  // A browser that keeps nothing still sends: Zelk opens all the same, and says what is not kept.
  const store = await openOutboxStore('zelk', sayHeldUp).catch(() => undefined);
  const outbox = await Outbox.open(store, httpCourier);
  const sessions = new WalkSessions(outbox, store);
  forgetWhenSignedOut(queries, store);
  const carried = carryAnswers(queries, store);
  if (!walkAsked) await carried;
  else
    await Promise.race([
      Promise.all([
        queries.prefetchQuery({ queryKey: ['walk', walkAsked], queryFn: () => sessions.load(walkAsked) }),
        ...coming,
      ]),
      new Promise((done) => setTimeout(done, PATIENCE_MS)),
    ]);
  window.addEventListener('online', () => void outbox.flush());
  // What waits here must not be cleared away when the device wants room.
  void navigator.storage?.persist?.().catch(() => undefined);
  void outbox.flush();
  sendLater(outbox);
  if (import.meta.env.PROD) whenAtRest(() => import('./offline/keepZelk').then(({ keepZelk }) => keepZelk()));

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
}

stacksAgain();
install.listen();
// Once the script has run: to say where a request was made from, a browser would read again whatever still runs, all of it.
queueMicrotask(() => void start());
