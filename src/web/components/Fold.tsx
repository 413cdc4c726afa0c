import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';

/** Something one opens when it is wanted; what is in it is made then, and stays. `isOpen` opens it; only the hand shuts it. */
export function Fold({ title, isOpen, children }: { title: string; isOpen?: boolean; children: ReactNode }) {
  const [isShown, setShown] = useState(isOpen ?? false);
  const [wasShown, setWasShown] = useState(isShown);
  useEffect(() => {
    if (isOpen) setShown(true);
  }, [isOpen]);
  return (
    <details
      open={isShown}
      className="group min-w-0"
      onToggle={({ currentTarget: { open } }) => {
        setShown(open);
        if (open) setWasShown(true);
      }}
    >
      <summary className="mb-2 flex min-h-12 cursor-pointer items-center gap-2 border-b border-line text-lg font-bold">
        <ChevronDown aria-hidden size={20} className="shrink-0 -rotate-90 group-open:rotate-0" />
        {title}
      </summary>
      {(isShown || wasShown) && children}
    </details>
  );
}
