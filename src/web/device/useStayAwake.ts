import { useEffect } from 'react';
import { useHabit } from './habits';

/** Keeps the screen on while this is shown, where the browser can; asked for again when one comes back to the page. */
export function useStayAwake(): void {
  const isWanted = useHabit('staysAwake');
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isLeft = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      // Refused on a nearly empty battery: the screen then goes dark as usual.
      const got = await navigator.wakeLock.request('screen').catch(() => undefined);
      if (isLeft) void got?.release();
      else lock = got;
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isLeft = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isWanted]);
}
