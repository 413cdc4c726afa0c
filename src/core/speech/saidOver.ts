import { MAX_SIZE_MM, MM_PER_INCH } from '../measure';
import { numberAt, type Said } from './numbers';
import type { TalkWord } from './words';

const NONE = '\\b(?:no|not any|without any|without|nothing|none)\\b';
const NO_BIG = new RegExp(
  `${NONE}(?: (?:really|too|very|other))? (?:big|major|significant|large|larger|massive|huge|serious|severe)\\b`,
);
const ABOVE = new RegExp(
  `${NONE}(?: \\S+){0,4}? (?:(?:bigger|larger|longer|wider) than|above|over)(?: about| roughly)? (?=\\S)`,
);

/** Of what was denied in these words, whether only large ones were: none that is big, or none larger than so many millimetres. */
export function saidOver(words: readonly TalkWord[]): 'big' | number | undefined {
  const talk = words.map(({ word }) => word).join(' ');
  const above = ABOVE.exec(talk);
  const size =
    above &&
    numberAt(
      words,
      talk
        .slice(0, above.index + above[0].length)
        .trim()
        .split(' ').length,
    );
  const mm = size && millimetres(size);
  if (mm) return mm;
  return NO_BIG.test(talk) ? 'big' : undefined;
}

/** Of a size alone: paint, tread and distances have units of their own. */
function millimetres({ high, unit }: Said): number | undefined {
  const scale =
    unit === 'mm' || unit === 'mil' ? 1 : unit === 'cm' ? 10 : unit === 'in' ? MM_PER_INCH : undefined;
  const mm = scale && Math.round(high * scale * 10) / 10;
  return mm && mm > 0 && mm <= MAX_SIZE_MM ? mm : undefined;
}
