import { materialName, type PartId } from '../../../car';
import type { NotableMaterial } from '../../notableMaterials';
import { familyOf } from '../family';
import type { buildBodies } from './bodies';
import { filmWords } from './filmCovers';
import type { FilmNoted } from './state';

export const build = familyOf<typeof buildBodies>()({
  empty: () => ({
    materials: new Map<PartId, NotableMaterial>(),
    film: new Map<PartId, FilmNoted>(),
  }),
  noters: {
    'material-noted': ({ state }, { body: { part, material } }) => {
      if (material === null) state.materials.delete(part);
      else state.materials.set(part, material);
    },
    'film-noted': ({ state }, { body: { part, cover, where } }) => {
      state.film.set(part, { cover, ...(where && { where }) });
    },
  },
  words: {
    'material-noted': ({ part, material }, { nameOf, vocabulary }) =>
      `${nameOf(part)}: ${material === null ? 'material as usual' : `of ${materialName(material, vocabulary)}`}`,
    'film-noted': ({ part, cover, where }, { nameOf }) =>
      `${nameOf(part)}: ${filmWords[cover]}${where ? `, ${where}` : ''}`,
  },
});
