import { type FaceId, faceName, materialName } from '../../car';
import { isKitItemId, kitItemName } from '../../kit';
import { equipmentTable, functionFault } from '../../readings';
import {
  driveGroups,
  driveSays,
  filmWords,
  type NotableMaterial,
  type RemedyAbout,
  statementSays,
  storySays,
  type WalkState,
} from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { remedyTold } from './findings';

type Told = Pick<ReportDocument, 'statements' | 'build' | 'story' | 'drove' | 'equipment' | 'remedies'>;

/** What was said of more than a part: of sides, of the car, its story, its equipment, and what is to become of things that are no findings. */
export function whatWasTold(told: WalkTold): Told {
  const { state, inputs, vocabulary, nameOf } = told;
  const sideOf = (face: FaceId) => sentence(faceName(face, inputs.car));
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
  const equipment = equipmentTable(state, inputs.car);
  return {
    ...(statements.length > 0 && { statements }),
    ...(build.length > 0 && { build }),
    ...(story.length > 0 && { story }),
    ...(drove.length > 0 && { drove }),
    ...(equipment && { equipment }),
    ...(remedies.length > 0 && { remedies }),
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
  return [...told.state.remedies.values()].map(({ about, ...remedy }) => ({
    what: sentence(aboutWords(about, told)),
    ...remedyTold(remedy, told.vocabulary),
  }));
}

/** What a cure or a decision is about, in words. */
export function aboutWords(
  about: RemedyAbout,
  { state, vocabulary, nameOf }: Pick<WalkTold, 'vocabulary' | 'nameOf'> & { state: WalkState },
): string {
  switch (about.of) {
    case 'part':
      return nameOf(about.part);
    case 'function':
      return functionFault(state.functions, about.function, vocabulary);
    case 'item': {
      const named = state.kit.items.get(about.item)?.name;
      return (
        named ??
        (isKitItemId(about.item) ? kitItemName(about.item, vocabulary) : 'a thing that comes with it')
      );
    }
    case 'papers':
      return 'papers';
    case 'smell':
      return 'smell of the cabin';
  }
}
