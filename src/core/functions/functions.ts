import type { Vocabulary } from '../car';
import { aids, climate, media, seats, windows } from './catalogue/inside';
import { body, lamps, locks, wipe } from './catalogue/outside';
import { drive, start } from './catalogue/startAndDrive';
import type { FunctionCar, FunctionFacts } from './functionFacts';

/** Groups in the order people go through them: outside, in, start, and what wants a running engine; the drive last. */
export const functionGroups = {
  locks: { name: 'Locks and openings', functions: locks },
  windows: { name: 'Windows and mirrors', functions: windows },
  seats: { name: 'Seats and belts', functions: seats },
  start: { name: 'Key on, start, idle', functions: start },
  climate: { name: 'Heat and cold', functions: climate },
  media: { name: 'Sound, screens, sockets', functions: media },
  lamps: { name: 'Lamps', functions: lamps },
  wipe: { name: 'Wipers and horn', functions: wipe },
  aids: { name: 'What helps the driver', functions: aids },
  body: { name: 'Roof, tow, suspension, charging', functions: body },
  drive: { name: 'A short drive', functions: drive },
} as const satisfies Record<string, { name: string; functions: Record<string, FunctionFacts> }>;

export type FunctionGroupId = keyof typeof functionGroups;
export const functionGroupIds = Object.keys(functionGroups) as FunctionGroupId[];
type Ids<G extends FunctionGroupId> = G extends FunctionGroupId
  ? keyof (typeof functionGroups)[G]['functions']
  : never;
export type FunctionId = Ids<FunctionGroupId>;

export interface CarFunction {
  id: FunctionId;
  group: FunctionGroupId;
  facts: FunctionFacts;
}

/** The whole catalogue, group by group. */
export const allFunctions: readonly CarFunction[] = functionGroupIds.flatMap((group) =>
  Object.entries(functionGroups[group].functions).map(([id, facts]) => ({
    id: id as FunctionId,
    group,
    facts,
  })),
);
const byId = new Map(allFunctions.map((each) => [each.id, each]));
export const functionIds = allFunctions.map(({ id }) => id) as [FunctionId, ...FunctionId[]];

/** Where one was added without a name. */
export const ADDED_FUNCTION = 'a function that was added';

export const isFunctionId = (id: string): id is FunctionId => byId.has(id as FunctionId);

export const functionOf = (id: FunctionId): CarFunction => byId.get(id) as CarFunction;

export function functionName(id: FunctionId, vocabulary: Vocabulary): string {
  const { facts } = functionOf(id);
  return (vocabulary === 'us' ? facts.us : undefined) ?? facts.uk;
}

/** What a car of this build can have: asked for at once where most such cars have it, else only when it is said to be fitted. */
export function functionsFor(car: FunctionCar): { usual: CarFunction[]; possible: CarFunction[] } {
  const fit = allFunctions.filter(({ facts }) => facts.on?.(car) ?? true);
  return {
    usual: fit.filter(({ facts }) => facts.usual),
    possible: fit.filter(({ facts }) => !facts.usual),
  };
}

/** Functions whose names hold all words typed, for growing the list by typing. */
export function searchFunctions(
  text: string,
  among: readonly CarFunction[],
  vocabulary: Vocabulary,
): CarFunction[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  return among.filter(({ id }) => {
    const name = functionName(id, vocabulary).toLowerCase();
    return words.every((word) => name.includes(word));
  });
}
