import { ClipboardPaste, FileText, Film, Video } from 'lucide-react';
import { useState } from 'react';
import type { WalkFilm } from '#core/walk';
import { Button, buttonLook } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { useTyped } from '../../../components/useTyped';
import type { OpenWalk } from '../../../sync/useWalk';
import { FilmHere } from './FilmHere';
import { type Brought, CAPTIONS_ACCEPT, FILM_ACCEPT, useBringFilm } from './useBringFilm';
import { WriteWords } from './WriteWords';

interface BringFilmProps {
  walk: OpenWalk;
  /** The film whose words are still to come. */
  film?: WalkFilm | undefined;
  file?: Blob | undefined;
  brought: Brought;
}

/** Where a film and its words come in: two files, dropped or chosen, or words that are pasted. */
export function BringFilm({ walk, film, file, brought }: BringFilmProps) {
  const { problem, isBusy, bringFiles, bringText, bringMade } = useBringFilm(walk, film, brought);
  const { value: text, setValue: setText, isRestored } = useTyped(`film-words-${walk.page.walk}`, '');
  const [isFilming, setFilming] = useState(false);
  const take = (files: FileList | null) => files && void bringFiles([...files]);
  return (
    <section
      aria-label={film ? 'The words of the film' : 'Bring the film'}
      className="mx-auto w-full max-w-xl space-y-3 p-4"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        take(event.dataTransfer.files);
      }}
    >
      {film ? (
        <p className="text-lg">
          Now its words: the captions your phone or a speech-to-text program made of it, or what you said,
          pasted.
        </p>
      ) : (
        <p className="text-lg">
          Film the car as you always do and say what you see. Bring the film with its captions: the walk is
          drafted from them, each fault with its picture, and you check and sign.
        </p>
      )}
      {!film && isFilming && (
        <FilmHere
          walk={walk}
          onMade={(made, captions) => {
            setFilming(false);
            void bringMade(made, captions);
          }}
          onClose={() => setFilming(false)}
        />
      )}
      {!film && <FileChoice label="Choose the film" icon="film" accept={FILM_ACCEPT} onTake={take} />}
      <FileChoice
        label={film ? 'Choose the captions' : 'Choose its captions'}
        icon="text"
        accept={CAPTIONS_ACCEPT}
        onTake={take}
      />
      {!film && !isFilming && (
        <Button className="w-full" onClick={() => setFilming(true)}>
          <Video aria-hidden size={20} /> Film it here
        </Button>
      )}
      {film && file && <WriteWords file={file} onWords={(words) => void bringText(words)} />}
      <p className="text-sm text-soft max-sm:hidden">Or drop both files here.</p>
      {isBusy && <p role="status">Reading…</p>}
      {problem && <Notice look="warn">{problem}</Notice>}
      <Fold title="Paste what was said" isOpen={isRestored}>
        <form
          className="space-y-2"
          onSubmit={(event) => {
            event.preventDefault();
            void bringText(text).then((isTaken) => isTaken && setText(''));
          }}
        >
          <Field
            id="pasted-words"
            label="With times or without, any form"
            hint="“0:12 nearside front door, a dent”"
          >
            <textarea
              id="pasted-words"
              rows={5}
              className={`${inputLook} py-2`}
              value={text}
              aria-describedby="pasted-words-says"
              onChange={({ target }) => setText(target.value)}
            />
          </Field>
          <Button type="submit" look="tape" disabled={isBusy || text.trim() === ''}>
            <ClipboardPaste aria-hidden size={20} /> Take these words
          </Button>
        </form>
      </Fold>
      <p className="text-sm text-soft">
        The film stays on this device unless you keep it at the yard. Nothing of it goes into the record
        before you accept it.
      </p>
    </section>
  );
}

function FileChoice({
  label,
  icon,
  accept,
  onTake,
}: {
  label: string;
  icon: 'film' | 'text';
  accept: string;
  onTake: (files: FileList | null) => void;
}) {
  const Icon = icon === 'film' ? Film : FileText;
  return (
    <label
      className={`${buttonLook(icon === 'film' ? 'main' : 'tape')} w-full cursor-pointer focus-within:outline-3`}
    >
      <Icon aria-hidden size={20} /> {label}
      <input
        className="sr-only"
        type="file"
        multiple
        accept={`${accept},${icon === 'film' ? CAPTIONS_ACCEPT : ''}`}
        onChange={({ target }) => {
          onTake(target.files);
          target.value = '';
        }}
      />
    </label>
  );
}
