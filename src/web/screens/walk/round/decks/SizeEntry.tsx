import { useState } from 'react';
import type { Vocabulary } from '#core/car';
import { inchesFromMm, parseSize, sizeProblemMessage } from '#core/measure';
import { TextField } from '../../../../components/fields';

interface SizeEntryProps {
  id: string;
  label: string;
  mm: number | undefined;
  /** It was judged by eye. */
  isAbout?: boolean;
  vocabulary: Vocabulary;
  onMm: (mm: number | undefined, isAbout: boolean) => void;
}

function shown(mm: number | undefined, vocabulary: Vocabulary, isAbout: boolean): string {
  if (mm === undefined) return '';
  const size = vocabulary === 'us' ? `${Number(inchesFromMm(mm).toFixed(2))} in` : `${mm} mm`;
  return isAbout ? `about ${size}` : size;
}

/** A size, typed as people say it. What cannot be read stays in the box with a word on how to write it. */
export function SizeEntry({ id, label, mm, isAbout = false, vocabulary, onMm }: SizeEntryProps) {
  const [text, setText] = useState(shown(mm, vocabulary, isAbout));
  const [error, setError] = useState<string>();
  const commit = () => {
    if (text.trim() === '') {
      setError(undefined);
      if (mm !== undefined) onMm(undefined, false);
      return;
    }
    if (text === shown(mm, vocabulary, isAbout)) return;
    const reading = parseSize(text, vocabulary);
    if (!reading.ok) {
      setError(sizeProblemMessage(reading.problem));
      return;
    }
    setError(undefined);
    setText(shown(reading.mm, vocabulary, reading.isAbout));
    if (reading.mm !== mm || reading.isAbout !== isAbout) onMm(reading.mm, reading.isAbout);
  };
  return (
    <TextField
      id={id}
      label={label}
      error={error}
      inputMode={vocabulary === 'us' ? 'text' : 'decimal'}
      enterKeyHint="done"
      autoComplete="off"
      placeholder={vocabulary === 'us' ? '1/2 in, about 2 in' : '12 mm, about 40'}
      value={text}
      aria-invalid={error !== undefined}
      aria-describedby={`${id}-says`}
      onChange={(event) => setText(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && commit()}
    />
  );
}
