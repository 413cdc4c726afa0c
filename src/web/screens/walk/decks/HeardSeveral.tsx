import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { PartId } from '#core/car';
import type { Draft } from '#core/speech';
import type { Fact } from '#core/walk';
import { Button } from '../../../components/Button';
import type { DeckProps } from './deckProps';
import { draftWords } from './draftWords';

/** Longer than a dictated minute: pasted by mistake. */
const MOST_SAID = 1500;

type Speech = typeof import('#core/speech');

/** What a line says where it says several things: those that may go into the record as they are. Nothing while the reader of talk has not come. */
export function useSeveral(line: string, { style, page }: DeckProps['walk'], here: PartId) {
  const [speech, setSpeech] = useState<Speech>();
  useEffect(() => {
    // Out of signal the line is read one finding at a time, as ever.
    import('#core/speech').then(setSpeech).catch(() => undefined);
  }, []);
  const drafts =
    line.length <= MOST_SAID
      ? (speech?.readTalk([{ text: line }], { style, speech: page.car, here }) ?? [])
      : [];
  const takes = drafts.filter((draft) => speech?.factOf(draft, style, ''));
  const factsOf = (chosen: readonly Draft[]): Fact[] =>
    chosen.flatMap((draft) => speech?.factOf(draft, style, newId()) ?? []);
  return { drafts: takes.length > 1 ? takes : [], factsOf };
}

interface HeardSeveralProps {
  walk: DeckProps['walk'];
  drafts: readonly Draft[];
  onLog: (drafts: readonly Draft[]) => void;
}

/** Several things in one line, each to be left out by a tap, all to be logged by another. */
export function HeardSeveral({ walk, drafts, onLog }: HeardSeveralProps) {
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const keyOf = (draft: Draft) => `${draft.is} ${draft.words.join(' ')} ${'part' in draft ? draft.part : ''}`;
  const chosen = drafts.filter((draft) => !leftOut.has(keyOf(draft)));
  return (
    <section aria-label="Heard several things" className="space-y-2">
      <ul>
        {chosen.map((draft) => {
          const says = draftWords(draft, walk.style, walk.page.car);
          return (
            <li key={keyOf(draft)} className="flex items-center gap-2 border-b border-line">
              <span className="min-w-0 flex-1 py-2">{says}</span>
              <button
                type="button"
                aria-label={`Leave out: ${says}`}
                onClick={() => setLeftOut(new Set([...leftOut, keyOf(draft)]))}
                className="grid size-12 shrink-0 place-items-center"
              >
                <X aria-hidden size={20} />
              </button>
            </li>
          );
        })}
      </ul>
      <Button look="main" className="w-full" disabled={chosen.length === 0} onClick={() => onLog(chosen)}>
        {chosen.length === 1 ? 'Log this one' : `Log all ${chosen.length}`}
      </Button>
    </section>
  );
}
