import { Button } from '../../../components/Button';
import type { Bringing } from './useBringing';

/** How far the bringing has come, and what was left out and why. */
export function BringingStrip({ progress, refused, known, cancel }: Bringing) {
  if (!progress && refused.length === 0 && known === 0) return null;
  return (
    <div className="border-b border-line bg-sheet px-3 py-2">
      {progress && (
        <div className="flex items-center gap-3">
          <progress value={progress.done} max={progress.of} className="h-3 min-w-0 flex-1 accent-accent" />
          <p role="status" className="tabular-nums">
            {progress.done} of {progress.of}
          </p>
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
      {known > 0 && <p>{known} were here already.</p>}
      {refused.length > 0 && (
        <div role="alert" className="max-h-24 overflow-y-auto text-warn">
          <ul>
            {refused.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
