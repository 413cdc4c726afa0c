/** Values of a message, put into words. */
export type Filled = Readonly<Record<string, string | number>>;
export type FillIn = (values: Filled) => string;

/** How figures are written, by name: as they come, rounded where they were worked out; with one decimal; with two. */
export const numberStyles = {
  plain: { useGrouping: false, maximumFractionDigits: 6 },
  tenth: { useGrouping: false, minimumFractionDigits: 1, maximumFractionDigits: 1 },
  hundredth: { useGrouping: false, minimumFractionDigits: 2, maximumFractionDigits: 2 },
} as const;

type Ways = Readonly<Record<string, () => string>>;

/** What messages that were read at build time ask of the language they are spoken in. */
export interface Speaker {
  number: (n: number, style?: keyof typeof numberStyles) => string;
  plural: (n: number, ways: Ways) => string;
  select: (token: string, ways: Ways) => string;
}

const speakers = new Map<string, Speaker>();

/** Figures and plurals of a language, BCP 47: made once, since making one takes a phone longer than all it says. */
export function speakerOf(locale: string): Speaker {
  const speaker = speakers.get(locale) ?? makeSpeaker(locale);
  speakers.set(locale, speaker);
  return speaker;
}

function makeSpeaker(locale: string): Speaker {
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
