import { useEffect, useState } from 'react';
import type { WalkFilm } from '#core/walk';
import type { FilmTold } from './filmFile';
import { forgetFilm, keptFilm } from './filmStore';
import { openFilm } from './filmWorker';
import { type FrameSource, HiddenPlayer, takenApart } from './frameSource';

export type FilmLoad =
  | { is: 'none' }
  | { is: 'looking' }
  /** It is on no device at hand: its words can be checked without. */
  | { is: 'away' }
  | { is: 'broken'; why: string }
  | {
      is: 'open';
      url: string;
      told: FilmTold;
      file: Blob | undefined;
      /** Where its pictures come from; absent for a sound, and where this device can make nothing of them. */
      frames: FrameSource | undefined;
    };

/** Films chosen since this page was opened. */
const chosen = new Map<string, Blob>();
/** Takes a film off this device; what was taken from it stays. */
export async function dropFilm(film: string): Promise<void> {
  chosen.delete(film);
  await forgetFilm(film);
}

export const rememberFilm = (film: string, file: Blob): void => void chosen.set(film, file);

/** The film on this device, else at the yard: opened for its frames, with an address to play it from. */
export function useFilmFile(film: WalkFilm | undefined, version: number): FilmLoad {
  const [load, setLoad] = useState<FilmLoad>({ is: 'looking' });
  const { id, kept } = film ?? {};
  // biome-ignore lint/correctness/useExhaustiveDependencies: a film chosen anew is looked for anew.
  useEffect(() => {
    if (!id) return setLoad({ is: 'none' });
    let isLeft = false;
    let url: string | undefined;
    let player: HiddenPlayer | undefined;
    setLoad({ is: 'looking' });
    const find = async () => {
      const file = chosen.get(id) ?? (await keptFilm(id));
      const from = file ?? (kept && `/api/recordings/${kept}`);
      if (!from) return setLoad({ is: 'away' });
      const told = await openFilm(from);
      if (isLeft) return;
      if (!told) return setLoad({ is: 'broken', why: notFilm });
      url = file ? URL.createObjectURL(file) : undefined;
      const at = url ?? (from as string);
      const hidden = told.cannotSee && (await HiddenPlayer.open(at, told.seconds));
      if (hidden) player = hidden.player;
      if (isLeft) return player?.close();
      const { cannotSee: _, ...seen } = told;
      setLoad({
        is: 'open',
        url: at,
        file,
        told: hidden ? { ...seen, width: hidden.width, height: hidden.height } : told,
        frames: player ?? (told.width === undefined ? undefined : takenApart),
      });
    };
    void find();
    return () => {
      isLeft = true;
      player?.close();
      if (url) URL.revokeObjectURL(url);
    };
  }, [id, kept, version]);
  return load;
}

export const notFilm =
  'This file cannot be opened as a film or a sound: it is something else, or it was cut off. Send it to this device again, or choose another one.';
