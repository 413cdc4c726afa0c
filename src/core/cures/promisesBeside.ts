import { type BodyStyle, type Car, faceName, partNames, vocabularyOf } from '../car';
import { isKitItemId, kitItemName } from '../kit';
import { functionTitle, tyreTable } from '../readings';
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
  const names = partNames(style, car);
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
        where: about.of === 'part' ? sentence(names(about.part)) : '',
        says: saysOf(about, state, car),
        facts,
        isSuspected: false,
        ...(size && { tyreSize: size }),
        ...(cures && { said: cures }),
        decision,
      },
    ];
  });
}

function saysOf(about: RemedyAbout, state: WalkState, car: PromisedCar): string {
  const vocabulary = vocabularyOf(car);
  switch (about.of) {
    case 'part':
      return 'Promised, with no fault noted';
    case 'function':
      return functionTitle(state.functions, about.function, vocabulary);
    case 'item': {
      const named = state.kit.items.get(about.item)?.name;
      return (
        named ??
        (isKitItemId(about.item) ? kitItemName(about.item, vocabulary) : 'A thing that comes with it')
      );
    }
    case 'papers':
      return 'Papers';
    case 'smell':
      return 'Smell of the cabin';
    case 'side':
      return sentence(faceName(about.side, car));
    case 'cabin':
      return 'Cabin';
    case 'car':
      return 'Whole car';
  }
}
