import { z } from 'zod';
import { drivens, fuels, paintTones } from './carChoices';
import { countryCodes } from './countries';
import { extraIds } from './extras';
import { checkIdentity, normaliseIdentity } from './identityNumber';
import { bodyStyleIds } from './styles/bodyOf';

const line = (max: number) => z.string().trim().max(max, `At most ${max} characters.`);
const required = (what: string, max: number) => line(max).min(1, `Type the ${what}.`);

/** What a person fills in about a stock car. */
export const carDetailsSchema = z.object({
  stockNumber: required('stock number', 20),
  bodyStyle: z.enum(bodyStyleIds, 'Choose a body style.'),
  extras: z.array(z.enum(extraIds, 'Choose the extras from the list.')).max(extraIds.length).default([]),
  make: required('make', 40),
  model: required('model', 60),
  variant: line(60).default(''),
  year: z
    .int('Type the year as four figures.')
    .min(1900, 'The year is too early.')
    .max(2100, 'The year is too late.'),
  colour: required('colour', 40),
  paintTone: z.enum(paintTones, 'Choose how light or dark the paint is.'),
  fuel: z.enum(fuels, 'Choose a fuel.'),
  plate: line(12).default(''),
  engine: line(60).default(''),
  gearbox: line(40).default(''),
  driven: z.enum(drivens, 'Choose which wheels are driven.').default('not-said'),
  trim: line(40).default(''),
  specialPaint: line(60).default(''),
  /** The paint as it looks, for pictures of the list; empty where nobody chose it. */
  tint: z
    .string()
    .regex(/^(#[0-9a-f]{6})?$/, 'A tint is a colour like #235064.')
    .default(''),
  /** Where in the yard it stands, for whoever is to work on it. */
  standsAt: line(40).default(''),
  /** The day it came to the yard, which may be before it was typed in; empty where nobody said. */
  arrivedOn: z.union([z.iso.date('Type the day like 2026-12-03.'), z.literal('')]).default(''),
  country: z.enum(countryCodes, 'Choose the country the car is used in.'),
  steering: z.enum(['left', 'right'], 'Choose the side the steering wheel is on.'),
  identityNumber: z.string().max(40, 'At most 40 characters.').transform(normaliseIdentity).default(''),
  /** The person has compared the number with the plate although its check digit disagrees. */
  identityAsRead: z.boolean().default(false),
});

export type CarDetails = z.output<typeof carDetailsSchema>;

/** Details whose identity number is either in order or vouched for. */
export const checkedCarDetailsSchema = carDetailsSchema.check((context) => {
  const { identityNumber, country, identityAsRead, year } = context.value;
  const check = checkIdentity(identityNumber, country);
  const before17 = year < 1981;
  const refuse = (message: string) =>
    context.issues.push({ code: 'custom', message, path: ['identityNumber'], input: identityNumber });
  if (check.status === 'bad-characters') {
    refuse('The identity number holds characters that are never used (I, O, Q or signs). Correct them.');
  } else if ((check.status === 'short' || check.status === 'long') && !before17) {
    refuse('The identity number must have 17 characters, or be left empty.');
  } else if (check.status === 'mismatch' && check.severity === 'error' && !identityAsRead) {
    refuse(
      'The check digit disagrees. Compare with the plate; if it reads so, say “as read from the plate”.',
    );
  }
});

export const carSchema = carDetailsSchema.extend({
  id: z.uuid(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
});
export type Car = z.output<typeof carSchema>;

/** When it came to the yard: on the day that was said, else when it was typed in. */
export const cameIn = ({ arrivedOn, createdAt }: Pick<Car, 'arrivedOn' | 'createdAt'>): string =>
  arrivedOn ? `${arrivedOn}T00:00:00.000Z` : createdAt;
