import type { Vocabulary } from '#core/car';
import { type LookId, lookWords } from '#core/walk';

interface LookedForProps {
  looks: readonly LookId[];
  chosen: readonly LookId[];
  vocabulary: Vocabulary;
  onChange: (chosen: LookId[]) => void;
}

/** What a person looks for here; tapped, "clear" says that it is not there. */
export function LookedFor({ looks, chosen, vocabulary, onChange }: LookedForProps) {
  if (looks.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-bold text-soft">Looked for, and not there</legend>
      <div className="flex flex-wrap gap-2">
        {looks.map((id) => (
          <button
            key={id}
            type="button"
            aria-pressed={chosen.includes(id)}
            className="min-h-12 rounded-md border border-soft px-3 text-left leading-tight aria-pressed:border-clear aria-pressed:bg-clear aria-pressed:font-bold"
            onClick={() =>
              onChange(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id])
            }
          >
            {lookWords(id, vocabulary)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
