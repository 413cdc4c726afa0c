import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { SharedPage } from '#core/api';
import { getJson, UnreachableError } from '../../api/client';
import { type Draft, type DraftStore, openDraftStore } from './draftStore';
import { newDraft } from './fillDraft';

export type DraftLoad =
  | { status: 'loading' }
  | { status: 'failed'; error: Error }
  | {
      status: 'open';
      store: DraftStore;
      draft: Draft;
      change: (more: Partial<Draft>) => void;
      again: () => void;
    };

/** The check under way on this device, or a new one against the newest revision; every change is kept at once. */
export function useDraft(link: string): DraftLoad {
  const [load, setLoad] = useState<DraftLoad>({ status: 'loading' });
  const held = useRef<Draft>(undefined);
  const begin = useCallback(async () => {
    const store = await openDraftStore();
    const show = (draft: Draft) => {
      held.current = draft;
      setLoad({ status: 'open', store, draft, change, again });
    };
    const change = (more: Partial<Draft>) => {
      if (!held.current) return;
      const next = { ...held.current, ...more };
      show(next);
      void store.put(next);
    };
    const again = () => {
      setLoad({ status: 'loading' });
      void store.clear(link).then(begin);
    };
    const kept = await store.get(link);
    try {
      const page: SharedPage = await getJson<SharedPage>(link);
      // What was begun stays with the revision it was begun with.
      const draft = kept ?? newDraft(link, newId(), page.report, new Date().toISOString());
      if (!kept) await store.put(draft);
      show(draft);
    } catch (error) {
      if (kept && error instanceof UnreachableError) show(kept);
      else setLoad({ status: 'failed', error: error as Error });
    }
  }, [link]);
  useEffect(() => {
    void begin();
  }, [begin]);
  return load;
}
