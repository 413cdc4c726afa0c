import { type ReactNode, useEffect, useId, useRef, useState } from 'react';

interface DropDownProps {
  /** What the button is to whoever does not see it. */
  label: string;
  button: ReactNode;
  className: string;
  wholeClassName?: string;
  panelClassName: string;
  testId?: string;
  children: (close: () => void) => ReactNode;
}

/** A button that opens a panel below itself; Escape, a tap beside it and keys that lead elsewhere close it. On every first screen, so it brings no library along. */
export function DropDown({
  label,
  button,
  className,
  wholeClassName = '',
  panelClassName,
  testId,
  children,
}: DropDownProps) {
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  const whole = useRef<HTMLDivElement>(null);
  const handle = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!isOpen) return;
    const beside = ({ target }: Event) => {
      if (!whole.current?.contains(target as Node)) setOpen(false);
    };
    const byEscape = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.stopPropagation();
      setOpen(false);
      handle.current?.focus();
    };
    document.addEventListener('pointerdown', beside);
    document.addEventListener('focusin', beside);
    document.addEventListener('keydown', byEscape, true);
    return () => {
      document.removeEventListener('pointerdown', beside);
      document.removeEventListener('focusin', beside);
      document.removeEventListener('keydown', byEscape, true);
    };
  }, [isOpen]);
  return (
    <div ref={whole} className={`relative min-w-0 ${wholeClassName}`}>
      <button
        ref={handle}
        type="button"
        aria-label={label}
        aria-expanded={isOpen}
        aria-controls={isOpen ? id : undefined}
        data-testid={testId}
        onClick={() => setOpen(!isOpen)}
        className={className}
      >
        {button}
      </button>
      {isOpen && (
        <div id={id} className={panelClassName}>
          {children(() => setOpen(false))}
        </div>
      )}
    </div>
  );
}
