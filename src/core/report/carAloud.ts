import { type BodyStyle, type Car, type FaceId, faceName, partNames, vocabularyOf } from '../car';
import { aboutWords, equipmentTable } from '../readings';
import { driveGroups, driveSays, statementSays, storySays, type WalkState } from '../walk';
import { sentence } from '../wording';
import { equipmentLines } from './blocks/toldBlocks';
import { remedyAloud } from './remedyAloud';

/** What of a car decides how it is spoken of. */
export type CueCar = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

/** What is said at the end, standing before the whole car: statements, what is to become of things, equipment, drive, story. */
export function carAloud(
  state: WalkState,
  style: BodyStyle,
  car: CueCar,
): { heading: string; lines: readonly string[] }[] {
  const vocabulary = vocabularyOf(car);
  const nameOf = partNames(style, car);
  const sideOf = (face: FaceId) => sentence(faceName(face, car));
  const statements = [...state.statements.values()].map(
    (made) => `${sentence(statementSays(made, { vocabulary, nameOf, sideOf }))}.`,
  );
  const remedies = [...state.remedies.values()].map(({ about, checked, ...remedy }) => {
    const what = sentence(aboutWords(about, { state, vocabulary, nameOf, sideOf }));
    if (checked?.found === 'gone')
      return `${what}. That is put right${checked.says ? `: ${checked.says}` : ''}.`;
    return `${what}. ${remedyAloud(remedy, vocabulary).join(' ')}`;
  });
  const equipment = equipmentTable(state, car);
  const drove = driveGroups.flatMap((group) => {
    const told = state.drove.get(group);
    return told ? [`On the drive, ${driveSays(group, told)}.`] : [];
  });
  const story = [...state.story.values()].map((told) => `${storySays(told)}.`);
  const lines = [
    ...statements,
    ...remedies,
    ...(equipment ? equipmentLines(equipment) : []),
    ...drove,
    ...story,
  ];
  return lines.length > 0 ? [{ heading: 'The whole car', lines }] : [];
}
