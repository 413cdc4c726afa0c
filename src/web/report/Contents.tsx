import { ListTree } from 'lucide-react';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { Chapter } from '#core/report';
import { buttonLook } from '../components/Button';
import { useFolding } from './FoldContext';

/** The chapters: a rail beside the text where there is room for one, a button at the foot of a phone. */
interface ContentsProps {
  chapters: readonly Chapter[];
  /** What a reader may set, below the chapters. */
  settings?: ReactNode;
}

export function Contents({ chapters, settings }: ContentsProps) {
  const { isAllOpen, openAll } = useFolding();
  const [isOpen, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!isOpen) return;
    const onKey = ({ key }: KeyboardEvent) => {
      if (key !== 'Escape') return;
      setOpen(false);
      button.current?.focus();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [isOpen]);
  const list = (
    <ul>
      <li>
        <button
          type="button"
          aria-pressed={isAllOpen}
          onClick={() => {
            openAll(true);
            setOpen(false);
          }}
          className="flex min-h-11 w-full items-center border-b border-line px-2 text-left font-bold hover:bg-fill"
        >
          Open every chapter
        </button>
      </li>
      {chapters.map(({ id, title }) => (
        <li key={id}>
          <a
            href={`#${id}`}
            onClick={() => setOpen(false)}
            className="flex min-h-11 items-center border-b border-line px-2 hover:bg-fill"
          >
            {title}
          </a>
        </li>
      ))}
      {settings && <li>{settings}</li>}
    </ul>
  );
  return (
    <>
      <nav
        aria-label="Contents"
        className="fixed top-20 left-[max(16px,calc(50%-39rem))] hidden max-h-[calc(100dvh-6rem)] w-[208px] overflow-y-auto wrap-anywhere text-sm xl:block print:hidden"
      >
        {list}
      </nav>
      <nav aria-label="Contents of the report" className="fixed right-3 bottom-3 z-20 xl:hidden print:hidden">
        {isOpen && (
          <div className="absolute right-0 bottom-14 max-h-[70dvh] w-64 overflow-y-auto rounded-md border border-ink bg-sheet shadow-lg">
            {list}
          </div>
        )}
        <button
          ref={button}
          type="button"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
          className={`${buttonLook('tape')} shadow-lg`}
        >
          <ListTree aria-hidden size={20} /> Contents
        </button>
      </nav>
    </>
  );
}
