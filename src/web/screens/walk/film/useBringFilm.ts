import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { type Caption, captionIssueWords, captionNoteWords } from '#core/captions';
import { captionFacts } from '#core/filmed';
import type { WalkFilm } from '#core/walk';
import { keepFilm } from '../../../film/filmStore';
import { captionsFrom, openFilm } from '../../../film/filmWorker';
import { notFilm, rememberFilm } from '../../../film/useFilmFile';
import type { OpenWalk } from '../../../sync/useWalk';

export const FILM_ACCEPT = 'video/*,audio/*,.mp4,.m4v,.mov,.webm,.m4a,.mp3,.wav,.ogg';
export const CAPTIONS_ACCEPT =
  '.vtt,.srt,.json,.txt,text/vtt,text/plain,application/json,application/x-subrip';

const isFilm = (file: File): boolean =>
  /^(video|audio)\//.test(file.type) || /\.(mp4|m4v|mov|webm|mkv|m4a|mp3|wav|ogg|oga|aac)$/i.test(file.name);

/** What the screen does when something came in. */
export interface Brought {
  /** Something new came in. */
  onNew: () => void;
  /** The file of a film that is known already: it is opened anew. */
  onFilm: () => void;
  /** What was odd of it: said on whatever screen comes next. */
  onNotes: (notes: readonly string[]) => void;
}

/** Takes a film and its words in: by file, one or both at once, or pasted. What cannot be taken is said, and nothing that was here is lost. */
export function useBringFilm(
  { record }: OpenWalk,
  film: WalkFilm | undefined,
  { onFilm, onNew, onNotes }: Brought,
) {
  const [problem, setProblem] = useState<string>();
  const [isBusy, setBusy] = useState(false);

  const bringFilm = async (file: File, into: string | undefined): Promise<string | undefined> => {
    const told = await openFilm(file);
    if (!told) {
      setProblem(notFilm);
      return undefined;
    }
    const id = into ?? newId();
    rememberFilm(id, file);
    const isKept = await keepFilm(id, file);
    record({
      kind: 'walk-film-brought',
      body: {
        film: id,
        name: file.name.slice(-120) || 'Film',
        ...(Number.isFinite(told.seconds) && { seconds: Math.round(told.seconds * 100) / 100 }),
        ...(file.size > 0 && { bytes: file.size }),
      },
    });
    if (!isKept)
      onNotes(['There is no room to keep the film on this device: after a reload you choose it again.']);
    if (into === undefined) onNew();
    else onFilm();
    return id;
  };

  const bringWords = async (
    from: Blob | string,
    name: string,
    into: string | undefined,
  ): Promise<boolean> => {
    const read = await captionsFrom(from);
    if (!read.ok) {
      setProblem(`${name}: ${captionIssueWords(read.issue)}`);
      return false;
    }
    const id = into ?? newId();
    if (into === undefined) record({ kind: 'walk-film-brought', body: { film: id, name: name.slice(-120) } });
    record(...captionFacts(id, newId(), read.captions));
    onNew();
    onNotes(read.notes.map(captionNoteWords));
    return true;
  };

  const run = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    setBusy(true);
    setProblem(undefined);
    try {
      return await work();
    } catch {
      setProblem('It could not be read. Try again; if it stays so, choose another file.');
      return undefined;
    } finally {
      setBusy(false);
    }
  };

  return {
    problem,
    isBusy,
    bringFiles: (files: readonly File[]) =>
      run(async () => {
        const films = files.filter(isFilm);
        const words = files.filter((file) => !isFilm(file));
        const [one] = films;
        const id = one ? await bringFilm(one, film?.id) : film?.id;
        if (one && id === undefined) return;
        const [said] = words;
        if (said) await bringWords(said, said.name, id);
        if (films.length > 1 || words.length > 1)
          onNotes(['One film and one file of words are taken at a time: the first of each was.']);
      }),
    /** A film made here, with the words that were heard meanwhile. */
    bringMade: (file: File, captions: readonly Caption[]) =>
      run(async () => {
        const id = await bringFilm(file, undefined);
        if (id !== undefined && captions.length > 0) record(...captionFacts(id, newId(), captions));
      }),
    bringText: (text: string) => run(() => bringWords(text, 'What was pasted', film?.id)),
  };
}
