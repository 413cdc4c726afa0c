/** Shortest password. ASVS 5.0, 6.2.1 asks for 8 at least and recommends 15; a phone is typed on in the rain. House rule. */
const SHORTEST_PASSWORD = 10;
/** Longest: ASVS 5.0, 6.2.9 asks that 64 at least are taken. */
const LONGEST_PASSWORD = 128;
export const PIN_DIGITS = 6;

/**
 * What is wrong with a password, or undefined. No rule on signs or capitals (ASVS 5.0, 6.2.5), but none that everybody tries first (6.2.4) and
 * none that is the name. `common` answers for small letters.
 */
export function passwordProblem(
  password: string,
  name: string,
  common: (password: string) => boolean,
): string | undefined {
  const small = password.toLowerCase();
  if ([...password].length < SHORTEST_PASSWORD)
    return `Use ${SHORTEST_PASSWORD} characters at least: three or four words are easy to keep in mind.`;
  if ([...password].length > LONGEST_PASSWORD) return `Use ${LONGEST_PASSWORD} characters at most.`;
  if (common(small) || /^(.)\1*$/u.test(password))
    return 'That one is on every list of guesses. Choose other words.';
  const plain = (text: string) => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  if (plain(password) === plain(name)) return 'That is the name. Choose other words.';
  return undefined;
}

/** What is wrong with a PIN, or undefined: six digits, and not six that are tried first. */
export function pinProblem(pin: string): string | undefined {
  if (!/^\d{6}$/.test(pin)) return `A PIN has ${PIN_DIGITS} digits.`;
  const steps = [...pin].slice(1).map((digit, i) => Number(digit) - Number(pin[i]));
  const isRow = steps.every((step) => step === steps[0]) && Math.abs(steps[0] as number) <= 1;
  const isPair = new Set([pin.slice(0, 2), pin.slice(2, 4), pin.slice(4)]).size === 1;
  const isHalf = pin.slice(0, 3) === pin.slice(3);
  return isRow || isPair || isHalf ? 'That PIN is tried first. Choose another.' : undefined;
}
