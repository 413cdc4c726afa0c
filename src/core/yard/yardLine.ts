import type { Yard } from './yardSchema';

/** One line a reader can call, write to and find. */
export const yardLine = ({ name, place, phone, mail }: Yard): string =>
  [name, place.replace(/\s*\n\s*/g, ', '), phone, mail].filter(Boolean).join(' · ');
