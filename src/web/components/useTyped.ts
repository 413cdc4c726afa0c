import { type Dispatch, type SetStateAction, useCallback, useEffect, useRef, useState } from 'react';

const keyOf = (name: string) => `zelk.typed.${name}`;

function kept<T>(name: string): T | undefined {
  try {
    const text = localStorage.getItem(keyOf(name));
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    // Refused, or not ours: what was typed is begun anew.
    return undefined;
  }
}

function keep(name: string, value: unknown): void {
  try {
    if (value === undefined) localStorage.removeItem(keyOf(name));
    else localStorage.setItem(keyOf(name), JSON.stringify(value));
  } catch {
    // Storage that is refused or full: it lasts as long as the page.
  }
}

export interface Typed<T> {
  value: T;
  setValue: Dispatch<SetStateAction<T>>;
  /** It was typed before a reload or on an earlier visit, and not saved. */
  isRestored: boolean;
  /** It is saved, or begun anew: nothing of it is kept any more. */
  drop: () => void;
}

/** What is typed into a form, kept on this device under a name of its own until it is saved: neither a reload nor Back loses it. */
export function useTyped<T>(name: string, initial: T): Typed<T> {
  const [isRestored, setRestored] = useState(() => kept<T>(name) !== undefined);
  const [value, setValue] = useState<T>(() => kept<T>(name) ?? initial);
  const untouched = useRef(JSON.stringify(initial));
  useEffect(() => {
    keep(name, JSON.stringify(value) === untouched.current ? undefined : value);
  }, [name, value]);
  const drop = useCallback(() => {
    keep(name, undefined);
    setRestored(false);
    setValue((now) => {
      // What stands now is saved: only what is typed from here on is kept.
      untouched.current = JSON.stringify(now);
      return now;
    });
  }, [name]);
  return { value, setValue, isRestored, drop };
}
