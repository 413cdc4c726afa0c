import { changeWords } from '../changeWords';
import { familyOf, inside } from '../family';
import type { papersBodies } from './bodies';
import { numberPlaceWords } from './paperStates';
import { noPapers, papersNoters } from './state';

export const papers = familyOf<typeof papersBodies>()({
  empty: () => ({ papers: noPapers() }),
  noters: inside((state) => state.papers, papersNoters),
  words: {
    'service-noted': ({ entry }) =>
      `Service noted: ${[entry.day, entry.distance].filter(Boolean).join(', ')}`,
    'service-removed': () => 'Service entry taken off',
    'papers-noted': (body) => `Papers: ${Object.entries(body).map(changeWords).join(', ')}`,
    'number-read': ({ where, text }) => `${numberPlaceWords[where]}: ${text || 'taken back'}`,
    'figure-noted': ({ day, value, source }) => `Odometer on ${day}: ${value}, ${source}`,
    'figure-removed': () => 'Odometer figure taken off',
  },
});
