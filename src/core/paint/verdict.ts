import type { Text } from '../told';

/** What a panel’s readings come to. */
export const paintClasses = [
  'as-the-rest',
  'thicker',
  'local-repair',
  'far-thicker',
  'thin',
  'under',
  'not-enough',
  'cannot-read',
] as const;
export type PaintClass = (typeof paintClasses)[number];

export const paintClassWords: Record<PaintClass, string> = {
  'as-the-rest': 'As the rest',
  thicker: 'Thicker: likely painted',
  'local-repair': 'Local repair inside',
  'far-thicker': 'Far thicker: filler possible',
  thin: 'Thin',
  under: 'Far under the level',
  'not-enough': 'Not enough readings',
  'cannot-read': 'Cannot be read',
};

/** What the eye found on a panel that speaks for or against paintwork. It changes the wording, never the numbers. */
export interface EyeEvidence {
  /** Signs of a respray seen: haze, texture, overspray, tape lines. */
  signs: readonly Text[];
}

export interface PanelVerdict {
  part: string;
  class: PaintClass;
  /** What is typical of its readings: their median, or of five and more that of the means of all pairs. */
  medianUm?: number;
  lowestUm?: number;
  highestUm?: number;
  /** Times the car's level. */
  ratio?: number;
  z?: number;
  /** Against the same panel of the other side. */
  twinUm?: number;
  /** What the class rests on, in sentences with its numbers. */
  says: Text;
}
