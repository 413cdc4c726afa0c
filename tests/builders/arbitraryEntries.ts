import fc from 'fast-check';
import { schoolIds, schools } from '#core/route';
import { type Entry, type Fact, laps, lights, noticeDistances } from '#core/walk';
import { begun, entriesOf, idOf, noted } from './entries';

const part = fc.constantFrom('bonnet', 'door-fl', 'door-rr', 'tyre-fl', 'roof');
const finding = fc.integer({ min: 1, max: 4 }).map((n) => idOf(0xf000 + n));

/** Facts of every kind about a few parts and findings, so that they meet each other often. */
const fact: fc.Arbitrary<Fact> = fc.oneof(
  part.map((p): Fact => ({ kind: 'stop-reached', body: { part: p } })),
  part.map((p): Fact => ({ kind: 'part-cleared', body: { part: p } })),
  part.map((p): Fact => ({ kind: 'part-not-seen', body: { part: p, why: 'wet' } })),
  fc
    .tuple(fc.integer({ min: 1, max: 4 }), part, fc.boolean())
    .map(([n, p, suspected]) => noted(n, p, { suspected })),
  fc.tuple(finding, fc.integer({ min: 1, max: 50 })).map(
    ([f, count]): Fact => ({
      kind: 'finding-amended',
      body: { finding: f, changes: { count, suspected: count % 2 === 0 } },
    }),
  ),
  fc
    .constantFrom(...schoolIds)
    .map((school): Fact => ({ kind: 'route-chosen', body: { rule: schools[school] } })),
  fc.constantFrom(...laps).map((lap): Fact => ({ kind: 'lap-begun', body: { lap } })),
  fc.tuple(fc.constantFrom(...lights), fc.constantFrom('left', 'rear', undefined)).map(
    ([light, side]): Fact => ({
      kind: 'conditions-noted',
      body: { light, wet: 'dry', dirt: 'clean', ...(side && { side }) },
    }),
  ),
  fc
    .tuple(finding, fc.constantFrom(...noticeDistances))
    .map(([f, notice]): Fact => ({ kind: 'notice-answered', body: { finding: f, notice } })),
  finding.map((f): Fact => ({ kind: 'finding-dismissed', body: { finding: f, why: 'water' } })),
  finding.map((f): Fact => ({ kind: 'put-right', body: { finding: f, says: 'filled and painted' } })),
  finding.map(
    (f): Fact => ({ kind: 'photo-attached', body: { photo: 'a'.repeat(64), role: 'what', finding: f } }),
  ),
  fc.float({ min: 0, max: 9, noNaN: true }).map(
    (mm): Fact => ({
      kind: 'tread-read',
      body: { part: 'tyre-fl', depth: { lowMm: mm, highMm: mm }, unit: 'mm' },
    }),
  ),
  fc.tuple(fc.float({ min: 1, max: 9, noNaN: true }), fc.constantFrom('outer', 'centre', 'inner')).map(
    ([mm, third]): Fact => ({
      kind: 'tread-read',
      body: { part: 'tyre-fl', depth: { lowMm: mm, highMm: mm }, unit: 'mm', third },
    }),
  ),
  fc.tuple(fc.constantFrom('Ortal', null), fc.integer({ min: 1, max: 53 })).map(
    ([brand, week]): Fact => ({
      kind: 'tyre-described',
      body: { part: 'tyre-fl', brand, made: { week, year: 2020 } },
    }),
  ),
  fc
    .array(fc.integer({ min: 60, max: 400 }), { minLength: 1, maxLength: 4 })
    .map((um): Fact => ({ kind: 'paint-read', body: { part: 'roof', um, source: 'gauge' } })),
  fc
    .integer({ min: 0, max: 300_000 })
    .map((value): Fact => ({ kind: 'odometer-read', body: { value, unit: 'mi' } })),
  fc.constantFrom<Fact>(
    { kind: 'smell-noted', body: { noticed: [] } },
    { kind: 'smell-noted', body: { noticed: [{ smell: 'fuel', strength: 'strong' }] } },
    { kind: 'item-counted', body: { item: 'mats', count: 4, condition: 'worn' } },
    { kind: 'item-counted', body: { item: idOf(0xb01), name: 'Dog guard', count: 1 } },
    { kind: 'item-counted', body: { item: idOf(0xb01), count: 0 } },
    {
      kind: 'alteration-noted',
      body: { alteration: idOf(0xb02), what: 'exhaust', says: 'steel', standardPart: 'gone' },
    },
    { kind: 'alteration-removed', body: { alteration: idOf(0xb02) } },
    { kind: 'functions-tried', body: { functions: ['horn', 'lamps-out'], state: 'faulty', says: 'dead' } },
    { kind: 'lamps-noted', body: { on: ['airbag', 'engine'] } },
    { kind: 'lamps-noted', body: { on: [] } },
    { kind: 'drive-noted', body: { driver: 'Nell Harrick', coverConfirmed: true } },
    {
      kind: 'recording-attached',
      body: { recording: 'b'.repeat(64), of: 'sound', function: 'horn', seconds: 4 },
    },
    { kind: 'recording-set-aside', body: { recording: 'b'.repeat(64) } },
    {
      kind: 'figure-noted',
      body: { figure: idOf(0xb03), day: '2024-03-11', value: 40_000, source: 'certificate' },
    },
    { kind: 'figure-removed', body: { figure: idOf(0xb03) } },
  ),
  // Undoes anything, earlier or later, itself and other undos included.
  fc.integer({ min: 1, max: 45 }).map((n): Fact => ({ kind: 'undone', body: { entry: idOf(n) } })),
);

/** The log of one walk, in the order it was made. */
export const arbitraryLog: fc.Arbitrary<Entry[]> = fc
  .array(fact, { maxLength: 44 })
  .map((facts) => entriesOf([begun, ...facts]));
