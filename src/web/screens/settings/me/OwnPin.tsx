import { useState } from 'react';
import { pinProblem } from '#core/people';
import { Button } from '../../../components/Button';
import { PinEntry } from './PinEntry';
import { useEntering } from './useEntering';

/** The PIN by which one takes this device over from somebody else. It counts on this device alone. */
export function OwnPin({ hasPin }: { hasPin: boolean }) {
  const set = useEntering('/api/me/pin', 'PUT');
  const [isOpen, setOpen] = useState(false);
  const [problem, setProblem] = useState<string>();
  const keep = (pin: string) => {
    const found = pinProblem(pin);
    setProblem(found);
    if (!found) set.mutate({ pin }, { onSuccess: () => setOpen(false) });
  };
  return (
    <div className="space-y-2">
      <p role="status">
        {hasPin
          ? 'You have a PIN on this device.'
          : 'You have no PIN on this device yet: without one you type your password to come back.'}
      </p>
      {isOpen && (
        <PinEntry
          label="Six digits"
          button="Set it"
          error={problem ?? set.error?.message}
          isPending={set.isPending}
          onPin={keep}
        />
      )}
      <div className="flex flex-wrap gap-2">
        {!isOpen && <Button onClick={() => setOpen(true)}>{hasPin ? 'Another PIN' : 'Set a PIN'}</Button>}
        {isOpen && <Button onClick={() => setOpen(false)}>Leave it</Button>}
        {hasPin && !isOpen && <Button onClick={() => set.mutate({ pin: null })}>Take it off</Button>}
      </div>
    </div>
  );
}
