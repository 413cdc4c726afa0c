interface ChoiceProps<T extends string> {
  legend: string;
  /** Told to those who cannot see that it is clear from its place. */
  isLegendHidden?: boolean;
  value: T | undefined;
  options: readonly { value: T; label: string; mark?: React.ReactNode }[];
  /** Tapping the chosen one takes the answer back. */
  onChange: (value: T | undefined) => void;
}

/** One of a few answers, side by side, one tap each. */
export function Choice<T extends string>({
  legend,
  isLegendHidden,
  value,
  options,
  onChange,
}: ChoiceProps<T>) {
  return (
    <fieldset>
      <legend className={isLegendHidden ? 'sr-only' : 'mb-1 text-sm font-bold text-soft'}>{legend}</legend>
      <div className="grid auto-cols-fr grid-flow-col overflow-hidden rounded-md border border-line">
        {options.map((option) => (
          <button
            key={option.value}
            type="button"
            aria-pressed={option.value === value}
            onClick={() => onChange(option.value === value ? undefined : option.value)}
            className="flex min-h-12 flex-col items-center justify-center gap-1 border-line px-1 py-1 text-center leading-tight not-first:border-l aria-pressed:bg-accent aria-pressed:text-white"
          >
            {option.mark}
            {option.label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
