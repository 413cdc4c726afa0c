import { functionsFor } from '#core/functions';
import type { KitCondition, KitItemId } from '#core/kit';
import { parseService } from '#core/papers';
import type { Fact } from '#core/walk';
import { hatch } from './cars';
import { nell } from './people';
import { engineTick } from './sounds';

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

/** What inspection certificates wrote down. */
const certificates = [
  ['2021-03-18', 31_420],
  ['2023-03-15', 39_610],
  ['2025-02-12', 44_050],
] as const;

const figures = certificates.map(
  ([day, value], i): Fact => ({
    kind: 'figure-noted',
    body: { figure: `7d1f2a52-7d10-4c7b-9b6e-3a51d90e0${300 + i}`, day, value, source: 'certificate' },
  }),
);

const things: readonly (readonly [item: KitItemId, count: number, condition?: KitCondition])[] = [
  ['mats', 4, 'worn'],
  ['manuals', 1, 'incomplete'],
  ['service-book', 1, 'good'],
  ['warning-triangle', 0],
  ['first-aid', 0],
  ['load-cover', 1, 'good'],
  ['cover-straps', 1],
  ['repair-kit', 1, 'good'],
  ['jack', 0],
  ['locking-nut-key', 1, 'good'],
  ['towing-eye', 1, 'good'],
];

const faulty: readonly (readonly [id: string, says: string])[] = [
  ['aircon-cold', 'slow: only just cool after three minutes'],
  ['rear-wiper', 'washer dead'],
  ['engine-noise', 'ticks for a minute from cold'],
];

const usual = functionsFor(hatch.details).usual.map(({ id }) => id);

/** The end of the flagship's walk: what works, what comes along, and the papers. */
export const hatchEnd: readonly Fact[] = [
  { kind: 'smell-noted', body: { noticed: [{ smell: 'animals', strength: 'faint' }] } },
  {
    kind: 'drive-noted',
    body: { driver: nell.name, coverConfirmed: true, distance: 4, unit: 'mi', says: 'town and bypass' },
  },
  { kind: 'functions-tried', body: { functions: usual, state: 'works' } },
  { kind: 'lamps-noted', body: { on: [] } },
  ...faulty.map(
    ([id, says]) => ({ kind: 'functions-tried', body: { functions: [id], state: 'faulty', says } }) as Fact,
  ),
  { kind: 'functions-tried', body: { functions: ['phone'], state: 'not-tried', says: 'no phone at hand' } },
  {
    kind: 'recording-attached',
    body: {
      recording: engineTick.sha256,
      of: 'sound',
      function: 'engine-noise',
      seconds: engineTick.seconds,
      says: 'bonnet open, one metre away',
    },
  },
  ...things.map(
    ([item, count, condition]): Fact => ({
      kind: 'item-counted',
      body: { item, count, ...(condition && { condition }) },
    }),
  ),
  {
    kind: 'alteration-noted',
    body: {
      alteration: '7d1f2a52-7d10-4c7b-9b6e-3a51d90e0400',
      what: 'stereo',
      says: 'screen with camera, wired in behind the standard one',
      standardPart: 'comes',
    },
  },
  ...figures,
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
