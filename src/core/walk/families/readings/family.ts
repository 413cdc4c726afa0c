import { speakTread } from '../../../measure';
import { treadLookWords } from '../../../tyres';
import { familyOf, inside } from '../family';
import type { readingBodies } from './bodies';
import { noReadings, readingNoters, type TyreSaid } from './state';

export const readings = familyOf<typeof readingBodies>()({
  empty: noReadings,
  noters: inside((state) => state, readingNoters),
  words: {
    'tread-read': ({ part, third, depth, unit }, { nameOf }) =>
      `${nameOf(part)}${third ? `, ${third} third` : ''}: ${speakTread(depth, unit)}`,
    'tread-by-eye': ({ part, looks }, { nameOf }) =>
      `${nameOf(part)}: ${looks === null ? 'how it looks taken back' : `${treadLookWords[looks]}, by eye`}`,
    'tyre-described': (body, { nameOf }) => `${nameOf(body.part)}: ${tyreWords(body)}`,
    'tyre-law-chosen': () => 'Limit and new tread of the tyres set',
    'wheel-described': ({ part }, { nameOf }) => `${nameOf(part)}: rim and brake as seen`,
    'paint-read': ({ part, um }, { nameOf }) =>
      `${nameOf(part)}: paint ${um.map((each) => Math.round(each)).join(', ')} µm`,
    'panel-metal-noted': ({ part, metal }, { nameOf }) => `${nameOf(part)}: ${metal ?? 'metal taken back'}`,
    'screen-planned': () => 'Size and zones of the screen set',
  },
});

function tyreWords(said: TyreSaid): string {
  const words = [said.brand, said.size, said.made && `week ${said.made.week} of ${said.made.year}`].filter(
    Boolean,
  );
  return words.length > 0 ? words.join(', ') : (said.flags?.join(', ') ?? '') || 'described';
}
