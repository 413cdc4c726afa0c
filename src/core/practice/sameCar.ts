import type { BodyStyle } from '../car';
import { type FindingKind, isStanding, kindFits, partStatus, type WalkState } from '../walk';
import { type Agreement, yesNoAgreement, yesNoTable } from './kappa';

/** One car walked by two people. */
export interface WalkedTwice {
  style: BodyStyle;
  one: WalkState;
  other: WalkState;
}

/** How far two people agree on one kind of finding. */
export interface KindAgreement {
  kind: FindingKind;
  /** Absent where one of them found none: there is nothing to agree on. */
  agreement?: Agreement;
  /** Parts on which only the one, or only the other, found it. */
  onlyOne: number;
  onlyOther: number;
}

/** Fewer parts than this, or fewer finds, say nothing. House figures. */
const FEWEST_PARTS = 10;
const FEWEST_FINDS = 3;

/**
 * Agreement by kind over cars two people walked: of every part both looked at on which a kind makes sense, whether the one found it and whether the other did.
 * Kinds hardly anybody found are left out. The least agreement first.
 */
export function agreementByKind(cars: readonly WalkedTwice[]): KindAgreement[] {
  const pairs = new Map<FindingKind, [boolean, boolean][]>();
  for (const { style, one, other } of cars) {
    const [ones, others] = [foundOn(one), foundOn(other)];
    const kinds = new Set([...ones.values(), ...others.values()].flatMap((found) => [...found]));
    for (const part of style.parts.values()) {
      if (!isLooked(one, part.id) || !isLooked(other, part.id)) continue;
      for (const kind of kinds) {
        if (!kindFits(kind, part)) continue;
        const list = pairs.get(kind) ?? [];
        pairs.set(kind, list);
        list.push([ones.get(part.id)?.has(kind) ?? false, others.get(part.id)?.has(kind) ?? false]);
      }
    }
  }
  return [...pairs]
    .flatMap(([kind, all]): KindAgreement[] => {
      const table = yesNoTable(all);
      const [[both, onlyOne], [onlyOther]] = table;
      if (all.length < FEWEST_PARTS || both + onlyOne + onlyOther < FEWEST_FINDS) return [];
      const agreement = yesNoAgreement(table);
      return [
        {
          kind,
          ...(agreement && { agreement }),
          onlyOne,
          onlyOther,
        },
      ];
    })
    .sort((a, b) => (a.agreement?.kappa ?? -1) - (b.agreement?.kappa ?? -1));
}

const isLooked = (state: WalkState, part: string): boolean =>
  !['not-looked-at', 'not-seen'].includes(partStatus(state, part));

function foundOn({ findings }: WalkState): Map<string, Set<FindingKind>> {
  const found = new Map<string, Set<FindingKind>>();
  for (const finding of findings) {
    if (!isStanding(finding) && finding.standing.status !== 'put-right') continue;
    const here = found.get(finding.part) ?? new Set();
    found.set(finding.part, here);
    here.add(finding.kind);
  }
  return found;
}
