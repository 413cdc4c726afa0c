import type { BodyStyle } from '../car';
import type { Phrase } from './phrases';

type Is = Phrase['sense']['is'];

const set = (...names: Is[]): ReadonlySet<Is> => new Set(names);
/** What may be spoken of. */
const things = set('part', 'function', 'lamp', 'item', 'stranger');
/** What is said of it. */
const tells = set(
  'fault',
  'fine',
  'works',
  'fails',
  'lamps',
  'same',
  'cure',
  'decision',
  'test',
  'notice',
  'dismiss',
);
/** What stands before a thing and belongs to it. */
const modifiers = set('side', 'both', 'severity', 'depth', 'amount', 'count');
/** Said of a fault that was named: "touch up left fender chips" has not told anything yet. */
const sayings = set('cure', 'decision', 'test', 'notice');
/** What the thing behind it belongs to. */
const links = set(
  'on',
  'near',
  'onto',
  'likewise',
  'deny',
  'turn',
  'looking',
  'asking',
  'such',
  'gauge',
  'correct',
  'rest',
  'works',
  'fails',
);
/** What begins to be said of a thing behind its name. */
const verbs = set('deny', 'number', 'looking', 'gauge', 'turn', 'fault', 'fine', 'works', 'fails', 'same');

/** Words a new statement begins with. */
const opener = /^(then|and then|so|okay|okay so|alright|alright then|anyway|now|next|moving on|right then)$/i;
const there =
  /^(there's|there is|there are|and there's|you've got|we've got|it's got|you can see|as you can see)$/i;
const article = /^(the|a|an|this|that|and|my|your|our|its)$/i;
/** Small words that tie a thing to what is said of it. */
const verb = /^(is|are|was|were|it's|been|being)$/i;
const tie = /^(with|for|at|than|or|if|because|when|like|where|which|who)$/i;

/**
 * Talk without commas or full stops, as machines caption it, is cut where something else begins to be spoken of: "bonnet's fine | the wing has a dent". Returns the
 * phrases with a pause before each such place.
 */
export function withSoftBreaks(phrases: readonly Phrase[], style: BodyStyle): Phrase[] {
  const cut = [...phrases];
  let hasTold = false;
  let hasThing = false;
  const breakAt = (at: number) => {
    cut[at] = { ...(cut[at] as Phrase), before: 'pause' };
    hasTold = false;
    hasThing = false;
  };
  for (const [at, phrase] of phrases.entries()) {
    if (phrase.before !== 'none') {
      // A comma goes on with what is spoken of; all else ends it.
      if (phrase.before !== 'comma') hasThing = false;
      hasTold = false;
    }
    const { is } = phrase.sense;
    if (hasTold && phrase.before === 'none') {
      const isOpening =
        (is === 'move' && !/^(at the|up) /i.test(phrase.text)) ||
        there.test(phrase.text) ||
        opener.test(phrase.text);
      if (isOpening && !isLinked(phrases, at)) breakAt(at);
      else if (things.has(is)) {
        const start = startOf(phrases, at, style);
        if (start !== undefined && isNew(phrases, start, at, hasThing)) breakAt(start);
      }
    }
    if (things.has(is)) hasThing = true;
    if (
      (tells.has(is) && (hasThing || !sayings.has(is))) ||
      (is === 'number' && hasThing) ||
      (is === 'deny' && isWhole(phrase))
    )
      hasTold = true;
  }
  return cut;
}

/** "Nothing", "none": a denial that wants nothing behind it. */
const isWhole = ({ text }: Phrase): boolean => /(^nothing|none)$/i.test(text);

/** Where the words begin that belong to a thing: "and the nearside rear | door". A side belongs to no thing in the middle of the car. */
function startOf(phrases: readonly Phrase[], at: number, style: BodyStyle): number | undefined {
  const { sense } = phrases[at] as Phrase;
  const isSided =
    sense.is !== 'part' ||
    [...style.parts.values()].some(({ kind, position }) => sense.kinds.includes(kind) && position);
  let start = at;
  while (start > 0) {
    if (phrases[start]?.before !== 'none') return undefined;
    const before = phrases[start - 1] as Phrase;
    const isMine = modifiers.has(before.sense.is) && (isSided || before.sense.is !== 'side');
    if (!isMine && !article.test(before.text)) break;
    start--;
  }
  return phrases[start]?.before === 'none' ? start : undefined;
}

/** Whether a thing begins a statement of its own. Where nothing was named before ("scuff, rear bumper") it must have something said of it. */
function isNew(phrases: readonly Phrase[], start: number, at: number, hasThing: boolean): boolean {
  const isTold = isToldOf(phrases, at);
  const before = phrases[start - 1];
  if (before && isWhole(before)) return isTold;
  if (isLinked(phrases, start)) return false;
  if (phrases[at]?.sense.is === 'stranger') return isTold;
  const isListed = /^and$/i.test(phrases[start]?.text ?? '') || /^and$/i.test(before?.text ?? '');
  return isTold || (hasThing && !isListed);
}

/** Whether what stands before a place wants the thing behind it. */
function isLinked(phrases: readonly Phrase[], at: number): boolean {
  const before = phrases[at - 1];
  return before !== undefined && (links.has(before.sense.is) || tie.test(before.text)) && !isWhole(before);
}

/** Whether something is said of a thing behind its name: "the wing has a dent", "wing's fine", "wing no dents". */
function isToldOf(phrases: readonly Phrase[], at: number): boolean {
  if (/'s$/.test(phrases[at]?.text ?? '')) return true;
  const { sense } = phrases[at] as Phrase;
  const isTyre = sense.is !== 'part' || sense.kinds[0] === 'tyre';
  for (let next = at + 1; next < at + 6; next++) {
    const phrase = phrases[next];
    if (phrase?.before !== 'none') return false;
    const { is } = phrase.sense;
    if (verb.test(phrase.text)) return true;
    // "Scratch, left wing 140": a size is said of the scratch.
    if (is === 'number') return isTyre;
    if (verbs.has(is)) return true;
    if (is !== 'filler' && !modifiers.has(is)) return false;
  }
  return false;
}
