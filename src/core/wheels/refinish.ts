import type { WheelFinish } from './wheelFacts';

/** What is wrong with one wheel. */
export interface WheelDamage {
  /** Share of the rim that is kerbed, 0..1, overlaps counted once; of kerbing that was measured. */
  rimShare: number;
  /** Kerbed somewhere, and nobody has said how long. */
  isUnmeasured?: boolean;
  /** A nail catches in it somewhere. */
  isDeep: boolean;
  /** Corrosion under lacquer or flaking on its face. */
  isFlaking: boolean;
  /** Bent, buckled or cracked. */
  isBent: boolean;
}

/** What a wheel wants, from nothing to a qualified eye before it is driven. */
export type RefinishClass =
  | 'none'
  | 'touch-in'
  | 'refinish'
  | 'refinish-or-replace'
  | 'replace'
  | 'check'
  /** Kerbed, and how much is not known: silence is not "nothing to do". */
  | 'measure';

/** House rule, common practice: kerbing no longer than this and not deep is touched in on a painted or steel wheel. */
const TOUCH_IN_SHARE = 0.1;

/** By finish and damage. House table, common practice. */
export function refinishClass(finish: WheelFinish | undefined, damage: WheelDamage): RefinishClass {
  if (damage.isBent) return 'check';
  if (damage.rimShare === 0 && !damage.isFlaking && !damage.isUnmeasured) return 'none';
  switch (finish) {
    case 'chrome':
      return 'replace';
    case 'diamond-cut':
      return 'refinish-or-replace';
    case 'painted':
    case 'steel':
    case 'bare':
    case 'polished':
    case undefined:
      if (damage.isFlaking || damage.isDeep || damage.rimShare > TOUCH_IN_SHARE) return 'refinish';
      return damage.isUnmeasured ? 'measure' : 'touch-in';
  }
}

const how: Record<WheelFinish, string> = {
  painted: 'stripped and painted',
  'diamond-cut':
    'cut again on a lathe, which a wheel bears only so often: have its thickness measured, or replace it',
  polished: 'polished back to bright metal and sealed',
  chrome: 'replaced: chrome is not refinished in house',
  bare: 'dressed and polished',
  steel: 'blasted and painted, or hidden under a new trim',
};

/** What is to be done with a wheel, in a sentence. */
export function refinishWords(
  wants: RefinishClass,
  finish: WheelFinish | undefined,
  isLookedAt = true,
): string {
  switch (wants) {
    case 'none':
      return isLookedAt ? 'No damage noted.' : 'Not looked at for damage.';
    case 'touch-in':
      return finish === 'polished' || finish === 'bare'
        ? 'Light kerbing: dressed and polished on the spot.'
        : 'Light kerbing: touched in on the spot.';
    case 'refinish':
    case 'refinish-or-replace':
    case 'replace':
      return finish
        ? `To be ${how[finish]}.`
        : 'To be refinished; how depends on its finish, which was not noted.';
    case 'measure':
      return 'Kerbed; how long was not measured: touched in on the spot if short, refinished if more than a tenth of the rim.';
    case 'check':
      return 'Bent or cracked: do not drive until a qualified person has checked it.';
  }
}

const countsForSet: ReadonlySet<RefinishClass> = new Set(['refinish', 'refinish-or-replace', 'measure']);

/** House rule: when every wheel of a set wants it, they are priced as one set. Kerbing that nobody measured counts beside some that is sure. */
export const isASet = (wants: readonly RefinishClass[]): boolean =>
  wants.length >= 4 &&
  wants.every((each) => countsForSet.has(each)) &&
  wants.some((each) => each !== 'measure');
