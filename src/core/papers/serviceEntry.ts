import { z } from 'zod';
import { daySchema } from './calendar';

/** How a service is proven. */
export const proofs = ['stamp', 'invoice', 'electronic', 'said'] as const;
export type Proof = (typeof proofs)[number];
export const proofWords: Record<Proof, string> = {
  stamp: 'stamp',
  invoice: 'invoice',
  electronic: 'electronic record',
  said: 'said only',
};

/** What is done at a service. Words people use for it, longest first where one holds another. */
export const serviceWorks = {
  'major service': ['major service', 'full service', 'big service', 'major'],
  'minor service': ['minor service', 'interim service', 'small service', 'interim', 'minor', 'service'],
  oil: ['engine oil', 'oil change', 'oil and filter', 'oil & filter', 'oil'],
  'oil filter': ['oil filter'],
  'air filter': ['air filter'],
  'cabin filter': ['pollen filter', 'cabin filter', 'pollen'],
  'fuel filter': ['fuel filter'],
  filters: ['all filters', 'filters'],
  plugs: ['spark plugs', 'plugs', 'glow plugs'],
  belt: ['timing belt', 'cam belt', 'cambelt', 'belt'],
  'water pump': ['water pump'],
  'brake fluid': ['brake fluid'],
  coolant: ['coolant', 'antifreeze'],
  'gearbox oil': ['gearbox oil', 'transmission fluid', 'transmission oil', 'atf'],
  brakes: ['brakes', 'pads', 'discs', 'rotors'],
  tyres: ['tyres', 'tires'],
  battery: ['battery'],
  inspection: ['inspection', 'check', 'test'],
} as const satisfies Record<string, readonly string[]>;
export type ServiceWork = keyof typeof serviceWorks;
export const serviceWorkIds = Object.keys(serviceWorks) as [ServiceWork, ...ServiceWork[]];

/** One entry of a service record. A date or a distance, or both. */
export const serviceEntrySchema = z
  .strictObject({
    day: daySchema.optional(),
    /** The record gives the month alone. */
    isMonthOnly: z.boolean().optional(),
    /** In the unit of the car's country. */
    distance: z.int().min(0).max(2_000_000, 'That is farther than any odometer shows.').optional(),
    proof: z.enum(proofs),
    who: z.string().trim().max(80, 'A name may hold 80 characters.').optional(),
    works: z.array(z.enum(serviceWorkIds)).max(serviceWorkIds.length),
    note: z.string().trim().max(200, 'A note may hold 200 characters.').optional(),
  })
  .refine(
    ({ day, distance }) => day !== undefined || distance !== undefined,
    'Give a date or a distance, or both.',
  );
export type ServiceEntry = z.output<typeof serviceEntrySchema>;
