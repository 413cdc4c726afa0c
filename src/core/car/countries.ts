/** Vocabulary a car is described in; see `words.ts`. */
export type Vocabulary = 'uk' | 'us';
export type DistanceUnit = 'mi' | 'km';

interface CountryFacts {
  name: string;
  drivesOn: 'left' | 'right';
  vocabulary: Vocabulary;
  distance: DistanceUnit;
  /** ISO 4217. */
  currency: string;
  /** People there say nearside and offside. */
  saysNearside: boolean;
  /** 49 CFR 565 or its like applies, so the ninth character is a check digit. */
  checkDigitBinding: boolean;
}

const rightDriving = (name: string, currency = 'EUR', distance: DistanceUnit = 'km'): CountryFacts => ({
  name,
  drivesOn: 'right',
  vocabulary: 'uk',
  distance,
  currency,
  saysNearside: false,
  checkDigitBinding: false,
});

const leftDriving = (name: string, currency = 'EUR', distance: DistanceUnit = 'km'): CountryFacts => ({
  ...rightDriving(name, currency, distance),
  drivesOn: 'left',
});

/** Countries of use, by ISO 3166-1 code. The spoken habits are common practice. */
export const countries = {
  GB: { ...leftDriving('United Kingdom', 'GBP', 'mi'), saysNearside: true },
  IE: { ...leftDriving('Ireland'), saysNearside: true },
  US: {
    ...rightDriving('United States', 'USD', 'mi'),
    vocabulary: 'us',
    checkDigitBinding: true,
  },
  CA: { ...rightDriving('Canada', 'CAD'), vocabulary: 'us', checkDigitBinding: true },
  MX: { ...rightDriving('Mexico', 'MXN'), vocabulary: 'us', checkDigitBinding: true },
  AU: leftDriving('Australia', 'AUD'),
  CY: leftDriving('Cyprus'),
  DE: rightDriving('Germany'),
  ES: rightDriving('Spain'),
  FR: rightDriving('France'),
  IT: rightDriving('Italy'),
  JP: leftDriving('Japan', 'JPY'),
  KE: leftDriving('Kenya', 'KES'),
  MT: leftDriving('Malta'),
  NL: rightDriving('Netherlands'),
  NO: rightDriving('Norway', 'NOK'),
  NZ: leftDriving('New Zealand', 'NZD'),
  PL: rightDriving('Poland', 'PLN'),
  PT: rightDriving('Portugal'),
  SE: rightDriving('Sweden', 'SEK'),
  ZA: leftDriving('South Africa', 'ZAR'),
} as const satisfies Record<string, CountryFacts>;

export type Country = keyof typeof countries;
export const countryCodes = Object.keys(countries) as [Country, ...Country[]];

export function countryOf(code: Country): CountryFacts {
  return countries[code];
}
