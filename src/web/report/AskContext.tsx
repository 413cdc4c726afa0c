import { createContext, useContext } from 'react';
import type { QuestionAbout } from '#core/questions';

export interface AskedAbout {
  about: QuestionAbout;
  /** "Finding 12, nearside front door (left)". */
  title: string;
}

/** How a reader asks about something; absent where nobody can, as in the yard's own view. */
export const AskContext = createContext<((asked: AskedAbout) => void) | undefined>(undefined);

export const useAsk = () => useContext(AskContext);

/** A small way to ask, beside what it is about. */
export function AskButton({ about, title }: AskedAbout) {
  const ask = useAsk();
  if (!ask) return null;
  return (
    <button
      type="button"
      aria-label={`Ask about ${title}`}
      onClick={() => ask({ about, title })}
      className="min-h-12 shrink-0 px-2 font-bold text-accent underline underline-offset-4"
    >
      Ask
    </button>
  );
}
