import { ChevronLeft } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { Link } from 'react-router';

interface BarProps {
  title: ReactNode;
  /** What the browser calls the page, where that is more than the title: which car it is about. */
  pageTitle?: string;
  /** Where the arrow leads; the stock list has none. */
  back?: { to: string; label: string };
  /** It goes with the page: where the page scrolls, large letters need its room. */
  scrolls?: boolean;
  children?: ReactNode;
}

/** The page that was asked for first: the browser itself says where one is. */
const first = location.pathname;
let hasMoved = false;

/** On another page the focus goes to its name, so that keys begin there and a reader tells it. */
function useFocusOnPage() {
  const name = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    hasMoved ||= location.pathname !== first;
    const at = document.activeElement;
    if (hasMoved && (!at || at === document.body)) name.current?.focus({ preventScroll: true });
  }, []);
  return name;
}

/** The strip at the top of every screen of the yard. */
export function Bar({ title, pageTitle, back, scrolls, children }: BarProps) {
  const named = pageTitle ?? (typeof title === 'string' ? title : '');
  const name = useFocusOnPage();
  useEffect(() => {
    document.title = named ? `${named} · Zelk` : 'Zelk';
  }, [named]);
  return (
    <header
      className={`${scrolls ? '' : 'sticky top-0'} z-20 flex min-h-14 shrink-0 flex-wrap items-center border-b border-ink bg-ground px-1 sm:gap-1 sm:px-4`}
    >
      {back ? (
        <Link
          to={back.to}
          aria-label={back.label}
          title={back.label}
          className="grid size-12 shrink-0 place-items-center"
        >
          <ChevronLeft aria-hidden size={26} />
        </Link>
      ) : (
        <Link to="/" className="mr-2 flex min-h-12 items-center">
          <span className="-rotate-3 bg-tape px-2 text-xl font-bold tracking-tight">Zelk</span>
        </Link>
      )}
      {typeof title === 'string' && title !== '' ? (
        <h1
          ref={name}
          tabIndex={-1}
          className="min-w-[min(6rem,30%)] flex-1 truncate text-base font-bold sm:text-lg"
        >
          {title}
        </h1>
      ) : (
        <>
          {named !== '' && (
            <h1 ref={name} tabIndex={-1} className="sr-only">
              {named}
            </h1>
          )}
          <div className="min-w-0 flex-1 truncate text-base font-bold sm:text-lg">{title}</div>
        </>
      )}
      {children}
    </header>
  );
}
