import { Undo2 } from 'lucide-react';
import type { Mark } from '#core/picture';
import { Button } from '../../../../components/Button';
import { TextField } from '../../../../components/fields';

/** The marks there are, and the words about to be placed. */
export function MarkPanel({
  marks,
  words,
  onWords,
  onMarks,
}: {
  marks: readonly Mark[];
  words: string | undefined;
  onWords: (words: string) => void;
  onMarks: (marks: readonly Mark[]) => void;
}) {
  return (
    <>
      {words !== undefined && (
        <TextField
          id="words"
          label="Words"
          maxLength={60}
          value={words}
          placeholder="old repair"
          onChange={(event) => onWords(event.target.value)}
        />
      )}
      <p>
        {marks.length === 0 ? 'Nothing is marked yet.' : `${marks.length} marked.`} The photo itself stays as
        it was taken; what leaves the yard carries the marks.
      </p>
      <Button disabled={marks.length === 0} onClick={() => onMarks(marks.slice(0, -1))}>
        <Undo2 aria-hidden size={18} /> Take the last mark off
      </Button>
    </>
  );
}
