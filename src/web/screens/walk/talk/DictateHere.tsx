import { useEffect, useId, useRef, useState } from 'react';
import { Field, inputLook } from '../../../components/Field';
import type { Piece } from '../../../listening/listener';

/** The keyboard's dictation pauses for so long between two sentences. */
const PAUSE_MS = 1600;

/** Where the keyboard's microphone writes: each pause, and the enter key, ends a sentence. */
export function DictateHere({ onPiece }: { onPiece: (piece: Piece) => void }) {
  const id = useId();
  const [text, setText] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const end = (said: string) => {
    clearTimeout(timer.current);
    if (said.trim() === '') return;
    onPiece({ text: said.trim(), isFinal: true });
    setText('');
  };
  return (
    <Field id={id} label="Tap here, then the microphone of your keyboard">
      <textarea
        id={id}
        rows={2}
        className={`${inputLook} py-2 text-lg`}
        value={text}
        autoComplete="off"
        autoCapitalize="none"
        autoCorrect="off"
        spellCheck={false}
        aria-describedby={`${id}-says`}
        onChange={({ target: { value } }) => {
          setText(value);
          onPiece({ text: value.trim(), isFinal: false });
          clearTimeout(timer.current);
          timer.current = setTimeout(() => end(value), PAUSE_MS);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          end(text);
        }}
      />
    </Field>
  );
}
