import { X } from 'lucide-react';

interface ChoiceProps<T extends string> {
  legend: string;
  /** Told to those who cannot see that it is clear from its place. */
  isLegendHidden?: boolean;
  value: T | undefined;
  /** What is likely while nobody has said: drawn as a guess, said by tapping it. */
  guess?: T | undefined;
  options: readonly { value: T; label: string; mark?: React.ReactNode }[];
  onChange: (value: T) => void;
  /** Takes the answer back; without it, one of the answers always stands. */
  onClear?: () => void;
}

/** One of a few answers, side by side, one tap each. Tapping the chosen one changes nothing: taking it back is a control of its own. */
export function Choice<T extends string>({
  legend,
  isLegendHidden,
  value,
  guess,
  options,
  onChange,
  onClear,
}: ChoiceProps<T>) {
  const guessed = value === undefined ? options.find((option) => option.value === guess) : undefined;
  return (
    <fieldset>
      <legend className={isLegendHidden ? 'sr-only' : 'mb-1 text-sm font-bold text-soft'}>
        {legend}
        {guessed && <span className="font-normal"> (dashed: our guess, tap to confirm)</span>}
      </legend>
      <div className="flex overflow-hidden rounded-md border border-line">
        <div className="grid min-w-0 flex-1 grid-cols-[repeat(auto-fit,minmax(min(100%,3.6rem),1fr))]">
          {options.map((option) => (
            <button
              key={option.value}
              type="button"
              aria-pressed={option.value === value}
              data-guess={option === guessed || undefined}
              onClick={() => option.value !== value && onChange(option.value)}
              className="flex min-h-12 flex-col items-center justify-center gap-1 border-line px-1 py-1 text-center leading-tight wrap-anywhere not-first:border-l aria-pressed:bg-accent aria-pressed:text-on-accent data-guess:outline-2 data-guess:-outline-offset-4 data-guess:outline-accent data-guess:outline-dashed"
            >
              {option.mark}
              {option.label}
            </button>
          ))}
        </div>
        {onClear && (
          // Always there, so that nothing moves under a finger once there is an answer to take back.
          <button
            type="button"
            aria-label={`Take back: ${legend}`}
            disabled={value === undefined}
            onClick={onClear}
            className="grid min-h-12 w-12 shrink-0 place-items-center border-l border-line disabled:text-line"
          >
            <X aria-hidden size={20} />
          </button>
        )}
      </div>
    </fieldset>
  );
}
