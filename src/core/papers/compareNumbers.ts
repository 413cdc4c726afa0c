import { normaliseIdentity } from '../car';

/** Where a number was read. */
export interface NumberRead {
  where: string;
  /** As read; spaces and dashes do not count. */
  text: string;
}

export interface NumberDifference {
  where: readonly [string, string];
  /** Places, counted from 1, where they differ. */
  places: readonly number[];
  says: string;
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
    const pair = `${first.where} and ${other.where}`;
    if (a.length !== b.length)
      return [
        { where, places: [], says: `${pair}: ${a.length} characters against ${b.length}. Read both again.` },
      ];
    const places = [...a].flatMap((char, i) => (char === b[i] ? [] : [i + 1]));
    const isEasy = places.every((place) =>
      alike.some((group) => group.includes(a[place - 1] as string) && group.includes(b[place - 1] as string)),
    );
    const listed = places.map((place) => `${place} (${a[place - 1]} against ${b[place - 1]})`).join(', ');
    return [
      {
        where,
        places,
        says: `${pair} differ at ${places.length === 1 ? 'place' : 'places'} ${listed}${isEasy ? ': easily taken for each other, read again' : ': a red flag, ask before anything else'}.`,
      },
    ];
  });
}
