import { Check, MessageSquareText } from 'lucide-react';
import { useState } from 'react';
import { faceName, partNames, vocabularyOf } from '#core/car';
import { type LookId, looksForAll, type SweepOver, sweepPlan } from '#core/walk';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';
import { LookedFor } from './LookedFor';

/** So many things looked for are offered for a side: more are not read. */
const OFFERED = 6;

/** One gesture for many parts: a side, or all that nobody has said anything of. What is in doubt, unseen or faulty stays as it is. */
export function SweepDeck({ walk, face, setDeck, say }: DeckProps) {
  const { state, style, page } = walk;
  const [of, setOf] = useState<SweepOver['of']>('side');
  const [chosen, setChosen] = useState<LookId[]>([]);
  const nameOf = partNames(style, page.car);
  const over: SweepOver = of === 'side' ? { of, face } : { of };
  const { parts, left } = sweepPlan(state, style, over);
  const looks = looksForAll(parts).slice(0, OFFERED);
  const absent = chosen.filter((id) => looks.includes(id));
  const clear = () => {
    say({
      kind: 'sweep-made',
      body: { over, parts: parts.map(({ id }) => id), ...(absent.length > 0 && { absent }) },
    });
    setDeck({ mode: 'stop' });
  };
  return (
    <>
      <DeckHead
        title="Clear many at once"
        note="As seen from where you stand. The report says that it was a sweep."
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        <Choice
          legend="How far"
          isLegendHidden
          value={of}
          options={[
            { value: 'side', label: faceName(face, page.car) },
            { value: 'rest', label: 'all not said yet' },
          ]}
          onChange={setOf}
        />
        <LookedFor looks={looks} chosen={chosen} vocabulary={vocabularyOf(page.car)} onChange={setChosen} />
        {left.length > 0 && (
          <p className="text-soft">
            Left alone: {left.map(({ part, why }) => `${nameOf(part)} (${why})`).join(', ')}.
          </p>
        )}
        <Button className="w-full" onClick={() => setDeck({ mode: 'statement' })}>
          <MessageSquareText aria-hidden size={20} /> Say something of a side or the whole car
        </Button>
      </div>
      <div className="border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button look="main" className="min-h-16 w-full text-xl" disabled={parts.length === 0} onClick={clear}>
          <Check aria-hidden size={26} />{' '}
          {parts.length === 0
            ? 'Nothing to clear here'
            : `Clear ${parts.length} ${parts.length === 1 ? 'part' : 'parts'}`}
        </Button>
      </div>
    </>
  );
}
