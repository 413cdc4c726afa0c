import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { type PartId, partNameForAnyone, vocabularyOf } from '#core/car';
import {
  type FindingDetails,
  type FindingKind,
  findingKindName,
  isStanding,
  kindFits,
  kindsFor,
  repeatedWords,
  type Spot,
  sameAgain,
} from '#core/walk';
import { formOf } from '../walkModel';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';
import { SayLine } from './SayLine';

/** The second of two taps: what it is. */
export function KindsDeck({
  walk,
  setDeck,
  say,
  part: partId,
  spot,
}: DeckProps & { part: PartId; spot: Spot }) {
  const { state, style, page } = walk;
  const [suspected, setSuspected] = useState(false);
  const part = style.parts.get(partId);
  if (!part) return null;
  const used = new Map<FindingKind, number>();
  for (const { kind } of state.findings) used.set(kind, (used.get(kind) ?? 0) + 1);
  const last = state.findings.findLast((finding) => isStanding(finding));
  const again = last && kindFits(last.kind, part) ? last : undefined;
  const repeated = again ? sameAgain(again) : {};
  const log = (kind: FindingKind, details: FindingDetails) => {
    const finding = newId();
    // A chip is a dot already: further taps on the part add to it.
    const extent = formOf(kind, part) === 'dots' ? { extent: { form: 'dots' as const, spots: [spot] } } : {};
    say({
      kind: 'finding-noted',
      body: { finding, part: partId, spot, kind, suspected, details: { ...details, ...extent } },
    });
    setDeck({ mode: 'refine', finding });
  };
  return (
    <>
      <DeckHead
        title="What is it?"
        note={`On the ${partNameForAnyone(part, page.car)}`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-0 flex-1 overflow-y-auto">
        {again && (
          <div className="px-2 pt-2">
            <button
              type="button"
              onClick={() => log(again.kind, repeated)}
              className="min-h-13 w-full rounded-md border border-ink bg-tape-pale px-2 text-left leading-tight"
            >
              Same again:{' '}
              <b>{repeatedWords({ kind: again.kind, details: repeated }, vocabularyOf(page.car))}</b>
            </button>
          </div>
        )}
        <div className="grid grid-cols-2 gap-2 p-2">
          {kindsFor(part, used).map((kind) => (
            <button
              key={kind}
              type="button"
              onClick={() => log(kind, {})}
              className="min-h-13 rounded-md border border-soft bg-sheet px-2 text-left font-bold leading-tight active:bg-tape"
            >
              {findingKindName(kind, vocabularyOf(page.car))}
            </button>
          ))}
        </div>
        <SayLine {...{ walk, say, setDeck, spot }} part={partId} />
      </div>
      <label className="flex min-h-12 items-center gap-3 border-t border-line px-3">
        <input
          type="checkbox"
          className="size-6 accent-accent"
          checked={suspected}
          onChange={(event) => setSuspected(event.target.checked)}
        />
        Not sure yet: might be dirt or a reflection
      </label>
    </>
  );
}
