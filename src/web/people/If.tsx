import type { ReactNode } from 'react';
import type { Act } from '#core/people';
import { useMay } from './me';

/** Shown to whoever may do it: nobody is led to what the server refuses them. */
export function If({ may, children }: { may: Act; children: ReactNode }) {
  return useMay(may) ? children : null;
}
