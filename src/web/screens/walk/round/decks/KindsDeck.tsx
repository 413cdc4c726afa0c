import { type ReactNode, useState } from 'react';
import { v4 as newId } from 'uuid';
import {
  type PartId,
  partNameForAnyone,
  type SubPartId,
  subPartMaterial,
  subPartName,
  subPartsOf,
  vocabularyOf,
} from '#core/car';
import {
  type FindingKind,
  findingKindName,
  isOdd,
  isStanding,
  kindFits,
  kindsFor,
  otherKindsFor,
  repeatedWords,
  type Spot,
  type StoredDetails,
  sameAgain,
} from '#core/walk';
import { Fold } from '../../../../components/Fold';
import { type KeyAction, useKeys } from '../useKeys';
import { formOf } from '../walkModel';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';
import { SayLine } from './SayLine';

/** The second of two taps: what it is. */
export function KindsDeck({
  walk,
  setDeck,
  say,
  showHeard,
  part: partId,
  spot,
}: DeckProps & { part: PartId; spot: Spot }) {
  const { state, style, page } = walk;
  const vocabulary = vocabularyOf(page.car);
  const [suspected, setSuspected] = useState(false);
  const [sub, setSub] = useState<SubPartId>();
  /** A kind that can hardly be meant here, to be tapped once more. */
  const [asked, setAsked] = useState<FindingKind>();
  const part = style.parts.get(partId);
  if (!part) return null;
  const used = new Map<FindingKind, number>();
  for (const { kind } of state.findings) used.set(kind, (used.get(kind) ?? 0) + 1);
  const last = state.findings.findLast((finding) => isStanding(finding));
  // A smaller thing on the part may be of another material: its kinds come first then.
  const on = sub ? { ...part, material: subPartMaterial(sub) } : part;
  const again = last && kindFits(last.kind, on) ? last : undefined;
  const repeated = again ? sameAgain(again) : {};
  const log = (kind: FindingKind, details: StoredDetails) => {
    const finding = newId();
    // A chip is a dot already: further taps on the part add to it.
    const extent = formOf(kind, part) === 'dots' ? { extent: { form: 'dots' as const, spots: [spot] } } : {};
    say({
      kind: 'finding-noted',
      body: {
        finding,
        part: partId,
        ...(sub && { sub }),
        spot,
        kind,
        suspected,
        details: { ...details, ...extent },
      },
    });
    setDeck({ mode: 'refine', finding });
  };
  const kinds = kindsFor(on, used);
  const byDigit: KeyAction[] = [
    ...(again ? [{ key: '0', run: () => log(again.kind, repeated) }] : []),
    ...kinds.slice(0, 9).map((kind, i) => ({ key: String(i + 1), run: () => log(kind, {}) })),
  ];
  return (
    <>
      <Digits actions={byDigit} />
      <DeckHead
        title="What is it?"
        note={`On the ${partNameForAnyone(part, page.car)}`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 overflow-y-auto">
        {again && (
          <div className="px-2 pt-2">
            <button
              type="button"
              onClick={() => log(again.kind, repeated)}
              className="min-h-13 w-full rounded-md border border-ink bg-tape-pale px-2 text-left leading-tight"
            >
              Same again: <b>{repeatedWords({ kind: again.kind, details: repeated }, vocabulary)}</b>
            </button>
          </div>
        )}
        <div className="grid columns-as-fit gap-2 p-2">
          {kinds.map((kind, i) => (
            <button
              key={kind}
              type="button"
              onClick={() => log(kind, {})}
              aria-keyshortcuts={i < 9 ? String(i + 1) : undefined}
              className="flex min-h-13 items-center justify-between gap-1 rounded-md border border-soft bg-sheet px-2 text-left font-bold leading-tight active:bg-tape"
            >
              {findingKindName(kind, vocabulary)}
              {i < 9 && <Digit>{i + 1}</Digit>}
            </button>
          ))}
        </div>
        <div className="space-y-2 px-2 pb-2">
          {subPartsOf(part.kind).length > 0 && (
            <Fold title={sub ? `On its ${subPartName(sub, vocabulary)}` : 'On a smaller thing of it'}>
              <div className="grid columns-as-fit gap-2">
                {subPartsOf(part.kind).map((id) => (
                  <button
                    key={id}
                    type="button"
                    aria-pressed={id === sub}
                    className="min-h-12 rounded-md border border-line px-2 text-left leading-tight aria-pressed:bg-accent aria-pressed:text-on-accent"
                    onClick={() => setSub(id === sub ? undefined : id)}
                  >
                    {subPartName(id, vocabulary)}
                  </button>
                ))}
              </div>
            </Fold>
          )}
          <Fold title="Not usual here, but there">
            <div className="grid columns-as-fit gap-2">
              {otherKindsFor(on).map((kind) => (
                <button
                  key={kind}
                  type="button"
                  className="min-h-12 rounded-md border border-line px-2 text-left leading-tight"
                  onClick={() => (isOdd(kind, on) && asked !== kind ? setAsked(kind) : log(kind, {}))}
                >
                  {asked === kind
                    ? `${findingKindName(kind, vocabulary)} here? Tap again`
                    : findingKindName(kind, vocabulary)}
                </button>
              ))}
            </div>
          </Fold>
        </div>
        <SayLine {...{ walk, say, setDeck, showHeard, spot }} part={partId} />
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

/** The keys of this deck, while it is shown. */
function Digits({ actions }: { actions: readonly KeyAction[] }) {
  useKeys(actions);
  return null;
}

/** At a desk a kind is chosen by its digit. */
const Digit = ({ children }: { children: ReactNode }) => (
  <span aria-hidden className="text-sm font-normal text-soft max-lg:hidden">
    {children}
  </span>
);
