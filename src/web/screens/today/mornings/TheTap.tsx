import { sentence } from '#core/wording';
import { Fold } from '../../../components/Fold';
import { type TapPart, tapParts, tapWords } from './useTheTap';

interface TheTapProps {
  tap: readonly TapPart[];
  change: (part: TapPart, isOn: boolean) => void;
}

/** What the one tap says: only what is looked at every morning. */
export function TheTap({ tap, change }: TheTapProps) {
  return (
    <Fold title="What the one tap says">
      <p className="mb-1">
        Tick only what you look at on every car. The report says what was looked at, and how often.
      </p>
      {tapParts.map((part) => (
        <label key={part} className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 accent-accent"
            checked={tap.includes(part)}
            onChange={({ target }) => change(part, target.checked)}
          />
          {sentence(tapWords[part])}
        </label>
      ))}
    </Fold>
  );
}
