import {
  type BodyStyle,
  countryOf,
  endOf,
  type Hand,
  handOf,
  type Part,
  type PartId,
  type PartKind,
  type SideSpeech,
} from '../car';
import type { End, SideWord } from './lexicon/sense';

/** What is in hand while one talks: a side and an end last until one moves on. */
export interface InHand {
  hand?: Hand | undefined;
  end?: End | undefined;
}

export type PartSaid =
  | { parts: readonly Part[] }
  | { open: { question: 'which-side' | 'which-end' | 'which-part'; choices: readonly PartId[] } };

export interface WantedPart {
  kinds: readonly PartKind[];
  /** Said with it. */
  hand?: Hand | undefined;
  end?: End | undefined;
  /** Both of a pair, or all. */
  isMany: boolean;
  /** All of the car, whatever side is in hand. */
  isAll?: boolean;
  /** A bench, a carpet: one thing in several parts. */
  isMass?: boolean | undefined;
  /** Other places that were said with it: "front and rear". */
  also?: readonly { hand?: Hand | undefined; end?: End | undefined }[];
}

export function handOfWord(word: SideWord, speech: SideSpeech): Hand {
  const isLeft =
    word === 'driver' || word === 'passenger'
      ? (speech.steering === 'left') === (word === 'driver')
      : (countryOf(speech.country).drivesOn === 'left') === (word === 'nearside');
  return isLeft ? 'l' : 'r';
}

/** Met from the middle of the car, so that all are meant whatever side one spoke of last; and they belong to whoever sits there: the driver's are in front. */
export const cabin: ReadonlySet<PartKind> = new Set([
  'seat',
  'seatback',
  'bolster',
  'carpet',
  'doorcard',
  'belt',
]);

const kindEnd = (kind: PartKind): End | undefined => {
  if (kind === 'bumper-front') return 'front';
  return kind === 'bumper-rear' ? 'rear' : undefined;
};

/** Where parts without an end of their own are met. */
const faceEnd: Partial<Record<PartKind, End>> = {
  headlamp: 'front',
  windscreen: 'front',
  taillamp: 'rear',
  rearglass: 'rear',
  tailgate: 'rear',
  swingdoor: 'rear',
  bootlid: 'rear',
  bonnet: 'front',
  grille: 'front',
};

const positionEnd = (part: Part): End | undefined => {
  const end = part.position && endOf(part.position);
  return end === 'front' || end === 'rear' ? end : undefined;
};

const endOfPart = (part: Part): End | undefined => positionEnd(part) ?? kindEnd(part.kind);

/**
 * Which parts are meant: by what was said with them, else by the side and end in hand, and never by a guess. What is said of two or four at once means all that fit.
 */
export function partsMeant(wanted: WantedPart, inHand: InHand, style: BodyStyle): PartSaid | undefined {
  const { also = [], ...first } = wanted;
  const meant = partsAt(first, inHand, style);
  if (also.length === 0 || !meant || !('parts' in meant)) return meant;
  const all = also.flatMap((place) => {
    const more = partsAt({ ...first, hand: place.hand ?? first.hand, end: place.end }, inHand, style);
    return more && 'parts' in more ? more.parts : [];
  });
  return { parts: [...new Set([...all, ...meant.parts])] };
}

function partsAt(
  { kinds: named, hand, end, isMany, isAll }: WantedPart,
  inHand: InHand,
  style: BodyStyle,
): PartSaid | undefined {
  // "The lights", standing at the back.
  const here = named.filter((kind) => (faceEnd[kind] ?? inHand.end) === (inHand.end ?? faceEnd[kind]));
  const kinds = named.length > 1 && here.length > 0 ? here : named;
  const all = [...style.parts.values()].filter((part) => kinds.includes(part.kind));
  if (all.length === 0) return undefined;
  const first = kinds.find((kind) => all.some((part) => part.kind === kind)) as PartKind;
  const at = (wantedHand: Hand | undefined, wantedEnd: End | undefined) =>
    all.filter(
      (part) =>
        !(wantedHand && part.position && handOf(part.position) !== wantedHand) &&
        !(wantedEnd && endOfPart(part) && endOfPart(part) !== wantedEnd),
    );
  const open = (question: 'which-side' | 'which-end' | 'which-part'): PartSaid => {
    const may =
      [at(hand ?? inHand.hand, end ?? inHand.end), at(hand, end), all].find(({ length }) => length > 0) ?? [];
    return { open: { question, choices: may.map(({ id }) => id) } };
  };
  const ends = new Set(all.map(endOfPart));
  if (isMany) {
    // "The wheels on this side": both ends of it; "headlamps": both hands.
    const isOfSide = ends.size > 1 && !all.some(({ kind }) => cabin.has(kind));
    return { parts: at(hand ?? (isOfSide && !end && !isAll ? inHand.hand : undefined), end) };
  }
  const said = at(hand, end);
  if (said.length === 1) return { parts: said };
  // "Rear window" is the rear glass; with a side it is a door's.
  const [one, ...more] = said.filter(({ position }) => !position);
  if (!hand && one && more.length === 0 && one.kind === first) return { parts: [one] };
  const sided = said.filter(({ position }) => position);
  if (hand && sided.length === 1) return { parts: sided };
  const fits = at(hand ?? inHand.hand, end);
  if (fits.length === 1) return { parts: fits };
  const near = at(hand ?? inHand.hand, end ?? inHand.end);
  if (near.length === 1) return { parts: near };
  if (near.length === 0) return open('which-part');
  const hands = new Set(near.map(({ position }) => position && handOf(position)));
  if (hands.size > 1) return open('which-side');
  // A seat and its bolster stand at one place: the first that was named.
  const places = new Set(near.map((part) => `${part.position} ${endOfPart(part) ?? faceEnd[part.kind]}`));
  if (places.size === 1) return { parts: [near.find(({ kind }) => kind === first) ?? (near[0] as Part)] };
  return open('which-end');
}

/** What stays in hand after a part was named. */
export function handAfter(part: Part, inHand: InHand): InHand {
  const hand = part.position ? handOf(part.position) : inHand.hand;
  return { hand, end: endOfPart(part) ?? faceEnd[part.kind] ?? inHand.end };
}
