import { type Conditions, isDark, isPale, type PaintTone } from './conditions';

/** What conditions may have hidden. Common practice of the trade. */
const hidesWhen = {
  water: ({ wet }) => wet !== 'dry',
  dirt: ({ dirt }) => dirt === 'dirty',
  'dust-on-dark': ({ dirt }, tone) => dirt === 'dusty' && isDark(tone),
  dust: ({ dirt }, tone) => dirt === 'dusty' && !isDark(tone),
  washed: ({ dirt }) => dirt === 'washed',
  'little-light': ({ light }) => light === 'dusk' || light === 'dark',
  sun: ({ light }) => light === 'bright-sun' || light === 'low-sun',
  indoors: ({ light }) => light === 'indoors',
  pale: (_conditions, tone) => isPale(tone),
} as const satisfies Record<string, (conditions: Conditions, tone: PaintTone) => boolean>;
type Hiding = keyof typeof hidesWhen;

/** What the conditions of a walk may have hidden, each once, in a fixed order. Empty when nothing was noted. */
export const mayHaveHidden = (noted: readonly Conditions[], tone: PaintTone): Hiding[] =>
  (Object.keys(hidesWhen) as Hiding[]).filter((id) =>
    noted.some((conditions) => hidesWhen[id](conditions, tone)),
  );
