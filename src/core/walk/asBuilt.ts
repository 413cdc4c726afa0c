import type { BodyStyle, Part, PartId } from '../car';
import type { WalkState } from './walkState';

const made = new WeakMap<WalkState['materials'], Map<BodyStyle, BodyStyle>>();

/**
 * The car as it was said to be: materials that were noted and film that was drawn replace those of such cars. Once film was drawn on any panel,
 * only where it was drawn counts. The same style where nothing was noted.
 */
export function asBuilt(
  style: BodyStyle,
  { materials, metals, film }: Pick<WalkState, 'materials' | 'metals' | 'film'>,
): BodyStyle {
  if (materials.size + metals.size + film.size === 0) return style;
  const known = made.get(materials)?.get(style);
  if (known) return known;
  const partOf = (id: PartId, part: Part): Part => {
    const material = materials.get(id) ?? metals.get(id) ?? part.material;
    const underFilm = film.size > 0 ? (film.get(id)?.cover ?? 'none') !== 'none' : part.underFilm;
    // Copied where it differs alone: a copy draws what a part keeps until it is asked for.
    return material === part.material && underFilm === part.underFilm
      ? part
      : { ...part, material, underFilm };
  };
  const parts = new Map([...style.parts].map(([id, part]) => [id, partOf(id, part)]));
  const built: BodyStyle = { ...style, parts };
  const here = made.get(materials) ?? new Map();
  made.set(materials, here.set(style, built));
  return built;
}
