import { type Country, countryOf, endOf, type Part } from '../car';
import { mmFrom32nds } from '../measure';

/** Laws a tread is held against; the law of the place rules, and the one used is shown. Millimetres. */
export const tyreLaws = {
  /** Construction and Use Regulations 1986, reg. 27; Council Directive 89/459/EEC. */
  'uk-eu-car': { steeredMm: 1.6, otherMm: 1.6, says: '1.6 mm across the central three-quarters (UK, EU)' },
  /** 49 CFR 570.9. */
  'us-car': { steeredMm: mmFrom32nds(2), otherMm: mmFrom32nds(2), says: '2/32 in (US, up to 10,000 lb)' },
  /** 49 CFR 393.75. */
  'us-heavy': {
    steeredMm: mmFrom32nds(4),
    otherMm: mmFrom32nds(2),
    says: '4/32 in on steered wheels, 2/32 in on the others (US, heavy vehicles)',
  },
} as const;
export const tyreLawIds = ['uk-eu-car', 'us-car', 'us-heavy', 'own'] as const;
export type TyreLawId = (typeof tyreLawIds)[number];

/** A limit for one tyre, millimetres, under a law; `ownMm` goes with the law "own". */
export function limitOf(law: TyreLawId, part: Pick<Part, 'position'>, ownMm = 1.6): number {
  if (law === 'own') return ownMm;
  const isSteered = part.position !== undefined && endOf(part.position) === 'front';
  return isSteered ? tyreLaws[law].steeredMm : tyreLaws[law].otherMm;
}

/** The law of the car's country; one's own number can be set instead. */
export function usualLaw(country: Country, isHeavy: boolean): TyreLawId {
  if (countryOf(country).vocabulary !== 'us') return 'uk-eu-car';
  return isHeavy ? 'us-heavy' : 'us-car';
}

/** Tread of a new tyre, millimetres. Common practice: cars about 8 mm; of heavy vehicles from memory. */
export const usualNewMm = (isHeavy: boolean): number => (isHeavy ? 15 : 8);
