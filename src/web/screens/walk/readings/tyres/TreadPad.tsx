import { parseTread, speakTread, type TreadDepth, type TreadUnit, treadProblemMessage } from '#core/measure';
import { type TreadRead, type TreadThird, thirdName, treadThirds } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { TypedReading } from '../../../../components/TypedReading';
import { type TreadKeys, toMm } from './treadKeys';

interface TreadPadProps {
  read: TreadRead | undefined;
  unit: TreadUnit;
  keys: TreadKeys;
  mostMm: number;
  /** The third in hand; the whole tread at once when none is. */
  third: TreadThird | undefined;
  onThird: (third: TreadThird | undefined) => void;
  onDepth: (depth: TreadDepth, unit: TreadUnit) => void;
  /** Adds to the reading just given. */
  onPlus: () => void;
  canPlus: boolean;
}

/** Depths under the thumb: one tap a third, and it steps on by itself. */
export function TreadPad(props: TreadPadProps) {
  const { read, unit, keys, mostMm, third, onThird, onDepth, onPlus, canPlus } = props;
  const shown = (of: TreadThird) => {
    const depth = read?.thirds[of];
    return depth ? speakTread(depth, unit).replace(/ (mm|in)$/, '') : '–';
  };
  return (
    <div className="space-y-2">
      <fieldset>
        <legend className="sr-only">Which third, away from the car first</legend>
        <div className="grid grid-cols-4 overflow-hidden rounded-md border border-ink">
          {treadThirds.map((of) => (
            <ThirdKey
              key={of}
              name={sentence(thirdName(of, unit === '32nds' ? 'us' : 'uk'))}
              figure={shown(of)}
              isOn={third === of}
              onTap={() => onThird(of)}
            />
          ))}
          <ThirdKey
            name="Whole"
            figure={read?.thirds.whole ? speakTread(read.thirds.whole, unit).replace(/ (mm|in)$/, '') : '–'}
            isOn={third === undefined}
            onTap={() => onThird(undefined)}
          />
        </div>
      </fieldset>
      <div className="grid grid-cols-4 gap-2">
        {keys.depths.map((depth) => (
          <Button
            key={depth}
            className="min-h-14 px-0! text-2xl tabular-nums"
            aria-label={`${depth} ${unit === 'mm' ? 'mm' : '32nds'}`}
            onClick={() => {
              const mm = toMm(depth, unit);
              onDepth({ lowMm: mm, highMm: mm }, unit);
            }}
          >
            {depth}
          </Button>
        ))}
        <Button
          className="col-span-2 min-h-14 text-xl"
          disabled={!canPlus}
          aria-label={`${keys.plusLabel} to the reading just given`}
          onClick={onPlus}
        >
          {keys.plusLabel} <span className="text-sm font-normal">to the last</span>
        </Button>
      </div>
      <TypedReading
        id="tread-typed"
        label={`Or type it, ${unit === 'mm' ? 'mm' : '32nds of an inch'}`}
        hint="One figure or a range: 4-5, 3.5 mm, 5/32"
        onText={(text) => {
          const reading = parseTread(text, unit, mostMm);
          if (!reading.ok) return treadProblemMessage(reading);
          onDepth(reading.depth, reading.unit);
          return undefined;
        }}
      />
    </div>
  );
}

function ThirdKey(props: { name: string; figure: string; isOn: boolean; onTap: () => void }) {
  const { name, figure, isOn, onTap } = props;
  return (
    <button
      type="button"
      aria-pressed={isOn}
      onClick={onTap}
      className="flex min-h-14 flex-col items-center justify-center border-ink leading-tight not-first:border-l aria-pressed:bg-tape"
    >
      <span className="text-sm">{name}</span>
      <span className="text-lg font-bold tabular-nums">{figure}</span>
    </button>
  );
}
