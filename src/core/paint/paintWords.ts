import { type PaintUnit, speakPaint } from '../measure';
import { sentence } from '../wording';
import type { PaintLevel } from './paintLevel';
import type { EyeEvidence, PaintClass, PanelVerdict } from './verdict';

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

type Numbers = Required<Pick<PanelVerdict, 'medianUm' | 'lowestUm' | 'highestUm' | 'ratio' | 'z'>> &
  Pick<PanelVerdict, 'twinUm'>;

/** What a class rests on, in a sentence with its numbers. What the eye saw changes the wording, never the numbers. */
export function paintSentence(
  found: PaintClass,
  n: Numbers,
  level: PaintLevel,
  eye: EyeEvidence | undefined,
  unit: PaintUnit,
): string {
  const say = (um: number) => speakPaint(um, unit);
  const figures = `typically ${say(n.medianUm)} of ${bare(n.lowestUm, unit)} to ${say(n.highestUm)}, ${n.ratio.toFixed(2)} × this car’s ${say(level.um)}`;
  const twin = n.twinUm === undefined ? '' : `; the other side ${say(n.twinUm)}`;
  const signs = eye?.signs ?? [];
  const agrees = signs.length > 0 ? ` The eye agrees: ${signs.join(', ')}.` : '';
  switch (found) {
    case 'far-thicker':
      return `Far thicker than the rest, filler possible: ${figures}${twin}.${agrees}`;
    case 'thicker':
      return signs.length > 0
        ? `Thicker than the rest: painted again. ${sentence(figures)}${twin}.${agrees}`
        : `Thicker than the rest: likely painted again. ${sentence(figures)}${twin}. Nothing was seen that speaks for it.`;
    case 'local-repair':
      return `Uneven inside the panel: a local repair is likely; ${figures}.${agrees}`;
    case 'thin':
      return `Thin: ${figures}. Do not machine-polish it.`;
    case 'under':
      return `Far under the level: ${figures}${twin}. A respray only adds: either the others were painted again, or this panel is of another metal.`;
    case 'as-the-rest':
      return `As the rest: ${figures}${twin}.${signs.length > 0 ? ` But the eye saw: ${signs.join(', ')}.` : ''}`;
    case 'not-enough':
    case 'cannot-read':
      return '';
  }
}

/** The figure without its unit, where the unit follows. */
const bare = (um: number, unit: PaintUnit) => speakPaint(um, unit).replace(/ .*/, '');

/** "This car’s own level: 118 µm, from 9 of 11 panels; its untouched panels differ by about 5 µm." */
export function levelSentence(level: PaintLevel, read: number, unit: PaintUnit): string {
  return `This car’s own level is ${speakPaint(level.um, unit)}, from ${level.panels} of the ${read} panels read enough; panels at that level differ by about ${speakPaint(level.spreadUm, unit)}.`;
}

/** That the level may not be that of untouched paint, and why. */
export const doubtSentence = (names: readonly string[]): string =>
  `The level itself is in doubt: ${names.join(', ')} ${names.length === 1 ? 'reads' : 'read'} far under it. More than half of the panels may have been painted again, or ${names.length === 1 ? 'it is' : 'they are'} of another metal.`;

/** What coarse readings cannot tell, and what to do about it; undefined where they are fine. Common practice. */
export const coarseSentence = ({ noise, spreadUm, um }: PaintLevel): string | undefined =>
  noise > COARSE
    ? `Readings of one panel scatter by about ${Math.round(noise * 100)} %: differences under ${Math.round((300 * spreadUm) / um)} % of the level say nothing here. Five readings a panel and more tell better.`
    : undefined;
const COARSE = 0.08;

/** The roof is rarely repaired, and shows whether someone stood on it: it checks the level. Common practice. */
export function roofSentence(roof: PanelVerdict | undefined, unit: PaintUnit): string | undefined {
  if (roof?.medianUm === undefined || roof.ratio === undefined) return undefined;
  const um = speakPaint(roof.medianUm, unit);
  return roof.class === 'as-the-rest'
    ? `The roof, ${um}, agrees with that level.`
    : `The roof, ${um}, does not agree with that level (${roof.ratio.toFixed(2)} ×): look at the level with care.`;
}
