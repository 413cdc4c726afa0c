import type { Vocabulary } from '../car';
import type { Range } from './job';

const formats = new Map<string, Intl.NumberFormat>();
function formatOf(currency: string, vocabulary: Vocabulary, isWhole: boolean): Intl.NumberFormat {
  const key = `${currency} ${vocabulary} ${isWhole}`;
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat(vocabulary === 'us' ? 'en-US' : 'en-GB', {
    style: 'currency',
    currency,
    ...(isWhole && { minimumFractionDigits: 0, maximumFractionDigits: 0 }),
  });
  formats.set(key, made);
  return made;
}

/** How many pence or cents make one of a currency: 100 for most, 1 where there are none. ISO 4217, as the platform knows it. */
export const minorUnits = (currency: string): number =>
  10 ** (formatOf(currency, 'uk', false).resolvedOptions().maximumFractionDigits ?? 2);

/** An amount of whole pence or cents in words: "£85", "£85.50"; a range in whole pounds, widened to them: "£80 to £95". */
export function moneyWords(amount: number | Range, currency: string, vocabulary: Vocabulary): string {
  const units = minorUnits(currency);
  if (typeof amount === 'number')
    return formatOf(currency, vocabulary, amount % units === 0).format(amount / units);
  const { low, high } = amount;
  if (low === high) return moneyWords(low, currency, vocabulary);
  const whole = formatOf(currency, vocabulary, true);
  return `${whole.format(Math.floor(low / units))} to ${whole.format(Math.ceil(high / units))}`;
}

/** A price as somebody types it, "85", "85.50" or "85,50", in whole pence or cents; undefined for what is no price. */
export function readMoney(typed: string, currency: string): number | undefined {
  const text = typed.trim().replace(',', '.');
  if (!/^\d{1,6}(\.\d{1,3})?$/.test(text)) return undefined;
  const minor = Number(text) * minorUnits(currency);
  return Math.abs(minor - Math.round(minor)) < 1e-6 ? Math.round(minor) : undefined;
}
