import { type Conditions, isDark, isPale, type PaintTone } from './conditions';

/** What conditions may have hidden, as a buyer is told it. Common practice of the trade. */
export const hidingWords = {
  water: 'Water on the paint hides swirls and ripples, and water marks can look like etching.',
  dirt: 'Dirt hides light scratches, chips and etching.',
  'dust-on-dark': 'Dust on dark paint looks like damage and covers fine marks.',
  dust: 'Dust covers fine marks.',
  washed: 'The car was washed but not polished: residue can look like light scratches.',
  'little-light':
    'Little light hides small dents and light scratches outside and nearly everything in the cabin.',
  sun: 'Direct sun shows swirls and differences of colour on the lit side and hides them on the shaded one.',
  indoors: 'Light indoors hides differences of colour between panels.',
  pale: 'Pale paint hides dents and light marks when looked at head-on.',
} as const;
type Hiding = keyof typeof hidingWords;

const hidesWhen: Record<Hiding, (conditions: Conditions, tone: PaintTone) => boolean> = {
  water: ({ wet }) => wet !== 'dry',
  dirt: ({ dirt }) => dirt === 'dirty',
  'dust-on-dark': ({ dirt }, tone) => dirt === 'dusty' && isDark(tone),
  dust: ({ dirt }, tone) => dirt === 'dusty' && !isDark(tone),
  washed: ({ dirt }) => dirt === 'washed',
  'little-light': ({ light }) => light === 'dusk' || light === 'dark',
  sun: ({ light }) => light === 'bright-sun' || light === 'low-sun',
  indoors: ({ light }) => light === 'indoors',
  pale: (_conditions, tone) => isPale(tone),
};

/** What the conditions of a walk may have hidden, each once, in a fixed order. Empty when nothing was noted. */
export const mayHaveHidden = (noted: readonly Conditions[], tone: PaintTone): Hiding[] =>
  (Object.keys(hidesWhen) as Hiding[]).filter((id) =>
    noted.some((conditions) => hidesWhen[id](conditions, tone)),
  );
