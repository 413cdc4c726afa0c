import type { TalkWord } from './words';

/** A number as it was said, with its unit where one was. */
export interface Said {
  low: number;
  high: number;
  /** The other side of an area. */
  second?: number;
  unit?: 'mm' | 'cm' | 'in' | '32' | 'um' | 'mil' | 'miles' | 'km';
  /** How many words it took. */
  used: number;
}

const ones: Record<string, number> = {
  twos: 2,
  threes: 3,
  fours: 4,
  fives: 5,
  sixes: 6,
  sevens: 7,
  eights: 8,
  nines: 9,
  zero: 0,
  nought: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
};
const teens: Record<string, number> = {
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const tens: Record<string, number> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const fractions: Record<string, number> = {
  half: 1 / 2,
  quarter: 1 / 4,
  eighth: 1 / 8,
  sixteenth: 1 / 16,
  third: 1 / 3,
};
const few: Record<string, number> = { couple: 2, pair: 2, dozen: 12 };

const units: Record<string, NonNullable<Said['unit']>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeters: 'cm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  mil: 'mil',
  mils: 'mil',
  mill: 'mil',
  mills: 'mil',
  thou: 'mil',
  um: 'um',
  µm: 'um',
  micron: 'um',
  microns: 'um',
  mile: 'miles',
  miles: 'miles',
  km: 'km',
  kilometres: 'km',
  kilometers: 'km',
  kms: 'km',
};

/** One whole number from a place on: "ninety one thousand four hundred and seven", "a hundred and ten", "one eighty three", "47 k", "210". */
function wholeAt(words: readonly TalkWord[], from: number): { value: number; used: number } | undefined {
  let at = from;
  let total = 0;
  let group = 0;
  let isSaid = false;
  // "Seventy three thousand, one hundred and fifty two" is one number.
  const isJoined = (place: number) =>
    words[place]?.before === 'none' ||
    (words[place]?.before === 'comma' &&
      words[place - 1]?.word === 'thousand' &&
      /^(hundred|and)$/.test(words[place + 1]?.word ?? ''));
  const word = (ahead = 0) =>
    at + ahead > from && !isJoined(at + ahead) ? undefined : words[at + ahead]?.word;
  for (;;) {
    const now = word();
    if (now === undefined) break;
    const figure = /^\d+(?:\.\d+)?$/.test(now) ? Number(now) : undefined;
    if (figure !== undefined) {
      if (isSaid) break;
      group = figure;
    } else if (now in ones) {
      const next = word(1);
      // "One eighty three": hundreds left out. "Six thirty seconds" is none of them.
      if (
        !isSaid &&
        ones[now] !== 0 &&
        next !== undefined &&
        (next in tens || next in teens) &&
        !isThirtySeconds(words, at + 1)
      ) {
        group = (ones[now] ?? 0) * 100;
        isSaid = true;
        at++;
        continue;
      }
      if (isSaid && group % 10 !== 0) break;
      if (isSaid && group % 100 >= 10 && group % 100 < 20) break;
      group += ones[now] ?? 0;
    } else if (now in teens) {
      if (isSaid && group % 100 !== 0) break;
      group += teens[now] ?? 0;
    } else if (now in tens) {
      if (isThirtySeconds(words, at) && isSaid) break;
      if (isSaid && group % 100 !== 0) break;
      group += tens[now] ?? 0;
    } else if (now === 'hundred') {
      if (group >= 100) break;
      group = (group || 1) * 100;
    } else if (now === 'thousand' || now === 'k' || now === 'grand') {
      total += (group || 1) * 1000;
      group = 0;
    } else if (
      (now === 'a' || now === 'an') &&
      !isSaid &&
      (word(1) === 'hundred' || word(1) === 'thousand')
    ) {
      at++;
      continue;
    } else if (now === 'and' && isSaid && (group % 100 === 0 || group === 0) && isNumberWord(word(1))) {
      at++;
      continue;
    } else break;
    isSaid = true;
    at++;
  }
  return isSaid ? { value: total + group, used: at - from } : undefined;
}

const isNumberWord = (word: string | undefined): boolean =>
  word !== undefined && (word in ones || word in teens || word in tens || /^\d+$/.test(word));
const isThirtySeconds = (words: readonly TalkWord[], at: number): boolean =>
  words[at]?.word === 'thirty' && /^seconds?$/.test(words[at + 1]?.word ?? '');

/** A number with its fraction: "six and a half", "an eighth of an inch", "an inch and a half", "two point two". */
function amountAt(
  words: readonly TalkWord[],
  from: number,
): { value: number; used: number; unit?: Said['unit'] } | undefined {
  const word = (at: number) => (at > from && words[at]?.before !== 'none' ? undefined : words[at]?.word);
  let at = from;
  if (word(at) === 'a' || word(at) === 'an') at++;
  const alone = word(at) ?? '';
  // "Half an inch", "a quarter inch", "three quarters".
  if (alone in fractions) {
    at++;
    if (word(at) === 'of') at++;
    if (word(at) === 'a' || word(at) === 'an') at++;
    if (units[word(at) ?? ''] === 'in')
      return { value: fractions[alone] ?? 0, used: at + 1 - from, unit: 'in' };
    if (alone === 'half' && word(from + 1) === 'a' && word(from + 2) === 'dozen')
      return { value: 6, used: 3 };
    if (alone === 'half' && word(from + 1) === 'dozen') return { value: 6, used: 2 };
    return undefined;
  }
  if (alone in few && at > from)
    return { value: few[alone] ?? 0, used: at + 1 - from + (word(at + 1) === 'of' ? 1 : 0) };
  if (alone in few && alone === 'couple') return { value: 2, used: 1 + (word(at + 1) === 'of' ? 1 : 0) };
  if ((alone === 'inch' || alone === 'mil') && at > from) {
    const half = word(at + 1) === 'and' && word(at + 2) === 'a' && word(at + 3) === 'half';
    return {
      value: half ? 1.5 : 1,
      used: at + 1 - from + (half ? 3 : 0),
      unit: alone === 'inch' ? 'in' : 'mil',
    };
  }
  if (alone === 'inch' && word(at + 1) === 'and') return { value: 1.5, used: 4, unit: 'in' };
  const fraction = /^(\d+)\/(\d+)$/.exec(word(from) ?? '');
  if (fraction) {
    const [top, bottom] = [Number(fraction[1]), Number(fraction[2])];
    return bottom === 32 ? { value: top, used: 1, unit: '32' } : { value: top / (bottom || 1), used: 1 };
  }
  const whole = wholeAt(words, from);
  if (!whole) return undefined;
  let { value, used } = whole;
  // "1 1/2 in".
  const part = /^(\d)\/(\d+)$/.exec(word(from + used) ?? '');
  if (part && part[2] !== '32') {
    value += Number(part[1]) / (Number(part[2]) || 1);
    used++;
  }
  if (word(from + used) === 'point') {
    const digits: number[] = [];
    while (
      word(from + used + 1 + digits.length) !== undefined &&
      (word(from + used + 1 + digits.length) ?? '') in ones
    )
      digits.push(ones[word(from + used + 1 + digits.length) ?? ''] ?? 0);
    if (digits.length > 0) {
      value += Number(`0.${digits.join('')}`);
      used += 1 + digits.length;
    }
  }
  if (word(from + used) === 'and' && word(from + used + 1) === 'a' && word(from + used + 2) === 'half') {
    value += 0.5;
    used += 3;
    // "Eighty nine and a half thousand."
    if (/^(thousand|k|grand)$/.test(word(from + used) ?? '')) {
      value *= 1000;
      used++;
    }
  }
  return { value, used };
}

/** An odometer read out in groups: "one oh four three fifty", "six seven one nine oh". At least two groups; nothing where it is no such row. */
export function digitsAt(
  words: readonly TalkWord[],
  from: number,
): { value: number; used: number } | undefined {
  let digits = '';
  let groups = 0;
  let at = from;
  for (; at < words.length && (at === from || words[at]?.before === 'none'); at++) {
    const word = words[at]?.word ?? '';
    const next = words[at + 1]?.before === 'none' ? (words[at + 1]?.word ?? '') : '';
    if (/^(oh|o|zero|nought)$/.test(word)) digits += '0';
    else if (word in ones) digits += String(ones[word]);
    else if (word in teens) digits += String(teens[word]);
    else if (word in tens && next in ones) {
      digits += String((tens[word] ?? 0) + (ones[next] ?? 0));
      at++;
    } else if (word in tens) digits += String(tens[word]);
    else if (word === 'hundred') digits += '00';
    else break;
    groups++;
  }
  const isRow =
    groups >= 3 &&
    digits.length >= 4 &&
    digits.length <= 6 &&
    !/^(thousand|k|miles?|grand)$/.test(words[at]?.word ?? '');
  return isRow ? { value: Number(digits), used: at - from } : undefined;
}

/** What is said of how many, how long or how deep at a place; nothing where no number stands. */
export function numberAt(words: readonly TalkWord[], from: number): Said | undefined {
  const first = amountAt(words, from);
  if (!first) return undefined;
  let { used, unit } = first;
  let [low, high] = [first.value, first.value];
  let second: number | undefined;
  const word = (at: number) => (words[at]?.before === 'none' ? words[at]?.word : undefined);
  const takeUnit = () => {
    if (unit) return;
    if (isThirtySeconds(words, from + used) && words[from + used]?.before === 'none') {
      unit = '32';
      used += 2;
      return;
    }
    const next = word(from + used) ?? '';
    if (next === '32nds' || next === '32s') {
      unit = '32';
      used++;
    } else if (
      units[next] &&
      !(next === 'in' && /^(the|a|it|here|there|this|that|front)$/.test(word(from + used + 1) ?? ''))
    ) {
      unit = units[next];
      used++;
    }
  };
  takeUnit();
  for (let goes = 0; goes < 2; goes++) {
    const link =
      word(from + used) === 'and' && words[from - 1]?.word === 'between' ? 'to' : word(from + used);
    if (link !== 'to' && link !== 'or' && link !== 'by' && link !== 'x') break;
    const other = amountAt(words, from + used + 1);
    if (!other || words[from + used + 1]?.before !== 'none') break;
    used += 1 + other.used;
    unit ??= other.unit;
    if (link === 'by' || link === 'x') second = other.value;
    else high = Math.max(high, other.value);
    takeUnit();
  }
  return { low, high, used, ...(second !== undefined && { second }), ...(unit && { unit }) };
}
