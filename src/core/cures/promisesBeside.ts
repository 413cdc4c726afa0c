import { type BodyStyle, type Car, type FaceId, faceName, partNames, vocabularyOf } from '../car';
import { aboutWords, tyreTable } from '../readings';
import { type Decision, type RemedyAbout, remedyKey, type WalkState } from '../walk';
import { sentence } from '../wording';
import type { Facts } from './condition';
import type { Fault } from './fault';

type PromisedCar = Parameters<typeof tyreTable>[2] & Pick<Car, 'country' | 'steering'>;

/** What rules know it as. */
const KINDS: Record<RemedyAbout['of'], string> = {
  part: 'promised',
  function: 'function',
  item: 'item',
  papers: 'service',
  smell: 'smell',
  side: 'side',
  cabin: 'cabin',
  car: 'car',
};

const NO_FAULT = 'Promised, with no fault noted';

/** What was decided of something that is no finding; of what was found gone since, nothing is open. */
export const decisionOf = ({ remedies }: Pick<WalkState, 'remedies'>, key: string): Decision | undefined => {
  const remedy = remedies.get(key);
  return remedy?.checked?.found === 'gone' ? undefined : remedy?.decision;
};

/**
 * Promises of what the walk found no fault of: a tyre that would last, a function nobody tried, a service. They are owed like others, so plan, board and job
 * sheet know them. `listed` are the ids of the faults that stand there already.
 */
export function promisesBeside(
  state: WalkState,
  style: BodyStyle,
  car: PromisedCar,
  now: Date,
  listed: ReadonlySet<string>,
): Fault[] {
  const speech = {
    state,
    vocabulary: vocabularyOf(car),
    nameOf: partNames(style, car),
    sideOf: (face: FaceId) => faceName(face, car),
  };
  const sizeOf = (part: string) =>
    tyreTable(state, style, car, now).rows.find((row) => row.part === part)?.size;
  return [...state.remedies].flatMap(([id, { about, cures }]): Fault[] => {
    const decision = decisionOf(state, remedyKey(about));
    if (decision?.is !== 'promised' || listed.has(id)) return [];
    const part = about.of === 'part' ? style.parts.get(about.part) : undefined;
    const isTyre = part?.kind === 'tyre';
    const size = isTyre ? sizeOf(part.id) : undefined;
    const facts: Facts = {
      kind: isTyre ? 'tyre' : KINDS[about.of],
      ...(part && { partKind: part.kind, material: part.material }),
    };
    return [
      {
        id,
        ...(about.of === 'part' && { part: about.part }),
        where: about.of === 'part' ? sentence(speech.nameOf(about.part)) : '',
        says: about.of === 'part' ? NO_FAULT : sentence(aboutWords(about, speech)),
        facts,
        isSuspected: false,
        ...(size && { tyreSize: size }),
        ...(cures && { said: cures }),
        decision,
      },
    ];
  });
}
