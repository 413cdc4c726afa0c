import {
  minorUnits,
  type Prices,
  pricesSchema,
  readMoney,
  sizeClasses,
  type Trade,
  tradeIds,
} from '#core/plan';
import { cures } from '#core/walk';

/** Prices as they stand in the fields: text by a name of its own. */
export type Draft = Record<string, string>;

const plain = (minor: number, currency: string): string => {
  const units = minorUnits(currency);
  return minor % units === 0 ? String(minor / units) : (minor / units).toFixed(Math.log10(units));
};

/** What the fields hold for some prices. */
export function draftOf(prices: Prices): Draft {
  const { currency, tax, trades, work, wholeCarPolish, wheelSetPerMille, tyres } = prices;
  const money = (minor: number) => plain(minor, currency);
  const draft: Draft = {
    currency,
    tax: String(tax.perMille / 10),
    taxShown: tax.isShown ? 'yes' : '',
    'polish.minutes': String(wholeCarPolish.minutes),
    'polish.materials': money(wholeCarPolish.materials),
    wheelSet: String((1000 - wheelSetPerMille) / 10),
    tyres: tyres.map(({ size, each }) => `${size}: ${money(each)}`).join('\n'),
  };
  for (const trade of tradeIds) {
    draft[`${trade}.perHour`] = money(trades[trade].perHour);
    draft[`${trade}.callOut`] = money(trades[trade].callOut);
  }
  for (const cure of cures) {
    draft[`${cure}.trade`] = work[cure].trade;
    draft[`${cure}.setUp`] = String(work[cure].setUpMinutes);
    for (const size of sizeClasses) {
      draft[`${cure}.${size}.minutes`] = String(work[cure][size].minutes);
      draft[`${cure}.${size}.materials`] = money(work[cure][size].materials);
    }
  }
  return draft;
}

/** The prices that fields hold, or what is wrong with them, by field. */
export function readDraft(draft: Draft): { prices: Prices } | { errors: Record<string, string> } {
  const errors: Record<string, string> = {};
  const text = (name: string) => (draft[name] ?? '').trim();
  const currency = text('currency').toUpperCase();
  if (!/^[A-Z]{3}$/.test(currency))
    return { errors: { currency: 'A currency has three letters, like GBP.' } };
  const money = (name: string): number => {
    const amount = readMoney(text(name), currency);
    if (amount === undefined) errors[name] = `Type an amount in ${currency}, like 12 or 12.50.`;
    return amount ?? 0;
  };
  const minutes = (name: string): number => {
    if (!/^\d{1,5}$/.test(text(name))) errors[name] = 'Type whole minutes, like 45.';
    return Number(text(name)) || 0;
  };
  const percent = (name: string, most: number): number => {
    const value = Number(text(name).replace(',', '.'));
    if (text(name) === '' || !(value >= 0 && value <= most))
      errors[name] = `Type a percentage from 0 to ${most}.`;
    return Math.round((value || 0) * 10);
  };
  const prices: Prices = {
    version: 1,
    currency,
    tax: { perMille: percent('tax', 50), isShown: text('taxShown') === 'yes' },
    trades: byName(tradeIds, (trade) => ({
      perHour: money(`${trade}.perHour`),
      callOut: money(`${trade}.callOut`),
    })),
    work: byName(cures, (cure) => ({
      trade: text(`${cure}.trade`) as Trade,
      setUpMinutes: minutes(`${cure}.setUp`),
      ...byName(sizeClasses, (size) => ({
        minutes: minutes(`${cure}.${size}.minutes`),
        materials: money(`${cure}.${size}.materials`),
      })),
    })),
    wholeCarPolish: { minutes: minutes('polish.minutes'), materials: money('polish.materials') },
    wheelSetPerMille: 1000 - percent('wheelSet', 100),
    tyres: readTyres(text('tyres'), currency, errors),
  };
  if (Object.keys(errors).length > 0) return { errors };
  const parsed = pricesSchema.safeParse(prices);
  if (parsed.success) return { prices: parsed.data };
  return { errors: { currency: parsed.error.issues[0]?.message ?? 'These prices cannot be kept.' } };
}

const byName = <K extends string, V>(names: readonly K[], made: (name: K) => V): Record<K, V> =>
  Object.fromEntries(names.map((name) => [name, made(name)])) as Record<K, V>;

/** A size and its price a line: "205/55 R16: 82". */
function readTyres(text: string, currency: string, errors: Record<string, string>): Prices['tyres'] {
  return text.split('\n').flatMap((line) => {
    if (line.trim() === '') return [];
    const at = line.lastIndexOf(':');
    const [size, each] = [line.slice(0, at).trim(), readMoney(line.slice(at + 1), currency)];
    if (at > 0 && size.length >= 3 && each !== undefined) return [{ size, each }];
    errors.tyres = `“${line.trim()}”: write the size, a colon and the price, like 205/55 R16: 82.`;
    return [];
  });
}
