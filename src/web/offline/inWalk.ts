import { useEffect } from 'react';

const LOCK = 'zelk-walk';

/** Says to all windows of this device that somebody walks while this is shown. */
export function useInWalk(): void {
  useEffect(() => {
    let leave = () => {};
    const left = new Promise<void>((done) => {
      leave = done;
    });
    void navigator.locks?.request(LOCK, { mode: 'shared' }, () => left);
    return leave;
  }, []);
}

/** Whether somebody walks, in any window of this device. */
export async function isInWalk(): Promise<boolean> {
  const { held = [] } = (await navigator.locks?.query()) ?? {};
  return held.some(({ name }) => name === LOCK);
}
