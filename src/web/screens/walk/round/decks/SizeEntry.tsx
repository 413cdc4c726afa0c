import { useState } from 'react';
import type { Vocabulary } from '#core/car';
import { inchesFromMm, parseSize, sizeProblemMessage } from '#core/measure';
import { TextField } from '../../../../components/fields';

interface SizeEntryProps {
  id: string;
  label: string;
  mm: number | undefined;
  vocabulary: Vocabulary;
  onMm: (mm: number | undefined) => void;
}

const shown = (mm: number | undefined, vocabulary: Vocabulary) =>
  mm === undefined ? '' : vocabulary === 'us' ? `${Number(inchesFromMm(mm).toFixed(2))} in` : `${mm} mm`;

/** A size, typed as people say it. What cannot be read stays in the box with a word on how to write it. */
export function SizeEntry({ id, label, mm, vocabulary, onMm }: SizeEntryProps) {
  const [text, setText] = useState(shown(mm, vocabulary));
  const [error, setError] = useState<string>();
  const commit = () => {
    if (text.trim() === '') {
      setError(undefined);
      if (mm !== undefined) onMm(undefined);
      return;
    }
    if (text === shown(mm, vocabulary)) return;
    const reading = parseSize(text, vocabulary);
    if (!reading.ok) {
      setError(sizeProblemMessage(reading.problem));
      return;
    }
    setError(undefined);
    setText(shown(reading.mm, vocabulary));
    if (reading.mm !== mm) onMm(reading.mm);
  };
  return (
    <TextField
      id={id}
      label={label}
      error={error}
      inputMode={vocabulary === 'us' ? 'text' : 'decimal'}
      enterKeyHint="done"
      autoComplete="off"
      placeholder={vocabulary === 'us' ? '1/2 in' : '12 mm'}
      value={text}
      aria-invalid={error !== undefined}
      aria-describedby={`${id}-says`}
      onChange={(event) => setText(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && commit()}
    />
  );
}
