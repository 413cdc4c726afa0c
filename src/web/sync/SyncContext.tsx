import { createContext, type ReactNode, useContext, useSyncExternalStore } from 'react';
import type { OutboxSnapshot } from './outbox';
import type { WalkSessions } from './walkSession';

const SyncContext = createContext<WalkSessions | undefined>(undefined);

export function SyncProvider({ sessions, children }: { sessions: WalkSessions; children: ReactNode }) {
  return <SyncContext value={sessions}>{children}</SyncContext>;
}

export function useSessions(): WalkSessions {
  const sessions = useContext(SyncContext);
  if (!sessions) throw new Error('useSessions needs a SyncProvider');
  return sessions;
}

export function useOutbox(): OutboxSnapshot {
  const { outbox } = useSessions();
  return useSyncExternalStore(outbox.subscribe, outbox.snapshot);
}

/** The entries the server refused, alone: a walk need not be replayed because something was sent. */
export function useRefusedEntries(): OutboxSnapshot['refusedEntries'] {
  const { outbox } = useSessions();
  return useSyncExternalStore(outbox.subscribe, () => outbox.snapshot().refusedEntries);
}
