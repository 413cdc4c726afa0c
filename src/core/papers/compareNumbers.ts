import { normaliseIdentity } from '../car';
import { listed, own, type Text } from '../told';
import { say } from './say';

/** Where a number was read. */
export interface NumberRead {
  where: Text;
  /** As read; spaces and dashes do not count. */
  text: string;
}

export interface NumberDifference {
  where: readonly [Text, Text];
  /** Places, counted from 1, where they differ. */
  places: readonly number[];
  /** As it stands within a sentence, without its stop. */
  says: Text;
}

/** Characters people take for each other on plates and etchings. */
const alike = ['0OQD', '1I7', '2Z', '5S', '6G', '8B', 'UV'];

/** Compares a number read at several places, each with the first, character by character. */
export function compareNumbers(reads: readonly NumberRead[]): NumberDifference[] {
  const [first, ...others] = reads;
  if (!first) return [];
  const a = normaliseIdentity(first.text);
  return others.flatMap((other): NumberDifference[] => {
    const b = normaliseIdentity(other.text);
    if (a === b) return [];
    const where = [first.where, other.where] as const;
    const pair = { a: first.where, b: other.where };
    if (a.length !== b.length)
      return [{ where, places: [], says: say('number.lengths', { ...pair, n: a.length, m: b.length }) }];
    const places = [...a].flatMap((char, i) => (char === b[i] ? [] : [i + 1]));
    const isEasy = places.every((place) =>
      alike.some((group) => group.includes(a[place - 1] as string) && group.includes(b[place - 1] as string)),
    );
    const told = places.map((place) =>
      say('number.place', { place, a: own(a[place - 1] as string), b: own(b[place - 1] as string) }),
    );
    const says = say(isEasy ? 'number.alike' : 'number.differ', {
      ...pair,
      n: places.length,
      places: listed('comma', told),
    });
    return [{ where, places, says }];
  });
}
