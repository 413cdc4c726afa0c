import { LARGEST_FILM_BYTES, type WalkFilm } from '#core/walk';
import { sizeWords } from '../../../recordings/recordingProblem';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';

/** Keeps a film at the yard: sent in the background like photos, gone on with where it was cut. */
export function useKeeping({ record }: OpenWalk, film: WalkFilm, file: Blob | undefined) {
  const { outbox } = useSessions();
  const cannot =
    file && file.size > LARGEST_FILM_BYTES
      ? `The film has ${sizeWords(file.size)}; the yard keeps films of at most 2 GB. Its pictures and words are kept all the same.`
      : undefined;
  const keep = async (): Promise<string> => {
    if (!file) return 'The film is not on this device.';
    if (cannot) return cannot;
    const recording = await outbox.takeIn(() => hashPhoto(file));
    await outbox.addFilm(recording, file);
    record({ kind: 'walk-film-kept', body: { film: film.id, recording } });
    return 'It is sent to the yard in the background. What your phone wrote of place and owner is left out of what is played there.';
  };
  return { keep };
}
