import { useEffect, useState, useSyncExternalStore } from 'react';
import { Button } from '../components/Button';
import { newer, takeNewer } from './newer';

/** Says that a newer Zelk is here. It is taken by a tap, or by itself when the device is put away with nothing being done. */
export function NewerNotice() {
  const isReady = useSyncExternalStore(newer.subscribe, newer.get);
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    if (!isReady) return;
    const away = () => {
      if (document.visibilityState === 'hidden') void takeNewer();
    };
    document.addEventListener('visibilitychange', away);
    return () => document.removeEventListener('visibilitychange', away);
  }, [isReady]);
  if (!isReady) return null;
  return (
    <div
      role="status"
      className="mb-3 flex flex-wrap items-center gap-3 border-l-8 border-tape bg-sheet p-2 pl-3"
    >
      <p className="min-w-0 flex-1">
        {isHeld
          ? 'A walk is open in another window. Close it there first; nothing in it is lost.'
          : 'A newer Zelk is on this device.'}
      </p>
      <Button onClick={() => void takeNewer().then((isTaken) => setHeld(!isTaken))}>Use it now</Button>
    </div>
  );
}
