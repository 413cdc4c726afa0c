import { type FaceId, faceName, materialName } from '../../car';
import { aboutWords, equipmentTable } from '../../readings';
import {
  driveGroups,
  driveSays,
  filmWords,
  foundWords,
  type NotableMaterial,
  statementSays,
  storySays,
} from '../../walk';
import { isoDay, sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { keptWords, remedyTold } from './findings';

type Told = Pick<
  ReportDocument,
  'statements' | 'build' | 'story' | 'drove' | 'equipment' | 'remedies' | 'othersPutRight'
>;

/** What was said of more than a part: of sides, of the car, its story, its equipment, and what is to become of things that are no findings. */
export function whatWasTold(told: WalkTold): Told {
  const { state, inputs, vocabulary, nameOf } = told;
  const sideOf = sidesOf(told);
  const statements = [...state.statements.values()].map((made) =>
    sentence(statementSays(made, { vocabulary, nameOf, sideOf })),
  );
  const story = [...state.story.values()].map(storySays);
  const drove = driveGroups.flatMap((group) => {
    const said = state.drove.get(group);
    return said ? [sentence(driveSays(group, said))] : [];
  });
  const build = buildTold(told);
  const remedies = remediesTold(told);
  const othersPutRight = mendedBeside(told);
  const equipment = equipmentTable(state, inputs.car);
  return {
    ...(statements.length > 0 && { statements }),
    ...(build.length > 0 && { build }),
    ...(story.length > 0 && { story }),
    ...(drove.length > 0 && { drove }),
    ...(equipment && { equipment }),
    ...(remedies.length > 0 && { remedies }),
    ...(othersPutRight.length > 0 && { othersPutRight }),
  };
}

function buildTold({ state, vocabulary, nameOf }: WalkTold): string[] {
  const materials = new Map<NotableMaterial, string[]>();
  for (const [part, material] of state.materials)
    materials.set(material, [...(materials.get(material) ?? []), nameOf(part)]);
  const film = [...state.film].filter(([, { cover }]) => cover !== 'none');
  return [
    ...[...materials].map(
      ([material, parts]) => `Of ${materialName(material, vocabulary)}: ${parts.join(', ')}`,
    ),
    ...film.map(([part, { cover, where }]) =>
      sentence(`${nameOf(part)}: ${filmWords[cover]}${where ? `, ${where}` : ''}`),
    ),
  ];
}

function remediesTold(told: WalkTold): NonNullable<Told['remedies']> {
  const today = isoDay(told.inputs.frozenAt);
  return [...told.state.remedies.values()].flatMap(({ about, ...remedy }) =>
    remedy.checked?.found === 'gone'
      ? []
      : [
          {
            what: sentence(aboutWords(about, { ...told, sideOf: sidesOf(told) })),
            ...remedyTold(remedy, told.vocabulary, today),
          },
        ],
  );
}

/** What is no finding and was found gone when it was looked at again, with its pictures of after. */
function mendedBeside(told: WalkTold): NonNullable<Told['othersPutRight']> {
  return [...told.state.remedies.values()].flatMap(({ about, checked, ...remedy }) => {
    if (checked?.found !== 'gone') return [];
    const shown = new Set(
      told.state.photos
        .filter(({ role }) => role === 'after')
        .filter(
          ({ part, function: works, finding }) =>
            !finding &&
            ((about.of === 'part' && part === about.part) ||
              (about.of === 'function' && works === about.function)),
        )
        .map(({ sha256 }) => sha256),
    );
    return [
      {
        what: sentence(aboutWords(about, { ...told, sideOf: sidesOf(told) })),
        says: checked.says ?? foundWords.gone.told,
        at: checked.at,
        kept: keptWords(remedy, checked.at),
        after: told.photos.flatMap(({ sha256, number }) => (shown.has(sha256) ? [number] : [])),
      },
    ];
  });
}

const sidesOf =
  ({ inputs }: WalkTold) =>
  (face: FaceId): string =>
    sentence(faceName(face, inputs.car));
