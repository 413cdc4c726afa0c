import { type TreadUnit, treadTold } from '../measure';
import { own, type Text } from '../told';
import { say } from './say';

/** What is compared between tyres. */
export interface Matched {
  part: string;
  brand?: string;
  /** The size as typed. */
  size?: string;
  depthMm: number;
}

export type Mismatch = { parts: readonly [string, string]; what: 'brand' | 'size' | 'depth'; says: Text };

/** Common practice: pairs on an axle within about this, and all four where all are driven. */
const CLOSE_MM = 2;

const two = (a: string, b: string) => say('match.two', { a: own(a), b: own(b) });

/** How two tyres that should be alike differ: brand, size, depth. */
export function mismatches(a: Matched, b: Matched, unit: TreadUnit = 'mm'): Mismatch[] {
  const parts = [a.part, b.part] as const;
  const alike = (x: string, y: string) =>
    x.trim().toLowerCase().replace(/\s+/g, '') === y.trim().toLowerCase().replace(/\s+/g, '');
  const apart = Math.round(Math.abs(a.depthMm - b.depthMm) * 10) / 10;
  return [
    ...(a.brand && b.brand && !alike(a.brand, b.brand)
      ? [{ parts, what: 'brand' as const, says: two(a.brand, b.brand) }]
      : []),
    ...(a.size && b.size && !alike(a.size, b.size)
      ? [{ parts, what: 'size' as const, says: two(a.size, b.size) }]
      : []),
    ...(apart > CLOSE_MM
      ? [
          {
            parts,
            what: 'depth' as const,
            says: say('match.apart', { depth: treadTold({ lowMm: apart, highMm: apart }, unit) }),
          },
        ]
      : []),
  ];
}

/** Pairs that should be alike: those on one axle, and first with rest where all wheels are driven. */
export function pairsToMatch(
  axles: readonly (readonly Matched[])[],
  isAllDriven: boolean,
): [Matched, Matched][] {
  const onAxles = axles.flatMap((axle) =>
    axle.slice(1).map((tyre): [Matched, Matched] => [axle[0] as Matched, tyre]),
  );
  if (!isAllDriven) return onAxles;
  const across = axles
    .slice(1)
    .flatMap((axle): [Matched, Matched][] => (axles[0]?.[0] && axle[0] ? [[axles[0][0], axle[0]]] : []));
  return [...onAxles, ...across];
}
