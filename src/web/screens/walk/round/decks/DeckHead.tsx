import { X } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { afterPaint } from '../../../../device/afterPaint';

/** Title of a deck, with the way back to the stop. */
export function DeckHead({
  title,
  note,
  onClose,
  closeLabel = 'Back to the stop',
}: {
  title: ReactNode;
  note?: ReactNode;
  onClose: () => void;
  closeLabel?: string;
}) {
  const heading = useRef<HTMLHeadingElement>(null);
  // Keys and readers begin in the deck that was opened, and are back where they were once it is closed.
  useEffect(() => {
    const before = document.activeElement;
    const callOff = afterPaint(() => heading.current?.focus({ preventScroll: true }));
    return () => {
      callOff();
      const at = document.activeElement;
      if ((!at || at === document.body) && before instanceof HTMLElement && before.isConnected)
        before.focus({ preventScroll: true });
    };
  }, []);
  return (
    <div className="flex items-start gap-2 border-b border-line py-1 pr-1 pl-3">
      <div className="min-w-0 flex-1 py-2">
        <h2 ref={heading} tabIndex={-1} className="text-lg leading-tight outline-none">
          {title}
        </h2>
        {note && <p className="text-sm text-soft">{note}</p>}
      </div>
      <button
        type="button"
        onClick={onClose}
        aria-label={closeLabel}
        className="grid size-12 shrink-0 place-items-center"
      >
        <X aria-hidden size={24} />
      </button>
    </div>
  );
}
