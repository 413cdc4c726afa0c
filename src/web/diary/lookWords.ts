import type { Corner, MorningLook } from '#core/diary';
import { sentence } from '#core/wording';

const cornerWords: Record<Corner, string> = {
  fl: 'front left',
  fr: 'front right',
  rl: 'rear left',
  rr: 'rear right',
};

type Seen = Pick<
  MorningLook,
  'start' | 'level' | 'sunkAt' | 'under' | 'dropsAt' | 'lamps' | 'tyres' | 'losing' | 'volts' | 'note'
>;

/** "Started at once, level, dry, 12.6 V": what was seen, in the order it is looked at. */
export function lookWords({
  start,
  level,
  sunkAt,
  under,
  dropsAt,
  lamps,
  tyres,
  losing,
  volts,
  note,
}: Seen): string {
  const at = (corners: readonly Corner[] | undefined) =>
    corners && corners.length > 0 ? ` (${corners.map((corner) => cornerWords[corner]).join(', ')})` : '';
  const starts = { 'at-once': 'started at once', slowly: 'started slowly', not: 'did not start' } as const;
  return sentence(
    [
      start && starts[start],
      level === 'level' && 'level',
      level === 'sunk' && `sunk${at(sunkAt)}`,
      under === 'dry' && 'no drops',
      under === 'drops' && `drops under it${dropsAt ? ` (${dropsAt})` : ''}`,
      lamps === 'none' && 'no lamp',
      lamps === 'on' && 'a lamp stays on',
      tyres === 'hold' && 'tyres hold',
      tyres === 'losing' && `a tyre loses air${at(losing)}`,
      volts !== undefined && `${volts.toFixed(1)} V`,
      note,
    ]
      .filter(Boolean)
      .join(', '),
  );
}

export { cornerWords };
