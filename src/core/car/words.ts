import { englishOf, inWords, type Message, namesAs, sayer, type Text } from '../told';
import { sentence } from '../wording';
import { type Country, countries, countryOf, type Vocabulary } from './countries';
import { type Material, materials, type PartKind, partKindIds, partKindOf } from './partKinds';
import { endOf, type Hand, handOf, handWord, plainHand, type SideSpeech } from './sides';
import type { BodyStyle, Part, PartId } from './styles/bodyStyle';
import type { FaceId } from './styles/faces';
import { type SubPartId, subPartNames } from './subParts';
import words from './words.json' with { type: 'json' };

/** How a car's parts are named: its country's vocabulary and side words. */
export type Speech = SideSpeech;

export function vocabularyOf(speech: Speech): Vocabulary {
  return countryOf(speech.country).vocabulary;
}

/** Names of parts, sides and materials. */
export const carWords = [
  words,
  namesAs(
    'part',
    partKindIds.map((kind) => [kind, partKindOf(kind).uk, partKindOf(kind).us]),
  ),
  namesAs('sub', subPartNames),
  namesAs(
    'country',
    Object.entries(countries).map(([id, { name }]) => [id, name]),
  ),
  namesAs(
    'material',
    materials.map((material) => [material, material, material === 'aluminium' ? 'aluminum' : undefined]),
  ),
];
const english = englishOf(...carWords);
type Named = `part.${PartKind}` | `sub.${SubPartId}` | `material.${Material}` | `country.${Country}`;
const say = sayer<keyof typeof words.uk | Named>();
const inEnglish = (text: Text, speech: Speech): string => inWords(text, english[vocabularyOf(speech)]);

export const kindName = (kind: PartKind, speech: Speech): string => inEnglish(say(`part.${kind}`), speech);

export const countryTold = (country: Country): Message => say(`country.${country}`);

/** A material as people there call it. */
export const materialTold = (material: Material): Message => say(`material.${material}`);
export const materialName = (material: Material, vocabulary: Vocabulary): string =>
  inWords(materialTold(material), english[vocabulary]);

/** A smaller thing on a part. */
export const subPartTold = (id: SubPartId): Message => say(`sub.${id}`);
export const subPartName = (id: SubPartId, vocabulary: Vocabulary): string =>
  inWords(subPartTold(id), english[vocabulary]);

/** What carries a car's registration. */
export const plateName = (speech: Speech): string =>
  vocabularyOf(speech) === 'us' ? 'license plate' : 'number plate';

/** The word people in the car's country use for a hand: "nearside", "passenger side". */
const handTold = (hand: Hand, speech: Speech): Message => say(`hand.${handWord(hand, speech)}`);
export const speakHand = (hand: Hand, speech: Speech): string => inEnglish(handTold(hand, speech), speech);

type Placed = Pick<Part, 'kind' | 'position'>;
const named = ({ kind, position }: Placed) => ({
  name: say(`part.${kind}`),
  end: (position && partKindOf(kind).saysEnd && endOf(position)) || 'none',
});

/** The name alone, with its end but without a side: "rear door", "wing". */
export const partNameWithoutSide = (part: Placed, speech: Speech): string =>
  inEnglish(say('part.end', named(part)), speech);

/** As people on the yard say it: "nearside rear door", "driver's side fender". */
export const partName = (part: Placed, speech: Speech): string =>
  part.position
    ? inEnglish(say('part.spoken', { ...named(part), hand: handTold(handOf(part.position), speech) }), speech)
    : partNameWithoutSide(part, speech);

/** With the side a foreign reader is sure of: "nearside rear door (left)". */
export function partTold(part: Placed, speech: Speech): Message {
  if (!part.position) return say(`part.${part.kind}`);
  const hand = handOf(part.position);
  return say('part.told', { ...named(part), hand: handTold(hand, speech), side: plainHand(hand) });
}
export const partNameForAnyone = (part: Placed, speech: Speech): string =>
  inEnglish(partTold(part, speech), speech);

export const faceTold = (face: FaceId, speech: Speech): Message =>
  face === 'left' || face === 'right'
    ? say('face.side', { hand: handTold(face === 'left' ? 'l' : 'r', speech), side: face })
    : say(`face.${face}`);
export const faceName = (face: FaceId, speech: Speech): string => inEnglish(faceTold(face, speech), speech);

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
