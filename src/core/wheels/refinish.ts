import type { Message } from '../told';
import { say } from './say';
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

/** What is to be done with a wheel, in a sentence. */
export function refinishTold(
  wants: RefinishClass,
  finish: WheelFinish | undefined,
  isLookedAt = true,
): Message {
  switch (wants) {
    case 'none':
      return say(isLookedAt ? 'wheel.sound' : 'wheel.notLookedAt');
    case 'touch-in':
      return say(finish === 'polished' || finish === 'bare' ? 'wheel.polishIn' : 'wheel.touchIn');
    case 'refinish':
    case 'refinish-or-replace':
    case 'replace':
      return say(`wheel.refinish.${finish ?? 'unknown'}`);
    case 'measure':
    case 'check':
      return say(`wheel.${wants}`);
  }
}

const countsForSet: ReadonlySet<RefinishClass> = new Set(['refinish', 'refinish-or-replace', 'measure']);

/** House rule: when every wheel of a set wants it, they are priced as one set. Kerbing that nobody measured counts beside some that is sure. */
export const isASet = (wants: readonly RefinishClass[]): boolean =>
  wants.length >= 4 &&
  wants.every((each) => countsForSet.has(each)) &&
  wants.some((each) => each !== 'measure');

/** Whether all are priced as one set, in a sentence; undefined where they are not. */
export function setTold(wants: readonly RefinishClass[]): Message | undefined {
  const unmeasured = wants.filter((each) => each === 'measure').length;
  if (wants.length >= 4 && unmeasured === wants.length) return say('wheel.setUnmeasured');
  if (!isASet(wants)) return undefined;
  return unmeasured === 0 ? say('wheel.set') : say('wheel.setIf', { n: unmeasured });
}
