import { type Country, countryOf } from './countries';

/** Values of the letters, 49 CFR 565.15 table III. I, O and Q are not used. */
const values: Record<string, number> = Object.fromEntries([
  ...[...'0123456789'].map((digit) => [digit, Number(digit)]),
  ...[...'ABCDEFGH'].map((letter, i) => [letter, i + 1]),
  ...[...'JKLMN'].map((letter, i) => [letter, i + 1]),
  ['P', 7],
  ['R', 9],
  ...[...'STUVWXYZ'].map((letter, i) => [letter, i + 2]),
]);

/** Weight of each of the 17 places, 49 CFR 565.15 table IV. The ninth is the check digit itself. */
const weights = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2];

const LENGTH = 17;
const CHECK_INDEX = 8;

/** Pairs that are misread on a stamped or dirty plate. Common practice. */
const lookAlikes = [
  '0D',
  '1L',
  '1T',
  '2Z',
  '5S',
  '6G',
  '8B',
  '3B',
  '4A',
  '7T',
  '7Z',
  'UV',
  'VY',
  'MN',
  'CG',
  'EF',
  'PR',
  'XK',
  '38',
  '56',
];

const neverUsed: Record<string, string> = { I: '1', O: '0', Q: '0' };

export interface Replacement {
  /** Place of the character, counted from 1. */
  place: number;
  found: string;
  meant: string;
}

export type IdentityCheck =
  | { status: 'empty' }
  | { status: 'bad-characters'; wrong: { place: number; found: string; meant?: string }[] }
  | { status: 'short'; length: number }
  | { status: 'long'; length: number }
  | { status: 'ok' }
  | {
      status: 'mismatch';
      /** What the ninth character would be if all others are right. */
      expected: string;
      found: string;
      /** Single slips that would explain it: a look-alike, or two neighbours swapped. */
      slips: Replacement[];
      /** Whether the law of the country of use makes the digit binding. */
      severity: 'error' | 'warning';
    };

export function normaliseIdentity(text: string): string {
  return text.toUpperCase().replace(/[\s-]/g, '');
}

/**
 * The check digit of a 17-character identity number: 0 to 9 or X (49 CFR 565.15).
 * The ninth character given is ignored. Returns undefined unless all 17 characters are allowed ones.
 */
export function checkDigit(identity: string): string | undefined {
  if (identity.length !== LENGTH) return undefined;
  let sum = 0;
  for (let i = 0; i < LENGTH; i++) {
    const value = values[identity[i] as string];
    if (value === undefined) {
      if (i === CHECK_INDEX) continue;
      return undefined;
    }
    sum += value * (weights[i] as number);
  }
  const rest = sum % 11;
  return rest === 10 ? 'X' : String(rest);
}

const fits = (identity: string) => checkDigit(identity) === identity[CHECK_INDEX];

/** Checks a number as it is typed; spaces, hyphens and small letters are forgiven. */
export function checkIdentity(text: string, country: Country): IdentityCheck {
  const identity = normaliseIdentity(text);
  if (identity === '') return { status: 'empty' };
  const wrong = [...identity].flatMap((found, i) =>
    values[found] === undefined ? [{ place: i + 1, found, meant: neverUsed[found] }] : [],
  );
  if (wrong.length > 0) return { status: 'bad-characters', wrong };
  if (identity.length < LENGTH) return { status: 'short', length: identity.length };
  if (identity.length > LENGTH) return { status: 'long', length: identity.length };
  const found = identity[CHECK_INDEX] as string;
  const expected = checkDigit(identity) as string;
  if (found === expected) return { status: 'ok' };
  return {
    status: 'mismatch',
    expected,
    found,
    slips: findSlips(identity),
    severity: countryOf(country).checkDigitBinding ? 'error' : 'warning',
  };
}

/** The single slips after which the check digit would agree. Several may; none may. */
function findSlips(identity: string): Replacement[] {
  const slips: Replacement[] = [];
  for (let i = 0; i < LENGTH; i++) {
    const found = identity[i] as string;
    for (const pair of lookAlikes) {
      const at = pair.indexOf(found);
      if (at < 0) continue;
      const meant = pair[1 - at] as string;
      if (!allowedAt(i, meant)) continue;
      const candidate = identity.slice(0, i) + meant + identity.slice(i + 1);
      if (fits(candidate)) slips.push({ place: i + 1, found, meant });
    }
    const next = identity[i + 1];
    if (next && next !== found && i !== CHECK_INDEX && i + 1 !== CHECK_INDEX) {
      const swapped = identity.slice(0, i) + next + found + identity.slice(i + 2);
      if (fits(swapped)) slips.push({ place: i + 1, found: found + next, meant: next + found });
    }
  }
  return slips;
}

/** The ninth is a digit or X, the last four are digits (49 CFR 565.15). */
function allowedAt(index: number, character: string): boolean {
  if (index === CHECK_INDEX) return /[0-9X]/.test(character);
  return index < 13 || /[0-9]/.test(character);
}

/** What to tell the person, in one plain line. */
export function identityMessage(check: IdentityCheck): string {
  switch (check.status) {
    case 'empty':
      return '';
    case 'ok':
      return 'All 17 characters agree with the check digit.';
    case 'bad-characters':
      return check.wrong
        .map(({ place, found, meant }) =>
          meant
            ? `Character ${place} is ${found}, which is never used: it is probably ${meant}.`
            : `Character ${place}, “${found}”, does not belong in an identity number.`,
        )
        .join(' ');
    case 'short':
      return `${check.length} of 17 characters.`;
    case 'long':
      return `${check.length} characters: there should be 17. Is one typed twice?`;
    case 'mismatch':
      return `${mismatchLead(check.severity, check.expected, check.found)} ${slipAdvice(check.slips)}`;
  }
}

function mismatchLead(severity: 'error' | 'warning', expected: string, found: string): string {
  const says = `The check digit (character 9) is ${found}, but the others call for ${expected}.`;
  return severity === 'error' ? says : `${says} Not every country uses it, so look again.`;
}

function slipAdvice(slips: readonly Replacement[]): string {
  if (slips.length === 0) return 'No single look-alike explains it: compare with the plate.';
  const first = slips
    .slice(0, 3)
    .map(({ place, found, meant }) => `character ${place}: ${meant} instead of ${found}`);
  return `It would agree with ${first.join(', or ')}.`;
}
