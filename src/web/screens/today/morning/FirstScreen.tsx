import { type ReactNode, useEffect } from 'react';
import { Navigate, useLocation } from 'react-router';
import { isOn } from '../../../device/habits';
import { useMay } from '../../../people/me';

let hasOpened = false;

/** From the first screen that was shown on, whoever comes back to the stock list wants the stock list. */
export function useNoteOpened(): void {
  useEffect(() => {
    hasOpened = true;
  }, []);
}

/** What Zelk opens with: the morning for whoever looks after the yard, where there is signal; the stock list for everybody else, and ever after. */
export function FirstScreen({ children }: { children: ReactNode }) {
  const { search } = useLocation();
  const looksAfter = useMay('manage');
  if (!hasOpened && looksAfter && search === '' && navigator.onLine && isOn('opensWithMorning'))
    return <Navigate to="/morning" replace state={{ isByItself: true }} />;
  return children;
}
