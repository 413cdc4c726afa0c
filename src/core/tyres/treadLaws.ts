import { type Country, countryTold, endOf, type Part } from '../car';
import { mmFrom32nds, type TreadUnit, treadTold } from '../measure';
import type { Message, Text } from '../told';
import { say } from './say';

interface TreadLaw {
  /** Millimetres. */
  steeredMm: number;
  otherMm: number;
}

/** Laws a tread is held against; the law of the place rules, and the one used is shown. Where none is held here, a house figure stands in. */
export const tyreLaws = {
  /** Construction and Use Regulations 1986, reg. 27; Council Directive 89/459/EEC, which ends at 3.5 t. */
  'uk-eu-car': { steeredMm: 1.6, otherMm: 1.6 },
  /** Construction and Use Regulations 1986, reg. 27(4): vehicles over 3,500 kg. */
  'uk-heavy': { steeredMm: 1, otherMm: 1 },
  /** 49 CFR 570.9. */
  'us-car': { steeredMm: mmFrom32nds(2), otherMm: mmFrom32nds(2) },
  /** 49 CFR 393.75. */
  'us-heavy': { steeredMm: mmFrom32nds(4), otherMm: mmFrom32nds(2) },
  /** Vehicle Standards Rules, in all principal grooves; from memory. */
  au: { steeredMm: 1.5, otherMm: 1.5 },
  /** Land Transport Rule 32013: Tyres and Wheels 2001; from memory. */
  nz: { steeredMm: 1.5, otherMm: 1.5 },
  /** National Road Traffic Regulations 2000, reg. 212; from memory. */
  za: { steeredMm: 1, otherMm: 1 },
} as const satisfies Record<string, TreadLaw>;
export const tyreLawIds = [
  'uk-eu-car',
  'uk-heavy',
  'us-car',
  'us-heavy',
  'au',
  'nz',
  'za',
  'house',
  'own',
] as const;
export type TyreLawId = (typeof tyreLawIds)[number];

/** Used where a country's law is not held here. House figure, millimetres. */
const HOUSE_MM = 1.6;

/** A limit for one tyre, millimetres, under a law; `ownMm` goes with the law "own". */
export function limitOf(law: TyreLawId, part: Pick<Part, 'position'>, ownMm = HOUSE_MM): number {
  if (law === 'own') return ownMm;
  if (law === 'house') return HOUSE_MM;
  const isSteered = part.position !== undefined && endOf(part.position) === 'front';
  return isSteered ? tyreLaws[law].steeredMm : tyreLaws[law].otherMm;
}

/** Countries where the limit for cars and vans is that of the United Kingdom and the Union. */
const asTheUnion: ReadonlySet<Country> = new Set([
  'GB',
  'IE',
  'CY',
  'DE',
  'ES',
  'FR',
  'IT',
  'MT',
  'NL',
  'NO',
  'PL',
  'PT',
  'SE',
]);

/** The law of the car's country as far as it is held here, else the house figure; another or one's own number can be chosen instead. */
export function usualLaw(country: Country, isHeavy: boolean): TyreLawId {
  if (country === 'US') return isHeavy ? 'us-heavy' : 'us-car';
  if (country === 'GB' && isHeavy) return 'uk-heavy';
  if (asTheUnion.has(country) && !isHeavy) return 'uk-eu-car';
  if (country === 'AU') return 'au';
  if (country === 'NZ') return 'nz';
  if (country === 'ZA') return 'za';
  return 'house';
}

/** The limit used: of which law, and that it is not the law of the car's country where it is not. */
export function lawTold(
  law: TyreLawId,
  ownMm: number | undefined,
  { country: used, isHeavy, unit }: { country: Country; isHeavy: boolean; unit: TreadUnit },
): Text {
  const limit = limitTold(limitOf(law, {}, ownMm), unit);
  const country = countryTold(used);
  if (law === 'own') return say('law.own', { limit });
  if (law === 'house') return say('law.house', { limit, country });
  const says = say(`law.${law}`);
  const usual = usualLaw(used, isHeavy);
  if (law === usual) return says;
  return say(usual === 'house' ? 'law.notHeld' : 'law.elsewhere', { law: says, country });
}

const limitTold = (mm: number, unit: TreadUnit): Message => treadTold({ lowMm: mm, highMm: mm }, unit);

/** How a law is called where one is chosen. */
export function lawNameTold(law: TyreLawId, unit: TreadUnit): Text {
  if (law === 'own') return say('lawName.own');
  if (law === 'house') return say('lawName.house', { limit: limitTold(HOUSE_MM, unit) });
  return say(`law.${law}`);
}

/** Tread of a new tyre, millimetres. Common practice: cars about 8 mm; of heavy vehicles from memory. */
export const usualNewMm = (isHeavy: boolean): number => (isHeavy ? 15 : 8);
