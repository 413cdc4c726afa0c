import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useSyncExternalStore } from 'react';
import type { WalkPage } from '#core/api';
import { type BodyStyle, styleOf } from '#core/car';
import { asBuilt, type Entry, type Fact, replay, type WalkState } from '#core/walk';
import { useRefusedEntries, useSessions } from './SyncContext';
import { useLive } from './useLive';

export interface OpenWalk {
  page: WalkPage;
  entries: readonly Entry[];
  state: WalkState;
  style: BodyStyle;
  /** Puts facts into the log, and tells the entries they became. */
  record: (...facts: Fact[]) => readonly Entry[];
}

export type WalkLoad =
  | { status: 'loading' }
  | { status: 'failed'; error: Error }
  | { status: 'open'; walk: OpenWalk };

/** A walk as this device knows it: the server's log, what waits in the outbox and what was just made, replayed. */
export function useWalk(id: string, who: string | undefined): WalkLoad {
  const sessions = useSessions();
  const query = useQuery({ queryKey: ['walk', id], queryFn: () => sessions.load(id), staleTime: 15_000 });
  const made = useSyncExternalStore(sessions.subscribe, () => sessions.made(id));
  const refusedEntries = useRefusedEntries();
  const record = useCallback(
    (...facts: Fact[]): readonly Entry[] => (who ? sessions.record(id, who, facts) : []),
    [sessions, id, who],
  );

  // What others add to the same walk. One's own entries come back as news too: only more than is known here is fetched.
  const known = useRef(0);
  const { refetch } = query;
  useLive(
    query.data && `/api/walks/${id}/live`,
    () => void refetch(),
    (entries) => {
      if (entries > known.current) void refetch();
    },
  );

  const load = useMemo((): WalkLoad => {
    const page = query.data;
    // What is open stays open: asking anew may fail where there is no signal.
    if (!page) return query.error ? { status: 'failed', error: query.error } : { status: 'loading' };
    const refused = new Set(refusedEntries.map((item) => item.id));
    const entries = [...page.entries, ...sessions.outbox.entriesOf(id), ...made].filter(
      (entry) => !refused.has(entry.id),
    );
    const state = replay(id, entries);
    const { bodyStyle, extras } = state.begun ?? page.car;
    const style = asBuilt(
      styleOf({ bodyStyle, ...(extras && { extras }), steering: page.car.steering }),
      state,
    );
    return { status: 'open', walk: { page, entries, state, style, record } };
  }, [query.error, query.data, made, refusedEntries, sessions, id, record]);
  known.current =
    load.status === 'open'
      ? new Set(load.walk.entries.map((entry) => entry.id)).size + (load.walk.page.damaged ?? 0)
      : 0;
  return load;
}
