/** What usually cures a fault of a lamp. Common practice. */
export const lampCures = {
  haze: 'Polish and seal it: outside haze comes off, haze inside does not.',
  moisture: 'Dry it and look for the cracked seal or missing cap; if drops come back, a new lamp.',
  'lamp-crack': 'A crack lets water in and may fail inspection: a new lamp, or a new lens where one is sold.',
  'lamp-lug': 'A broken fixing: a repair lug where the maker sells one, else a new lamp.',
  'glass-chip': 'Leave it, or polish the edge; filled only where water would come in.',
} as const;
export type LampFault = keyof typeof lampCures;

export const isLampFault = (kind: string): kind is LampFault => kind in lampCures;
