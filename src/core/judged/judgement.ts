import type { PartId } from '../car';
import type { WarningLampId } from '../functions';
import type { SmellId } from '../kit';
import type { PaintClass } from '../paint';
import type { TyreFlag } from '../tyres';
import type { DriveGroup } from '../walk';

/** What a reader asks first, each a chapter of the page. */
export const areas = ['body', 'tyres', 'paint', 'works', 'papers', 'not-seen'] as const;
export type Area = (typeof areas)[number];

/**
 * How much an area asks of whoever wants to buy: `stop` bears on driving it at all, `ask` is to be settled first, `look` is worn or damaged, `unknown` was not
 * looked at, `plain` has nothing that asks for anything. None of them is praise.
 */
export const weights = ['stop', 'ask', 'look', 'unknown', 'plain'] as const;
export type Weight = (typeof weights)[number];

/** The heaviest of some; `otherwise` where there are none. */
export const heaviest = (some: readonly Weight[], otherwise: Weight = 'plain'): Weight =>
  weights.find((weight) => some.includes(weight) || weight === otherwise) ?? otherwise;

/** The fact a judgement rests on. */
export type About =
  | { of: 'finding' | 'screen' | 'paint-sign'; finding: number }
  | { of: 'smell'; smell: SmellId }
  | { of: 'tyre'; part: PartId; when?: 'now' | 'soon'; flags: readonly TyreFlag[] }
  | { of: 'tyres-differ'; parts: readonly [PartId, PartId] }
  | { of: 'brake'; part: PartId }
  | { of: 'paint'; part: PartId; is: PaintClass }
  | { of: 'one-repair'; statement: string }
  | { of: 'function'; function: string }
  | { of: 'lamp'; lamp: WarningLampId }
  | { of: 'drive'; group: DriveGroup }
  | { of: 'morning'; trend: number }
  | { of: 'ask'; ask: number };

/** What a fact comes to. */
export interface Judgement {
  area: Area;
  weight: Exclude<Weight, 'unknown' | 'plain'>;
  about: About;
}
