import type { CarDetails, Part, Vocabulary } from '../car';

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

/** "overcast; dry; washed, not polished; in the yard": what of it is known. */
export function conditionLine({ light, wet, dirt, place }: Partial<Conditions>): string {
  const said = [
    light && conditionWords.light[light],
    wet && conditionWords.wet[wet],
    dirt && conditionWords.dirt[dirt],
    place,
  ];
  return said.filter(Boolean).join('; ');
}

export type PaintTone = CarDetails['paintTone'];

const isDark = (tone: PaintTone) => tone === 'black' || tone === 'dark';
const isPale = (tone: PaintTone) => tone === 'white' || tone === 'silver' || tone === 'light';

interface Rule {
  when: (conditions: Conditions, tone: PaintTone) => boolean;
  /** What a buyer is told. */
  mayHide: string;
}

/** What conditions may have hidden. Common practice of the trade. */
const rules: readonly Rule[] = [
  {
    when: ({ wet }) => wet !== 'dry',
    mayHide: 'Water on the paint hides swirls and ripples, and water marks can look like etching.',
  },
  {
    when: ({ dirt }) => dirt === 'dirty',
    mayHide: 'Dirt hides light scratches, chips and etching.',
  },
  {
    when: ({ dirt }, tone) => dirt === 'dusty' && isDark(tone),
    mayHide: 'Dust on dark paint looks like damage and covers fine marks.',
  },
  {
    when: ({ dirt }, tone) => dirt === 'dusty' && !isDark(tone),
    mayHide: 'Dust covers fine marks.',
  },
  {
    when: ({ dirt }) => dirt === 'washed',
    mayHide: 'The car was washed but not polished: residue can look like light scratches.',
  },
  {
    when: ({ light }) => light === 'dusk' || light === 'dark',
    mayHide: 'Little light hides small dents and light scratches outside and nearly everything in the cabin.',
  },
  {
    when: ({ light }) => light === 'bright-sun' || light === 'low-sun',
    mayHide:
      'Direct sun shows swirls and differences of colour on the lit side and hides them on the shaded one.',
  },
  {
    when: ({ light }) => light === 'indoors',
    mayHide: 'Light indoors hides differences of colour between panels.',
  },
  {
    when: (_conditions, tone) => isPale(tone),
    mayHide: 'Pale paint hides dents and light marks when looked at head-on.',
  },
];

/** What the conditions of a walk may have hidden, each sentence once, in a fixed order. Empty when nothing was noted. */
export function mayHaveHidden(
  noted: readonly Conditions[],
  tone: PaintTone,
  vocabulary: Vocabulary = 'uk',
): string[] {
  return rules
    .filter(({ when }) => noted.some((conditions) => when(conditions, tone)))
    .map(({ mayHide }) => (vocabulary === 'us' ? mayHide.replaceAll('colour', 'color') : mayHide));
}

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
