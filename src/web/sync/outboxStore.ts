import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { WalkPage } from '#core/api';
import type { Entry } from '#core/walk';

export interface OutboxEntry {
  id: string;
  walk: string;
  entry: Entry;
  /** Why the server would not have it; the entry stays until a person decides. */
  refusal?: string;
}

export interface OutboxPhoto {
  sha256: string;
  blob: Blob;
  /** A photo when left out. */
  is?: 'recording';
  refusal?: string;
}

interface OutboxSchema extends DBSchema {
  entries: { key: string; value: OutboxEntry };
  photos: { key: string; value: OutboxPhoto };
  walks: { key: string; value: WalkPage };
}

export type OutboxStore = IDBPDatabase<OutboxSchema>;

/** What this device holds for the server, kept through reloads and crashes. */
export async function openOutboxStore(name = 'zelk'): Promise<OutboxStore> {
  return openDB<OutboxSchema>(name, 1, {
    upgrade(db) {
      db.createObjectStore('entries', { keyPath: 'id' });
      db.createObjectStore('photos', { keyPath: 'sha256' });
      db.createObjectStore('walks', { keyPath: 'walk' });
    },
  });
}
