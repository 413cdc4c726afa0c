import { useEffect } from 'react';

export interface KeyAction {
  key: string;

  run: () => void;
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Keys of a screen; they rest while someone types. */
export function useKeys(actions: readonly KeyAction[]): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        event.repeat ||
        event.defaultPrevented ||
        isTyping(event.target)
      )
        return;
      const action = actions.find((candidate) => candidate.key === event.key);
      if (!action) return;
      event.preventDefault();
      action.run();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions]);
}
