import { sentence } from '../wording';
import { countryOf, type Vocabulary } from './countries';
import { type Material, type PartKind, partKindOf } from './partKinds';
import { endOf, handOf, plainHand, type SideSpeech, speakHand } from './sides';
import type { BodyStyle, Part, PartId } from './styles/bodyStyle';
import type { FaceId } from './styles/faces';

/** How a car's parts are named: its country's vocabulary and side words. */
export type Speech = SideSpeech;

export function vocabularyOf(speech: Speech): Vocabulary {
  return countryOf(speech.country).vocabulary;
}

export function kindName(kind: PartKind, speech: Speech): string {
  return partKindOf(kind)[vocabularyOf(speech)];
}

/** A material as people there call it. */
export const materialName = (material: Material, vocabulary: Vocabulary): string =>
  vocabulary === 'us' && material === 'aluminium' ? 'aluminum' : material;

/** What carries a car's registration. */
export const plateName = (speech: Speech): string =>
  vocabularyOf(speech) === 'us' ? 'license plate' : 'number plate';

/** The name alone, with its end but without a side: "rear door", "wing". */
export function partNameWithoutSide(part: Pick<Part, 'kind' | 'position'>, speech: Speech): string {
  const facts = partKindOf(part.kind);
  const end = part.position && facts.saysEnd ? endOf(part.position) : undefined;
  return end ? `${end} ${kindName(part.kind, speech)}` : kindName(part.kind, speech);
}

/** As people on the yard say it: "nearside rear door", "driver's side fender". */
export function partName(part: Pick<Part, 'kind' | 'position'>, speech: Speech): string {
  const name = partNameWithoutSide(part, speech);
  return part.position ? `${speakHand(handOf(part.position), speech)} ${name}` : name;
}

/** With the side a foreign reader is sure of: "nearside rear door (left)". */
export function partNameForAnyone(part: Pick<Part, 'kind' | 'position'>, speech: Speech): string {
  const name = partName(part, speech);
  return part.position ? `${name} (${plainHand(handOf(part.position))})` : name;
}

export function faceName(face: FaceId, speech: Speech): string {
  if (face === 'left' || face === 'right') {
    return `${speakHand(face === 'left' ? 'l' : 'r', speech)} (${face})`;
  }
  const [uk, us] = placeNames[face];
  return vocabularyOf(speech) === 'us' ? us : uk;
}

const placeNames: Record<Exclude<FaceId, 'left' | 'right'>, readonly [uk: string, us: string]> = {
  front: ['front', 'front'],
  rear: ['rear', 'rear'],
  top: ['top', 'top'],
  cabin: ['cabin', 'cabin'],
  boot: ['boot or bed', 'trunk or bed'],
  engine: ['under the bonnet', 'under the hood'],
  under: ['underneath', 'underneath'],
};

/** What parts are called on this car, within a sentence and for any reader, by their ids. */
export const partNames =
  ({ parts }: Pick<BodyStyle, 'parts'>, speech: Speech) =>
  (id: PartId): string => {
    const part = parts.get(id);
    return part ? partNameForAnyone(part, speech) : id;
  };

/** The same at the start of a line. */
export const partTitles = (style: Pick<BodyStyle, 'parts'>, speech: Speech): ((id: PartId) => string) => {
  const nameOf = partNames(style, speech);
  return (id) => sentence(nameOf(id));
};
