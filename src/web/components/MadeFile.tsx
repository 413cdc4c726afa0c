import { type MouseEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import type { PdfState } from '#core/api';
import { getJson } from '../api/client';
import { buttonLook } from './Button';

/** Asked again so often how far it is. */
const AGAIN_MS = 700;

interface MadeFileProps {
  href: string;
  /** Where it is told whether the file is made. */
  state: string;
  children: ReactNode;
}

/** A link to a file that is made when it is asked for. Until it is there it says so, and how many are made before it. */
export function MadeFile({ href, state, children }: MadeFileProps) {
  const [before, setBefore] = useState<number>();
  const isHere = useRef(true);
  useEffect(() => {
    isHere.current = true;
    return () => {
      isHere.current = false;
    };
  }, []);
  const fetchIt = async (event: MouseEvent) => {
    event.preventDefault();
    if (before !== undefined) return;
    // Where nobody can be asked the file itself is fetched, and tells what is wrong.
    const ask = () => getJson<PdfState>(state).catch((): PdfState => ({ isReady: true, before: 0 }));
    for (let told = await ask(); !told.isReady; told = await ask()) {
      if (!isHere.current) return;
      setBefore(told.before);
      await new Promise((later) => setTimeout(later, AGAIN_MS));
    }
    setBefore(undefined);
    // What is wrong with it comes as a download that failed, not as a page in place of this one.
    Object.assign(document.createElement('a'), { href, download: '' }).click();
  };
  return (
    <a className={buttonLook()} href={href} download onClick={(event) => void fetchIt(event)}>
      {children}
      <span role="status" className="font-normal text-soft empty:hidden">
        {before === 0 && 'is being made…'}
        {before !== undefined && before > 0 && `${before} before it…`}
      </span>
    </a>
  );
}
