import { X } from 'lucide-react';

/** Leaves out one statement of what was heard. */
export function LeaveOut({ says, onClick }: { says: string; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-label={`Leave out: ${says}`}
      onClick={onClick}
      className="grid size-12 shrink-0 place-items-center"
    >
      <X aria-hidden size={22} />
    </button>
  );
}
