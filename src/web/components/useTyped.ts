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

/** Something was typed under this name and is not saved. */
export const hasTyped = (name: string): boolean => kept(name) !== undefined;

/** What of a form was typed: the fields that differ, so that one somebody else fills in meanwhile is not held against them. */
function differs<T>(value: T, saved: T): Partial<T> | T | undefined {
  if (typeof value !== 'object' || value === null) return value === saved ? undefined : value;
  const fields = Object.entries(value).filter(
    ([key, field]) => JSON.stringify(field) !== JSON.stringify(saved[key as keyof T]),
  );
  return fields.length === 0 ? undefined : (Object.fromEntries(fields) as Partial<T>);
}

const laidOver = <T>(initial: T, typed: T | undefined): T =>
  typeof initial === 'object' ? { ...initial, ...typed } : (typed ?? initial);

export interface Typed<T> {
  value: T;
  setValue: Dispatch<SetStateAction<T>>;
  /** It was typed before a reload or on an earlier visit, and not saved. */
  isRestored: boolean;
  /** This field was typed since it was last saved: what was not typed is nobody's word. */
  isTyped: (field: keyof T) => boolean;
  /** It is saved, or begun anew: nothing of it is kept any more, but for the fields named. */
  drop: (but?: readonly (keyof T)[]) => void;
}

/** What is typed into a form, kept on this device under a name of its own until it is saved: neither a reload nor Back loses it. */
export function useTyped<T>(name: string, initial: T): Typed<T> {
  const [isRestored, setRestored] = useState(() => kept<T>(name) !== undefined);
  const [value, setValue] = useState<T>(() => laidOver(initial, kept<T>(name)));
  const saved = useRef(initial);
  useEffect(() => {
    keep(name, differs(value, saved.current));
  }, [name, value]);
  const isTyped = useCallback((field: keyof T) => value[field] !== saved.current[field], [value]);
  const drop = useCallback(
    (but: readonly (keyof T)[] = []) => {
      setRestored(false);
      setValue((now) => {
        const open = Object.fromEntries(but.map((field) => [field, saved.current[field]]));
        saved.current = but.length > 0 ? { ...now, ...open } : now;
        keep(name, differs(now, saved.current));
        return now;
      });
    },
    [name],
  );
  return { value, setValue, isRestored, isTyped, drop };
}
