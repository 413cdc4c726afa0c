import type { BodyStyle, Car, Part, PartId } from '../car';
import type { FunctionId } from '../functions';
import { paintDepthTold } from '../measure';
import type { Text } from '../told';
import { tyreFaults } from '../tyres';
import { type Concerns, hasTyre, lookKinds, lookWords, type WalkState } from '../walk';
import { paintTable } from './paintTable';
import { say } from './say';
import { faultTold } from './tellFunction';
import { smellsTold } from './tellKit';
import { byEyeTold, tyreTable } from './tyreTable';
import { wheelTable } from './wheelTable';

type Spoken = Pick<Car, 'country' | 'steering'>;

/** Kinds of part that a function is about, where it has one place on the car. */
const placeOf: Partial<Record<FunctionId, readonly Part['kind'][]>> = {
  'boot-release': ['tailgate', 'swingdoor', 'bootlid'],
  'power-tailgate': ['tailgate'],
  'bonnet-release': ['bonnet'],
  'filler-release': ['fillerflap'],
  'mirror-adjust': ['mirror'],
  'mirror-fold': ['mirror'],
  'mirror-heat': ['mirror'],
  'belts-retract': ['belt'],
  buckles: ['belt'],
  'side-lamps': ['headlamp'],
  'dipped-beam': ['headlamp'],
  'main-beam': ['headlamp'],
  'daytime-lamps': ['headlamp'],
  'lamp-level': ['headlamp'],
  'front-fog': ['foglamp'],
  'rear-fog': ['taillamp'],
  'brake-lamps': ['taillamp'],
  'reversing-lamps': ['taillamp'],
  'front-wipers': ['wipers'],
  'heated-screen': ['windscreen'],
  'rear-demist': ['rearglass'],
  'rear-wiper': ['rearglass'],
  sunroof: ['glassroof'],
  sunblind: ['glassroof'],
  'soft-top-down': ['softtop'],
  'soft-top-up': ['softtop'],
  'tow-ball': ['towbar'],
  'tow-electrics': ['towbar'],
};

const workedOut = new WeakMap<WalkState, { day: string; style: BodyStyle; concerns: Concerns }>();

/**
 * What is known of each part beside its findings: how its tyre, paint and brake read, what smells, what does not work. Worked out once
 * for a state and a day, since every part on the map asks.
 */
export function partConcerns(state: WalkState, style: BodyStyle, car: Spoken, now: Date): Concerns {
  const day = now.toISOString().slice(0, 10);
  const before = workedOut.get(state);
  if (before?.day === day && before.style === style) return before.concerns;
  const concerns = concernsOf(state, style, car, now);
  workedOut.set(state, { day, style, concerns });
  return concerns;
}

function concernsOf(state: WalkState, style: BodyStyle, car: Spoken, now: Date): Concerns {
  const known = new Map<PartId, Text[]>();
  const tell = (part: PartId, what: readonly Text[]) => {
    if (what.length > 0) known.set(part, [...(known.get(part) ?? []), ...what]);
  };
  for (const { part, verdict, flags } of tyreTable(state, style, car, now).rows)
    tell(part, verdict ? verdict.reasons : tyreFaults(flags));
  for (const [part, looks] of state.treadLooks)
    if (looks === 'worn' || looks === 'needs-replacing') tell(part, [byEyeTold(looks)]);
  for (const { part, brake } of wheelTable(state, style).rows)
    if (brake) tell(part, [say('known.brake', { seen: brake })]);
  const { rows, unit } = paintTable(state, style, car);
  for (const { part, class: found, medianUm, ratio } of rows) {
    if (medianUm === undefined || ratio === undefined) continue;
    // The level it was held against: that of its own metal.
    const [read, level] = [paintDepthTold(medianUm, unit), paintDepthTold(medianUm / ratio, unit)];
    if (found === 'thicker' || found === 'far-thicker' || found === 'thin')
      tell(part, [say('known.paint', { read, level })]);
    if (found === 'local-repair') tell(part, [say('known.paintUneven')]);
  }
  if (state.kit.smells && state.kit.smells.length > 0)
    tell('smell', [say('known.smell', { smells: smellsTold(state.kit.smells) })]);
  for (const [id, { state: found }] of state.functions.tried) {
    const kinds = found === 'faulty' ? placeOf[id as FunctionId] : undefined;
    for (const part of kinds ? style.parts.values() : [])
      if (kinds?.includes(part.kind))
        tell(part.id, [say('known.faulty', { fault: faultTold(state.functions, id) })]);
  }
  return known;
}

/** Two things a walk says that cannot both hold; asked where one stands, and named before a report is frozen. */
export interface Contradiction {
  part: PartId;
  says: string;
}

export function contradictions(state: WalkState): Contradiction[] {
  const read = (part: PartId) => state.treads.has(part) || (state.paint.get(part)?.length ?? 0) > 0;
  const shown = (part: PartId) => state.photos.some((photo) => photo.part === part && photo.role !== 'where');
  return [
    ...[...state.looks].flatMap(([part, look]): Contradiction[] => {
      if (look.status !== 'not-seen' || !(read(part) || shown(part))) return [];
      const how = [shown(part) && 'photographed', read(part) && 'read'].filter(Boolean).join(' and ');
      return [{ part, says: `said not to be seen, ${look.why}, and yet ${how}: say which holds` }];
    }),
    ...state.findings.flatMap(({ part, number, kind, standing }): Contradiction[] => {
      const look = state.looks.get(part);
      if (look?.status !== 'clear' || standing.status !== 'confirmed') return [];
      const denied = [...look.absent, ...(look.swept ?? [])].find((id) => lookKinds(id).includes(kind));
      return denied
        ? [
            {
              part,
              says: `said to be “${lookWords(denied, 'uk')}”, and yet finding ${number} is there: the report tells the finding`,
            },
          ]
        : [];
    }),
    ...state.findings.flatMap(({ part, number, details, standing }): Contradiction[] =>
      details.decision?.is === 'left' && standing.status === 'put-right'
        ? [
            {
              part,
              says: `finding ${number} was to be left as it is, and yet it was put right: ${standing.says}`,
            },
          ]
        : [],
    ),
  ];
}

/** Tyres whose tread was read, and of which brand, size or week of make are not known. */
export const tyresUndescribed = (
  { treads, tyres }: Pick<WalkState, 'treads' | 'tyres'>,
  parts: readonly Part[],
): { make: PartId[]; age: PartId[] } => {
  const readOnes = parts.filter((part) => hasTyre(part) && treads.has(part.id)).map(({ id }) => id);
  return {
    make: readOnes.filter((id) => !tyres.get(id)?.brand || !tyres.get(id)?.size),
    age: readOnes.filter((id) => !tyres.get(id)?.made),
  };
};
