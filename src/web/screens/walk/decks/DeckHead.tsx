import { X } from 'lucide-react';
import type { ReactNode } from 'react';

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
  return (
    <div className="flex items-start gap-2 border-b border-line py-1 pr-1 pl-3">
      <div className="min-w-0 flex-1 py-2">
        <h2 className="text-lg leading-tight">{title}</h2>
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
