import type { Vocabulary } from '../car';

/** Finish matters for repair. */
export const wheelFinishes = ['painted', 'diamond-cut', 'polished', 'chrome', 'bare', 'steel'] as const;
export type WheelFinish = (typeof wheelFinishes)[number];

export const finishNames: Record<WheelFinish, string> = {
  painted: 'Painted',
  'diamond-cut': 'Diamond-cut',
  polished: 'Polished',
  chrome: 'Chrome',
  bare: 'Bare alloy',
  steel: 'Steel',
};

/** How much of a thing is seen through the wheel. A look, never a brake test. */
export const brakeMarks = ['none', 'slight', 'deep'] as const;
export type BrakeMark = (typeof brakeMarks)[number];

/** Common practice: a pad under this is said. */
export const THIN_PAD_MM = 3;

export const BRAKE_CAUTION =
  'A look through the wheel, never a brake test: brakes are judged by a qualified person under local law.';

/** "Disc lip deep, grooves slight; pad 2 mm, thin"; empty when nothing was noted. */
export function brakeWords(
  seen: {
    lip?: BrakeMark | undefined;
    grooves?: BrakeMark | undefined;
    discRust?: BrakeMark | undefined;
    padMm?: number | undefined;
  },
  vocabulary: Vocabulary,
): string {
  const disc = vocabulary === 'us' ? 'rotor' : 'disc';
  const marks = [
    ...(seen.lip ? [`${disc} lip ${word(seen.lip)}`] : []),
    ...(seen.grooves ? [`grooves ${word(seen.grooves)}`] : []),
    ...(seen.discRust ? [`rust on the ${disc} ${word(seen.discRust)}`] : []),
    ...(seen.padMm === undefined
      ? []
      : [`pad about ${seen.padMm} mm as seen${seen.padMm < THIN_PAD_MM ? ': thin, have it checked' : ''}`]),
  ];
  return marks.join(', ');
}

const word = (mark: BrakeMark) => (mark === 'none' ? 'not seen' : mark);
