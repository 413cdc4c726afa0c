import type { CarDetails, Part } from '../car';

export const lights = ['overcast', 'bright-sun', 'low-sun', 'dusk', 'dark', 'indoors'] as const;
export type Light = (typeof lights)[number];
export const wetStates = ['dry', 'damp', 'wet'] as const;
export type Wet = (typeof wetStates)[number];
export const dirtStates = ['clean', 'washed', 'dusty', 'dirty'] as const;
export type Dirt = (typeof dirtStates)[number];

/** What decides how much can be seen of a car, or of one side of it. */
export interface Conditions {
  light: Light;
  wet: Wet;
  dirt: Dirt;
  place?: string;
}

export const conditionWords = {
  light: {
    overcast: 'overcast',
    'bright-sun': 'bright sun',
    'low-sun': 'low sun',
    dusk: 'dusk',
    dark: 'dark, lamp light',
    indoors: 'indoors',
  },
  wet: { dry: 'dry', damp: 'damp', wet: 'wet' },
  dirt: {
    clean: 'clean',
    washed: 'washed, not polished',
    dusty: 'dusty',
    dirty: 'dirty',
  },
} as const satisfies { light: Record<Light, string>; wet: Record<Wet, string>; dirt: Record<Dirt, string> };

export type PaintTone = CarDetails['paintTone'];

export const isDark = (tone: PaintTone) => tone === 'black' || tone === 'dark';
export const isPale = (tone: PaintTone) => tone === 'white' || tone === 'silver' || tone === 'light';

/** One line of advice for a stop, or undefined when there is nothing to say. Common practice. */
export function adviceAt(
  { light, wet, dirt }: Conditions,
  tone: PaintTone,
  { material, face }: Pick<Part, 'material' | 'face'>,
): string | undefined {
  const isPainted = material === 'steel' || material === 'aluminium' || material === 'plastic';
  const isOutside = face !== undefined && !['cabin', 'boot', 'engine', 'under'].includes(face);
  if (!isOutside)
    return (light === 'dusk' || light === 'dark') && face === 'cabin'
      ? 'Dark inside: put the lamps on before you look.'
      : undefined;
  if (!isPainted && material !== 'glass') return undefined;
  if (wet !== 'dry') return 'Wet: wipe it dry before you log a mark here.';
  if (dirt !== 'clean' && dirt !== 'washed' && isDark(tone)) return 'Dark and dusty: wipe before you log.';
  if (dirt === 'dirty') return 'Dirty: wipe before you log.';
  if (!isPainted) return undefined;
  if (light === 'dusk' || light === 'dark') return 'Little light: hold a lamp low along the panel.';
  if (isPale(tone)) return 'Pale paint hides dents: sight along the panel.';
  if (dirt === 'washed') return 'Not polished: rub a mark before you call it a scratch.';
  return undefined;
}
