import type { CaptionsRead } from '#core/captions';
import type { Draft } from '#core/speech';
import type { FilmCaption, WalkFilm } from '#core/walk';
import type { Cut } from './cutFilm';
import type { FilmAnswer, FilmTask, TalkedCar } from './film.worker';
import type { FilmTold, PulledFrame } from './filmFile';

type Asked<T> = T extends { id: number } ? Omit<T, 'id'> : never;

let worker: Worker | undefined;
let lastId = 0;
const waiting = new Map<number, (answer: FilmAnswer) => void>();

/** Loads what takes films apart, before anything is asked of it. */
export function startFilmWorker(): void {
  if (worker) return;
  worker = new Worker(new URL('./film.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<FilmAnswer>) => {
    waiting.get(data.id)?.(data);
    waiting.delete(data.id);
  };
}

function ask(task: Asked<FilmTask>): Promise<FilmAnswer> {
  startFilmWorker();
  const id = ++lastId;
  return new Promise((resolve) => {
    waiting.set(id, resolve);
    worker?.postMessage({ ...task, id });
  });
}

/** Opens a film on this device, in place of the one opened before; undefined when it is none, or was cut off. */
export const openFilm = async (from: Blob | string): Promise<FilmTold | undefined> =>
  (await ask({ do: 'open', from })).opened;

/** The sharpest frame round a second of the open film. */
export const bestFrameAt = async (atS: number): Promise<PulledFrame | undefined> =>
  (await ask({ do: 'best', atS })).frame;

/** The frame at this very second. */
export const frameAt = async (atS: number): Promise<PulledFrame | undefined> =>
  (await ask({ do: 'one', atS })).frame;

/** Some seconds of the open film as a file of their own; undefined where this device cannot make one. */
export const cutOf = async (cut: Cut): Promise<Blob | undefined> => (await ask({ do: 'cut', cut })).clip;

/** Captions of a file, or of a text that was pasted. */
export async function captionsFrom(from: Blob | string): Promise<CaptionsRead> {
  const { captions, failed } = await ask({ do: 'captions', from });
  if (!captions) throw new Error(failed);
  return captions;
}

/** What a film’s talk comes to, and what of it led to nothing. */
export interface FilmRead {
  drafts: readonly Draft[];
  passedOver: readonly FilmCaption[];
}

export async function readFilmTalk(
  film: Pick<WalkFilm, 'talk' | 'shiftS'>,
  car: TalkedCar,
): Promise<FilmRead> {
  const { drafts, passedOver = [], failed } = await ask({ do: 'drafts', film, car });
  if (!drafts) throw new Error(failed);
  return { drafts, passedOver };
}
