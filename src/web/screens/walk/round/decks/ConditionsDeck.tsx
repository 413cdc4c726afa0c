import { useState } from 'react';
import { type FaceId, faceName, outsideFaces } from '#core/car';
import { type Conditions, conditionWords, dirtStates, lights, wetStates } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { TextField } from '../../../../components/fields';
import { conditionsAt } from '../walkModel';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

type Side = Extract<FaceId, (typeof outsideFaces)[number]>;

/** Light, wet and dirt: of the whole car at the start, of one side where it changes midway. */
export function ConditionsDeck({ walk, face, say, setDeck }: DeckProps) {
  const { state, page } = walk;
  const side = outsideFaces.find((each): each is Side => each === face);
  const [onlySide, setOnlySide] = useState(false);
  const known = conditionsAt(state, face);
  const [light, setLight] = useState(known?.light);
  const [wet, setWet] = useState(known?.wet);
  const [dirt, setDirt] = useState(known?.dirt);
  const [place, setPlace] = useState(known?.place ?? '');
  const note = (conditions: Conditions) => {
    say({ kind: 'conditions-noted', body: { ...conditions, ...(onlySide && side && { side }) } });
    setDeck({ mode: 'stop' });
  };
  return (
    <>
      <DeckHead
        title="Light, wet and dirt"
        note="They decide what can be seen. The report says what they may have hidden."
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        <Pick legend="Light" values={lights} words={conditionWords.light} value={light} onPick={setLight} />
        <Pick legend="Wet" values={wetStates} words={conditionWords.wet} value={wet} onPick={setWet} />
        <Pick legend="Dirt" values={dirtStates} words={conditionWords.dirt} value={dirt} onPick={setDirt} />
        <TextField
          id="place"
          label="Place (if it matters)"
          maxLength={60}
          value={place}
          autoComplete="off"
          onChange={(event) => setPlace(event.target.value)}
        />
        {side && state.conditions.whole && (
          <label className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 accent-accent"
              checked={onlySide}
              onChange={(event) => setOnlySide(event.target.checked)}
            />
            Only for this side: {sentence(faceName(side, page.car))}
          </label>
        )}
      </div>
      <div className="border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button
          look="main"
          className="w-full"
          disabled={!light || !wet || !dirt}
          onClick={() =>
            light && wet && dirt && note({ light, wet, dirt, ...(place.trim() && { place: place.trim() }) })
          }
        >
          {light && wet && dirt ? 'Note them' : 'Choose one of each'}
        </Button>
      </div>
    </>
  );
}

function Pick<T extends string>({
  legend,
  values,
  words,
  value,
  onPick,
}: {
  legend: string;
  values: readonly T[];
  words: Record<T, string>;
  value: T | undefined;
  onPick: (value: T) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-bold text-soft">{legend}</legend>
      <div className="grid grid-cols-3 gap-2">
        {values.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === value}
            onClick={() => onPick(each)}
            className="min-h-12 rounded-md border border-line px-2 leading-tight aria-pressed:border-accent aria-pressed:bg-accent aria-pressed:text-on-accent"
          >
            {words[each]}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
