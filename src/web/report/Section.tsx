import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import type { ChapterId } from '#core/report';
import { sentence } from '#core/wording';
import { useFolding } from './FoldContext';

interface SectionProps {
  title: string;
  /** The chapter it is linked by from the contents. */
  chapter?: ChapterId;
  /** It is closed at first, with what it comes to beside its title. */
  folds?: boolean;
  /** What it comes to, where no verdict says it. */
  line?: string;
  children: ReactNode;
}

/** A chapter of the report, or a piece of one. What is folded is there for searches of the browser, for links and for paper. */
export function Section({ title, chapter, folds = false, line: own, children }: SectionProps) {
  const { isAllOpen, lineOf } = useFolding();
  const fold = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    if (isAllOpen && fold.current) fold.current.open = true;
  }, [isAllOpen]);
  const named = { ...(chapter && { id: chapter }) };
  if (!folds)
    return (
      <section {...named} className="mt-8 scroll-mt-4 px-4">
        <h2 className="mb-2 text-2xl">{title}</h2>
        {children}
      </section>
    );
  const line = own ?? (chapter && lineOf(chapter));
  return (
    <section {...named} className="scroll-mt-4 px-4">
      <details ref={fold} className="group border-b border-line">
        <summary className="grid min-h-14 cursor-pointer grid-cols-[1.25rem_minmax(0,1fr)] content-center gap-x-2 py-2">
          <ChevronDown aria-hidden size={20} className="mt-1 -rotate-90 group-open:rotate-0" />
          <h2 className="text-xl leading-tight">{title}</h2>
          {line && <span className="col-start-2 text-sm text-soft">{sentence(line)}</span>}
        </summary>
        <div className="pt-1 pb-6">{children}</div>
      </details>
    </section>
  );
}
