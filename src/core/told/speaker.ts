/** Values of a message, put into words. */
export type Filled = Readonly<Record<string, string | number>>;
export type FillIn = (values: Filled) => string;

/** How figures are written, by name: as they come, rounded where they were worked out; and with one decimal. */
export const numberStyles = {
  plain: { useGrouping: false, maximumFractionDigits: 6 },
  tenth: { useGrouping: false, minimumFractionDigits: 1, maximumFractionDigits: 1 },
} as const;

type Ways = Readonly<Record<string, () => string>>;

/** What messages that were read at build time ask of the language they are spoken in. */
export interface Speaker {
  number: (n: number, style?: keyof typeof numberStyles) => string;
  plural: (n: number, ways: Ways) => string;
  select: (token: string, ways: Ways) => string;
}

/** Figures and plurals of a language, BCP 47. */
export function speakerOf(locale: string): Speaker {
  const made = new Map<string, Intl.NumberFormat>();
  const rules = new Intl.PluralRules(locale);
  const take = (ways: Ways, ...wanted: string[]) =>
    (wanted.map((each) => ways[each]).find((way) => way !== undefined) ?? ways.other)?.() ?? '';
  return {
    number: (n, style) => {
      const format = made.get(style ?? '') ?? new Intl.NumberFormat(locale, style && numberStyles[style]);
      made.set(style ?? '', format);
      return format.format(n);
    },
    plural: (n, ways) => take(ways, `=${n}`, rules.select(n)),
    select: (token, ways) => take(ways, token),
  };
}
