import type { Entry, Fact, FindingKind } from '#core/walk';

export const WALK = '018f0000-0000-7000-8000-0000000000aa';
export const CAR = '018f0000-0000-7000-8000-0000000000cc';
export const WHO = '018f0000-0000-7000-8000-0000000000ee';
export const START = Date.parse('2026-03-14T09:30:00.000Z');

/** A UUID that sorts by its number, as those of one phone do. */
export const idOf = (n: number): string => `018f0000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

/** Entries one second apart from facts. */
export function entriesOf(facts: readonly Fact[], walk = WALK, firstId = 1): Entry[] {
  return facts.map(
    (fact, i) =>
      ({
        ...fact,
        id: idOf(firstId + i),
        walk,
        who: WHO,
        at: new Date(START + i * 1000).toISOString(),
      }) as Entry,
  );
}

export const begun: Fact = { kind: 'walk-begun', body: { carId: CAR, bodyStyle: 'hatch-5' } };

export function noted(
  n: number,
  part = 'door-fl',
  more: { suspected?: boolean; kind?: FindingKind } = {},
): Fact {
  return {
    kind: 'finding-noted',
    body: {
      finding: idOf(0xf000 + n),
      part,
      spot: { u: 0.5, v: 0.5 },
      kind: more.kind ?? 'dent',
      suspected: more.suspected ?? false,
      details: {},
    },
  };
}
