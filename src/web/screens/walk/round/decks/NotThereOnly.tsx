import { useState } from 'react';
import type { Part, Vocabulary } from '#core/car';
import { speakSize } from '#core/measure';
import {
  type FindingKind,
  kindFits,
  type LookId,
  lookKinds,
  type NotThere,
  notThereWords,
  type Over,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { SelectField } from '../../../../components/fields';

/** Offered as "none larger than": common in the trade, millimetres. */
const sizes = [5, 10, 20, 50];

interface NotThereOnlyProps {
  part: Part;
  looks: readonly LookId[];
  /** What was said so before. */
  known: readonly NotThere[];
  vocabulary: Vocabulary;
  onSay: (not: { kinds: FindingKind[]; over?: Over }) => void;
}

/** Says that only the chosen faults are not there, or no large ones, without calling the whole part clear. */
export function NotThereOnly({ part, looks, known, vocabulary, onSay }: NotThereOnlyProps) {
  const [size, setSize] = useState('any');
  const kinds = [...new Set(looks.flatMap(lookKinds))].filter((kind) => kindFits(kind, part));
  const over = size === 'any' ? undefined : size === 'big' ? 'big' : Number(size);
  return (
    <div className="space-y-2">
      {known.map((not, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines are only ever added.
        <p key={i}>{sentence(notThereWords(not, vocabulary))}.</p>
      ))}
      {kinds.length > 0 && (
        <div className="grid grid-cols-2 items-end gap-2">
          <SelectField
            id="not-there-size"
            label="Of what size"
            value={size}
            onChange={({ target }) => setSize(target.value)}
          >
            <option value="any">None at all</option>
            <option value="big">None that is big</option>
            {sizes.map((mm) => (
              <option key={mm} value={mm}>
                None over {speakSize(mm, vocabulary)}
              </option>
            ))}
          </SelectField>
          <Button onClick={() => onSay({ kinds, ...(over !== undefined && { over }) })}>Say only that</Button>
        </div>
      )}
    </div>
  );
}
