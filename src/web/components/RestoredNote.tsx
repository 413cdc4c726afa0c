import { Button } from './Button';

/** Says that what was typed before is here again, and offers to begin anew. */
export function RestoredNote({ onAnew }: { onAnew: () => void }) {
  return (
    <p className="flex items-center gap-3 border-l-8 border-tape pl-3">
      <span className="min-w-0 flex-1">What you typed before is still here; it is not saved yet.</span>
      <Button onClick={onAnew}>Begin anew</Button>
    </p>
  );
}
