import { X } from 'lucide-react';
import type { AskedNews } from './newsOf';

interface AskedBarProps {
  news: AskedNews;
  onClose: () => void;
}

/** Says where one is, at the foot of the screen, that a question was asked or that an answer has come, and leads to it. */
export function AskedBar({ news, onClose }: AskedBarProps) {
  const { kind, question, count } = news;
  return (
    <div
      role="status"
      className="fixed inset-x-3 bottom-20 z-20 mx-auto flex max-w-lg items-center gap-2 rounded-md border-4 border-tape bg-sheet p-3 shadow-lg print:hidden"
    >
      <p className="min-w-0 flex-1">
        {kind === 'asked'
          ? 'Asked. The answer comes to this page by itself. '
          : count === 1
            ? 'An answer has come. '
            : `${count} answers have come. `}
        <a
          href={`#question-${question}`}
          onClick={onClose}
          className="font-bold underline underline-offset-4"
        >
          {kind === 'asked' ? 'See the question' : 'Read it'}
        </a>
      </p>
      <button
        type="button"
        aria-label="Close"
        onClick={onClose}
        className="grid size-12 shrink-0 place-items-center"
      >
        <X aria-hidden size={20} />
      </button>
    </div>
  );
}
