import { MM_PER_INCH } from '../measure';

const SIZES = /\b(?:big|major|significant|large|larger|massive|huge|serious|severe)\b/;
const NO_BIG = new RegExp(
  `\\b(?:no|not any|without any|without|nothing)(?: (?:really|too|very|other))? ${SIZES.source}`,
);
const ABOVE =
  /\b(?:no|not any|without any|nothing|none)\b[^,.;]*?\b(?:bigger than|larger than|longer than|wider than|above|over)(?: about| roughly)? (\d+(?:\.\d+)?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty|forty|fifty) ?(mm|mils?|millimet\w+|cm|centimet\w+|inch|inches|in)\b/;
const spelled: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
};
const scaleOf = (unit: string): number =>
  unit.startsWith('c') ? 10 : unit.startsWith('in') ? MM_PER_INCH : 1;

/** Of what was denied, whether only large ones were: none that is big, or none larger than so many millimetres. */
export function saidOver(said: string): 'big' | number | undefined {
  const words = said.toLowerCase();
  const above = ABOVE.exec(words);
  if (above) {
    const [, figure = '', unit = ''] = above;
    return Math.round((spelled[figure] ?? Number(figure)) * scaleOf(unit) * 10) / 10;
  }
  return NO_BIG.test(words) ? 'big' : undefined;
}
