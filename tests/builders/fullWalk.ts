import { equipmentLines, partGroups, type ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { begun, idOf, noted } from './entries';

/** A walk with something of everything a report tells. */
export const fullWalk: Fact[] = [
  begun,
  noted(1),
  noted(2, 'roof', { suspected: true }),
  noted(3, 'bonnet'),
  {
    kind: 'finding-amended',
    body: {
      finding: idOf(0xf001),
      changes: { lengthMm: 46, notice: 'across-the-bay', action: 'dent-removal', note: 'Seen in low sun.' },
    },
  },
  {
    kind: 'finding-dismissed',
    body: { finding: idOf(0xf003), why: 'meant to be so: a crease of the shape' },
  },
  noted(4, 'wing-fl'),
  { kind: 'put-right', body: { finding: idOf(0xf004), says: 'pressed out, paint whole' } },
  { kind: 'part-not-seen', body: { part: 'sill-l', why: 'against a wall or fence' } },
  { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
  { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 1.2, highMm: 1.2 }, unit: 'mm' } },
  { kind: 'paint-read', body: { part: 'roof', um: [110, 112, 114], source: 'gauge' } },
  {
    kind: 'functions-tried',
    body: { functions: ['engine-noise'], state: 'faulty', says: 'ticks when cold' },
  },
  { kind: 'functions-tried', body: { functions: ['audio', 'clock'], state: 'works' } },
  { kind: 'functions-tried', body: { functions: ['phone'], state: 'not-tried', says: 'no phone at hand' } },
  { kind: 'lamps-noted', body: { on: ['airbag', 'engine'] } },
  { kind: 'drive-noted', body: { driver: 'Nell', coverConfirmed: true, distance: 4, unit: 'mi' } },
  {
    kind: 'recording-attached',
    body: {
      recording: 'a'.repeat(64),
      of: 'sound',
      function: 'engine-noise',
      seconds: 6,
      says: 'bonnet open',
    },
  },
  { kind: 'smell-noted', body: { noticed: [{ smell: 'smoke', strength: 'faint' }] } },
  { kind: 'item-counted', body: { item: 'mats', count: 4, condition: 'worn' } },
  { kind: 'item-counted', body: { item: 'jack', count: 0 } },
  {
    kind: 'alteration-noted',
    body: { alteration: idOf(0xb1), what: 'exhaust', says: 'steel from the axle back', standardPart: 'gone' },
  },
  {
    kind: 'service-noted',
    body: {
      service: idOf(0xc1),
      entry: { day: '2024-04-02', distance: 31_200, proof: 'stamp', works: ['oil', 'belt'] },
    },
  },
  { kind: 'papers-noted', body: { keys: 2, keysTried: 1, keepers: 3 } },
  { kind: 'part-cleared', body: { part: 'door-fr', absent: ['straight', 'edge-clean'] } },
  { kind: 'part-cleared', body: { part: 'headlamp-r', absent: ['no-water', 'no-haze'] } },
  {
    kind: 'sweep-made',
    body: {
      over: { of: 'side', face: 'right' },
      parts: ['wing-fr', 'door-fr', 'door-rr', 'quarter-rr'],
      absent: ['no-rust'],
    },
  },
  {
    kind: 'statement-made',
    body: { statement: idOf(0xd1), over: { of: 'side', face: 'right' }, is: 'lines-up' },
  },
  {
    kind: 'statement-made',
    body: {
      statement: idOf(0xd2),
      over: { of: 'parts', parts: ['door-rl', 'quarter-rl'] },
      is: 'one-repair',
      says: 'haze over both, tape line in the shut',
    },
  },
  {
    kind: 'finding-noted',
    body: {
      finding: idOf(0xf005),
      part: 'door-rl',
      sub: 'handle',
      spot: { u: 0.8, v: 0.4 },
      kind: 'loose',
      suspected: false,
      details: {
        severity: 'plain',
        cures: [{ cure: 'refit', sure: 'should' }],
        decision: { is: 'buyer-chooses', price: { amount: 40, currency: 'GBP' } },
      },
    },
  },
  {
    kind: 'finding-noted',
    body: {
      finding: idOf(0xf006),
      part: 'mirror-r',
      spot: { u: 0.4, v: 0.4 },
      kind: 'stone-chip',
      suspected: false,
      details: { amount: 'several', severity: 'slight', cures: [{ cure: 'touch-in', sure: 'may' }] },
    },
  },
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'part', part: 'tyre-fl' },
      cures: [{ cure: 'replace', sure: 'will' }],
      decision: { is: 'promised', by: '2026-04-01' },
    },
  },
  {
    kind: 'remedy-noted',
    body: { about: { of: 'function', function: 'engine-noise' }, cures: [{ cure: 'find-out' }] },
  },
  { kind: 'remedy-noted', body: { about: { of: 'papers' }, decision: { is: 'house-decides' } } },
  {
    kind: 'remedy-noted',
    body: { about: { of: 'item', item: 'jack' }, decision: { is: 'promised', by: '2026-03-10' } },
  },
  {
    kind: 'mend-checked',
    body: { about: { of: 'item', item: 'jack' }, found: 'gone', says: 'a jack of its size came with it' },
  },
  {
    kind: 'mend-checked',
    body: { about: { of: 'finding', finding: idOf(0xf006) }, found: 'better', says: 'two of them show' },
  },
  { kind: 'material-noted', body: { part: 'bonnet', material: 'aluminium' } },
  { kind: 'film-noted', body: { part: 'door-fl', cover: 'short', where: 'behind the handle' } },
  { kind: 'tread-by-eye', body: { part: 'tyre-rr', looks: 'good' } },
  {
    kind: 'story-told',
    body: { fact: idOf(0xe1), about: 'work-done', says: 'new belt', source: 'proven', by: 'invoice' },
  },
  { kind: 'drove-told', body: { group: 'clutch', fine: true, says: 'bites low' } },
  { kind: 'equipment-noted', body: { item: 'tracker', standing: 'said' } },
  { kind: 'equipment-noted', body: { item: idOf(0xe2), name: 'Ladder rack', standing: 'fitted' } },
];

/** Everything a reader of the page is told, item by item. */
export function itemsOf(told: ReportDocument): string[] {
  const { functions, kit, papers, tyres, paint } = told;
  return [
    told.title,
    told.paragraph ?? '',
    ...told.summary,
    ...told.findings.flatMap(
      ({ line, partName, action, promised, advice = '', decision = '', checkedAgain = '', note, inFilm }) => [
        inFilm?.says ?? '',
        line,
        partName,
        action,
        advice,
        promised ? '' : decision,
        checkedAgain,
        note,
      ],
    ),
    ...(told.remedies ?? []).flatMap(({ action, advice = '' }) => [action, advice]),
    ...(told.statements ?? []),
    ...(told.build ?? []),
    ...(told.story ?? []),
    ...(told.drove ?? []),
    ...(told.equipment ? equipmentLines(told.equipment) : []),
    ...told.dismissed.flatMap(({ line, why }) => [line, why]),
    ...(told.putRight ?? []).flatMap(({ line, partName, says }) => [line, partName, says]),
    ...(told.othersPutRight ?? []).flatMap(({ what, says, kept = '' }) => [what, says, kept]),
    ...told.notSeen.flatMap(({ name, why }) => [name, why]),
    ...told.notLookedAt,
    ...told.readingsMissing,
    ...partGroups(told).flatMap(({ title, lines }) => [title, ...lines]),
    // A clear part is told in one breath with the others of its side.
    ...told.parts.flatMap(({ says }) =>
      /^(Clear(, in a sweep)?|Findings? [\d, ]+)$/.test(says) ? [] : [says],
    ),
    ...(tyres ? [tyres.law, ...tyres.rows.map(({ name }) => name)] : []),
    ...(paint
      ? [...paint.says, ...paint.rows.filter(({ um }) => um.length > 0).map(({ name }) => name)]
      : []),
    ...(functions
      ? [
          functions.summary,
          functions.lampsSay ?? '',
          functions.drive ?? '',
          ...functions.faulty.flatMap(({ name, says }) => [name, says]),
          ...functions.works.flatMap(({ names }) => names),
          ...functions.notTried.flatMap(({ name, says }) => [name, says]),
          ...functions.left,
          ...(functions.recordings ?? []).flatMap(({ name, says }) => [name, says]),
        ]
      : []),
    ...(kit
      ? [...kit.there, ...kit.missing, ...kit.left, ...kit.altered, ...kit.notes, kit.smell ?? '']
      : []),
    ...(papers ? [...papers.asks, ...papers.says, ...papers.services, ...papers.left] : []),
    ...told.cautions,
  ].filter((item) => item !== '');
}
