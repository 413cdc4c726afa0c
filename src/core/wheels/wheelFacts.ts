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
