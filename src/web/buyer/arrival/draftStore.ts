import { type DBSchema, openDB } from 'idb';
import type { StoredCheckPage } from '#core/api';
import type { Occasion, Signature, Verdict } from '#core/arrival';
import type { ReportDocument } from '#core/report';

export interface DraftAnswer {
  verdict?: Verdict;
  note: string;
  photos: readonly string[];
}

/** A check under way, as it lies on the phone. Once signed its words are no longer changed, only sent. */
export interface Draft {
  /** Path of the link it belongs to. */
  link: string;
  id: string;
  /** The report in hand, kept so that signal is not needed. */
  report: ReportDocument;
  occasion: Occasion;
  name: string;
  role: string;
  place: string;
  /** As typed. */
  odometer: string;
  unit: 'mi' | 'km';
  begunAt: string;
  answers: Readonly<Record<string, DraftAnswer>>;
  remarks: string;
  signature: Signature;
  signedAt?: string;
  /** What the server gave back for it. */
  sent?: StoredCheckPage;
}

interface ArrivalSchema extends DBSchema {
  drafts: { key: string; value: Draft };
  photos: { key: [link: string, sha256: string]; value: { link: string; sha256: string; blob: Blob } };
}

const database = () =>
  openDB<ArrivalSchema>('zelk-arrival', 1, {
    upgrade(db) {
      db.createObjectStore('drafts', { keyPath: 'link' });
      db.createObjectStore('photos', { keyPath: ['link', 'sha256'] });
    },
  });

/** Checks under way on this device, kept through reloads and dead spots. */
export async function openDraftStore() {
  const db = await database();
  return {
    get: (link: string): Promise<Draft | undefined> => db.get('drafts', link),
    put: async (draft: Draft): Promise<void> => {
      await db.put('drafts', draft);
    },
    photo: async (link: string, sha256: string): Promise<Blob | undefined> =>
      (await db.get('photos', [link, sha256]))?.blob,
    putPhoto: async (link: string, sha256: string, blob: Blob): Promise<void> => {
      await db.put('photos', { link, sha256, blob });
    },
    /** Forgets a check that was sent, and its photos. */
    clear: async (link: string): Promise<void> => {
      const keys = (await db.getAllKeys('photos')).filter(([owner]) => owner === link);
      await Promise.all([db.delete('drafts', link), ...keys.map((key) => db.delete('photos', key))]);
    },
  };
}

export type DraftStore = Awaited<ReturnType<typeof openDraftStore>>;
