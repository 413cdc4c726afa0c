import type { MorningLook } from './look';

/** Something of a look was not as it should be. */
export const isOdd = ({
  start,
  level,
  under,
  lamps,
  tyres,
}: Pick<MorningLook, 'start' | 'level' | 'under' | 'lamps' | 'tyres'>): boolean =>
  (start !== undefined && start !== 'at-once') ||
  level === 'sunk' ||
  under === 'drops' ||
  lamps === 'on' ||
  tyres === 'losing';
