import { ChevronDown } from 'lucide-react';
import { type ReactNode, useState } from 'react';

/** Something one opens when it is wanted; what is in it is made then, and stays. */
export function Fold({ title, isOpen, children }: { title: string; isOpen?: boolean; children: ReactNode }) {
  const [wasOpened, setOpened] = useState(isOpen ?? false);
  return (
    <details
      open={isOpen}
      className="group min-w-0"
      onToggle={(event) => event.currentTarget.open && setOpened(true)}
    >
      <summary className="mb-2 flex min-h-12 cursor-pointer items-center gap-2 border-b border-line text-lg font-bold">
        <ChevronDown aria-hidden size={20} className="shrink-0 -rotate-90 group-open:rotate-0" />
        {title}
      </summary>
      {wasOpened && children}
    </details>
  );
}
