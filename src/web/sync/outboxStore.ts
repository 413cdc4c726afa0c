import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { WalkPage } from '#core/api';
import type { CarDetails } from '#core/car';
import type { MorningLook } from '#core/diary';
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
  is?: 'recording' | 'film';
  refusal?: string;
}

/** A car added here that the server may not have yet. */
export interface OutboxCar {
  id: string;
  details: CarDetails;
  addedAt: string;
  refusal?: string;
}

/** A look at a standing car, or that one is taken back. */
export interface OutboxLook {
  id: string;
  look: MorningLook;
  isTakenBack?: true;
  refusal?: string;
}

interface OutboxSchema extends DBSchema {
  entries: { key: string; value: OutboxEntry };
  photos: { key: string; value: OutboxPhoto };
  /** Walks as the server last told them. */
  walks: { key: string; value: WalkPage };
  cars: { key: string; value: OutboxCar };
  looks: { key: string; value: OutboxLook };
  /** Entries the server has and the walk as it last told it has not: the walk is read with them where there is no signal. */
  sent: { key: string; value: Entry; indexes: { walk: string } };
  /** Answers of the server, to show where there is no signal. */
  answers: { key: string; value: unknown };
}

/** What waits for the server, by the name of its place in the device's storage. */
export type WaitingKind = 'entries' | 'photos' | 'cars' | 'looks';
export type Waiting<Kind extends WaitingKind = WaitingKind> = OutboxSchema[Kind]['value'];

export type OutboxStore = IDBPDatabase<OutboxSchema>;

/** What this device holds for the server and of it, kept through reloads and crashes. Waits for ever while an older page keeps it from changing its shape. */
export async function openOutboxStore(name = 'zelk', whenHeldUp = () => {}): Promise<OutboxStore> {
  return openDB<OutboxSchema>(name, 3, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('entries', { keyPath: 'id' });
        db.createObjectStore('photos', { keyPath: 'sha256' });
        db.createObjectStore('walks', { keyPath: 'walk' });
      }
      if (from < 2) {
        db.createObjectStore('cars', { keyPath: 'id' });
        db.createObjectStore('sent', { keyPath: 'id' }).createIndex('walk', 'walk');
        db.createObjectStore('answers');
      }
      db.createObjectStore('looks', { keyPath: 'id' });
    },
    blocked: whenHeldUp,
    // A newer page may change the shape: this one goes on from memory, and says what it cannot keep.
    blocking: (_from, _to, event) => (event.target as IDBDatabase).close(),
  });
}
