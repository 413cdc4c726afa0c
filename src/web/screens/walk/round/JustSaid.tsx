import { Undo2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { type PartId, partNameForAnyone } from '#core/car';
import { sentence } from '#core/wording';
import type { OpenWalk } from '../../../sync/useWalk';
import { wordsOfEntry } from './logLines';

/** So long it can be taken back without looking for it. */
const SHOWN_MS = 10_000;

interface JustSaidProps {
  walk: OpenWalk;
  here: PartId;
  onUndo: () => void;
}

/** What was said last and the way to take it back, over the foot of the map for ten seconds; told aloud with where one goes next. */
export function JustSaid({ walk, here, onUndo }: JustSaidProps) {
  const entry = walk.entries.findLast(({ id }) => id === walk.state.undoable.at(-1));
  /** What stood when one came, and what was told already, is not news. */
  const told = useRef(entry?.at ?? '');
  const [shown, setShown] = useState<string>();
  const isNews = entry !== undefined && entry.at > told.current;
  useEffect(() => {
    if (!isNews || !entry) return;
    told.current = entry.at;
    setShown(entry.id);
  }, [isNews, entry]);
  useEffect(() => {
    if (shown === undefined) return;
    const timer = setTimeout(() => setShown(undefined), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [shown]);
  const stands = shown !== undefined && shown === entry?.id;
  const says = stands ? wordsOfEntry(walk, shown) : undefined;
  const part = walk.style.parts.get(here);
  const movedOn = entry && 'part' in entry.body && entry.body.part !== here;
  const aloud = says && `${entry?.kind === 'part-cleared' ? 'Clear' : says}.`;
  return (
    <>
      <p role="status" className="sr-only" data-testid="aloud">
        {aloud && (movedOn && part ? `${aloud} Next: ${partNameForAnyone(part, walk.page.car)}` : aloud)}
      </p>
      {says && (
        <div className="absolute bottom-1 left-0 z-10 flex max-w-[calc(100%-3.5rem)] items-stretch rounded-md border border-ink bg-night text-white shadow-lg">
          <span className="min-w-0 line-clamp-2 self-center py-1 pl-3 text-sm leading-tight">
            {sentence(says)}
          </span>
          <button
            type="button"
            onClick={onUndo}
            className="flex min-h-12 shrink-0 items-center gap-2 px-3 font-bold text-tape"
          >
            <Undo2 aria-hidden size={20} /> Undo this
          </button>
        </div>
      )}
    </>
  );
}
