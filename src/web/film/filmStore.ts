import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

interface FilmSchema extends DBSchema {
  films: { key: string; value: { film: string; file: Blob; name: string } };
}

let opened: Promise<IDBPDatabase<FilmSchema>> | undefined;
const store = () => {
  opened ??= openDB<FilmSchema>('zelk-films', 1, {
    upgrade: (db) => void db.createObjectStore('films', { keyPath: 'film' }),
  });
  return opened;
};

/** Left free of what a device says it has: the walk's own pictures come first. */
const LEFT_FREE_BYTES = 200 * 1024 * 1024;

/** Keeps a film on this device, so that a reload does not lose it; tells whether there was room. */
export async function keepFilm(film: string, file: File): Promise<boolean> {
  try {
    const { quota, usage = 0 } = await navigator.storage.estimate();
    if (quota !== undefined && quota - usage - file.size < LEFT_FREE_BYTES) return false;
    await (await store()).put('films', { film, file, name: file.name });
    return true;
  } catch {
    // Full, or a private window that keeps nothing: it is shown all the same.
    return false;
  }
}

/** The film as this device kept it. */
export async function keptFilm(film: string): Promise<Blob | undefined> {
  try {
    return (await (await store()).get('films', film))?.file;
  } catch {
    return undefined;
  }
}

export async function forgetFilm(film: string): Promise<void> {
  await (await store()).delete('films', film).catch(() => undefined);
}
