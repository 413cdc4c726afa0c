import { materials as allMaterials, materialName, type Part, vocabularyOf } from '#core/car';
import {
  type Fact,
  type FilmCover,
  filmCovers,
  isMetal,
  type NotableMaterial,
  notableMaterials,
} from '#core/walk';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';
import { Fold } from '../../../../components/Fold';
import { SelectField, TextField } from '../../../../components/fields';
import { RemedyFold } from '../../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../../sync/useWalk';

const filmNames: Record<FilmCover, string> = { none: 'no film', full: 'whole panel', short: 'cut short' };
const painted: ReadonlySet<string> = new Set(['front', 'left', 'right', 'rear', 'top']);
/** Parts that are mended whole, without a finding on them. */
const mended: Partial<
  Record<Part['kind'], readonly ('replace' | 'wheel-refurbish' | 'lamp-polish' | 'clean')[]>
> = {
  tyre: ['replace'],
  'tyre-inner': ['replace'],
  wheel: ['wheel-refurbish', 'replace'],
  headlamp: ['lamp-polish', 'replace'],
  foglamp: ['lamp-polish', 'replace'],
  taillamp: ['lamp-polish', 'replace'],
};

/** What is so on this car and not on every such car: what the part is of, whether film lies on it, and what is to become of it. */
export function ThisPart({ walk, part }: { walk: OpenWalk; part: Part }) {
  const { state, style, page, record } = walk;
  const film = state.film.get(part.id);
  const vocabulary = vocabularyOf(page.car);
  const material = materialName(part.material, vocabulary);
  const likely = mended[part.kind];
  const panels = [...style.parts.values()]
    .filter((each) => painted.has(each.face ?? '') && isMetal(each))
    .map(({ id }) => id);
  const isPanel = painted.has(part.face ?? '') && likely === undefined && part.material !== 'glass';
  const isNotable = (allMaterials as readonly string[]).includes(part.material) && part.material !== 'none';
  return (
    <>
      {likely && <RemedyFold walk={walk} about={{ of: 'part', part: part.id }} likely={likely} />}
      {isNotable && part.material !== 'mechanical' && part.material !== 'rubber' && (
        <Fold
          title={
            film && film.cover !== 'none'
              ? `Of ${material}, film: ${filmNames[film.cover]}`
              : `Of ${material}`
          }
        >
          <div className="space-y-3">
            <SelectField
              id="material"
              label="On this car it is of"
              value={part.material}
              onChange={(event) =>
                record({
                  kind: 'material-noted',
                  body: { part: part.id, material: event.target.value as NotableMaterial },
                })
              }
            >
              {notableMaterials.map((each) => (
                <option key={each} value={each}>
                  {materialName(each, vocabulary)}
                </option>
              ))}
            </SelectField>
            {isPanel && isMetal(part) && (
              <Button
                className="w-full"
                onClick={() =>
                  record(
                    ...panels.map(
                      (id): Fact => ({
                        kind: 'material-noted',
                        body: { part: id, material: part.material as NotableMaterial },
                      }),
                    ),
                  )
                }
              >
                All metal panels are of {material}
              </Button>
            )}
            {isPanel && (
              <Choice
                legend="Protective film"
                value={film?.cover}
                options={filmCovers.map((value) => ({ value, label: filmNames[value] }))}
                onChange={(cover) => record({ kind: 'film-noted', body: { part: part.id, cover } })}
              />
            )}
            {film?.cover === 'short' && (
              <TextField
                id="film-where"
                label="Where it is cut short"
                key={part.id}
                maxLength={100}
                autoComplete="off"
                defaultValue={film.where ?? ''}
                onBlur={(event) => {
                  const where = event.target.value.trim();
                  if (where !== (film.where ?? ''))
                    record({
                      kind: 'film-noted',
                      body: { part: part.id, cover: 'short', ...(where && { where }) },
                    });
                }}
              />
            )}
          </div>
        </Fold>
      )}
    </>
  );
}
