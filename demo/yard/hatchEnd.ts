import { functionsFor } from '#core/functions';
import { parseService } from '#core/papers';
import type { Fact } from '#core/walk';
import { hatch } from './cars';

/** The record as it was read out in the cabin; one figure was written with two of its digits swapped. */
const record = [
  '9.6k 03/2018 stamp main dealer minor service',
  '17,940 02/2019 stamp main dealer oil, oil filter, pollen filter',
  '24.8k 02/2020 stamp main dealer oil and filter, brake fluid',
  '31,400 03/2021 invoice Harrow Lane Motors oil change, tyres',
  '73.9k 04/2022 stamp Harrow Lane Motors oil and filter',
  '41,960 04/2024 invoice independent timing belt, water pump, coolant',
];

const services = record.map((line, i): Fact => {
  const reading = parseService(line, 'mi', '2026-03-14');
  if (!reading.ok) throw new Error(`${line}: ${reading.says}`);
  return {
    kind: 'service-noted',
    body: { service: `7d1f2a52-7d10-4c7b-9b6e-3a51d90e0${200 + i}`, entry: reading.entry },
  };
});

const faulty: readonly (readonly [id: string, says: string])[] = [
  ['aircon-cold', 'slow: only just cool after three minutes'],
  ['rear-wiper', 'washer dead'],
];

/** The end of the flagship's walk: what works, and the papers. */
export const hatchEnd: readonly Fact[] = [
  {
    kind: 'functions-tried',
    body: {
      functions: functionsFor(hatch.details)
        .usual.filter(({ group }) => group !== 'drive')
        .map(({ id }) => id),
      state: 'works',
    },
  },
  ...faulty.map(
    ([id, says]) => ({ kind: 'functions-tried', body: { functions: [id], state: 'faulty', says } }) as Fact,
  ),
  {
    kind: 'functions-tried',
    body: {
      functions: functionsFor(hatch.details)
        .usual.filter(({ group }) => group === 'drive')
        .map(({ id }) => id),
      state: 'not-tried',
      says: 'no trade plates at hand',
    },
  },
  ...services,
  {
    kind: 'papers-noted',
    body: {
      keepers: 3,
      keys: 2,
      keysTried: 2,
      registration: 'original',
      manuals: 'partly',
      certificateUntil: '2027-02-11',
      firstUse: '2017-03-20',
      interval: { distance: 10_000, months: 12 },
    },
  },
  { kind: 'number-read', body: { where: 'plate', text: hatch.details.identityNumber } },
  { kind: 'number-read', body: { where: 'paper', text: hatch.details.identityNumber } },
];
