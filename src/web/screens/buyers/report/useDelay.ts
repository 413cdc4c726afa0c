import { useEffect, useRef, useState } from 'react';

/** Something that happens so many seconds after it was asked for, unless it is undone before: seconds left while it waits. Left behind, it does not happen. */
export function useDelay(seconds: number, act: () => void) {
  const [left, setLeft] = useState<number>();
  const latest = useRef(act);
  latest.current = act;
  useEffect(() => {
    if (left === undefined) return;
    if (left === 0) {
      setLeft(undefined);
      latest.current();
      return;
    }
    const timer = setTimeout(() => setLeft(left - 1), 1000);
    return () => clearTimeout(timer);
  }, [left]);
  return {
    left,
    begin: () => setLeft(seconds),
    undo: () => setLeft(undefined),
    atOnce: () => setLeft(0),
  };
}
