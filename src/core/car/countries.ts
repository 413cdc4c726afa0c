/** Vocabulary a car is described in; see `words.ts`. */
export type Vocabulary = 'uk' | 'us';
export type DistanceUnit = 'mi' | 'km';

interface CountryFacts {
  name: string;
  drivesOn: 'left' | 'right';
  vocabulary: Vocabulary;
  distance: DistanceUnit;
  /** People there say nearside and offside. */
  saysNearside: boolean;
  /** 49 CFR 565 or its like applies, so the ninth character is a check digit. */
  checkDigitBinding: boolean;
}

const rightDriving = (name: string, distance: DistanceUnit = 'km'): CountryFacts => ({
  name,
  drivesOn: 'right',
  vocabulary: 'uk',
  distance,
  saysNearside: false,
  checkDigitBinding: false,
});

const leftDriving = (name: string, distance: DistanceUnit = 'km'): CountryFacts => ({
  ...rightDriving(name, distance),
  drivesOn: 'left',
});

/** Countries of use, by ISO 3166-1 code. The spoken habits are common practice. */
export const countries = {
  GB: { ...leftDriving('United Kingdom', 'mi'), saysNearside: true },
  IE: { ...leftDriving('Ireland'), saysNearside: true },
  US: {
    ...rightDriving('United States', 'mi'),
    vocabulary: 'us',
    checkDigitBinding: true,
  },
  CA: { ...rightDriving('Canada'), vocabulary: 'us', checkDigitBinding: true },
  MX: { ...rightDriving('Mexico'), vocabulary: 'us', checkDigitBinding: true },
  AU: leftDriving('Australia'),
  CY: leftDriving('Cyprus'),
  DE: rightDriving('Germany'),
  ES: rightDriving('Spain'),
  FR: rightDriving('France'),
  IT: rightDriving('Italy'),
  JP: leftDriving('Japan'),
  KE: leftDriving('Kenya'),
  MT: leftDriving('Malta'),
  NL: rightDriving('Netherlands'),
  NO: rightDriving('Norway'),
  NZ: leftDriving('New Zealand'),
  PL: rightDriving('Poland'),
  PT: rightDriving('Portugal'),
  SE: rightDriving('Sweden'),
  ZA: leftDriving('South Africa'),
} as const satisfies Record<string, CountryFacts>;

export type Country = keyof typeof countries;
export const countryCodes = Object.keys(countries) as [Country, ...Country[]];

export function countryOf(code: Country): CountryFacts {
  return countries[code];
}
