import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import type { KeptLook } from '../diary';
import { functionIds, functionName, functionsFor, warningLampIds } from '../functions';
import { weights } from '../judged';
import { smellIds } from '../kit';
import { tyreFlags } from '../tyres';
import { driveGroupNames, driveGroups, type Fact, findingKindIds, isMetal, kindFits } from '../walk';
import { composeReport, type ReaderArea, type ReportDocument, saidNothingOf, verdictsOf } from '.';
import { reportBlocks } from './blocks/reportBlocks';

const style = styleOf({ bodyStyle: 'hatch-5' });
const parts = [...style.parts.values()];
const tyres = ['tyre-fl', 'tyre-fr', 'tyre-rl', 'tyre-rr'];
const tread = (part: string, mm: number, third?: 'inner' | 'centre' | 'outer'): Fact => ({
  kind: 'tread-read',
  body: { part, depth: { lowMm: mm, highMm: mm }, unit: 'mm', ...(third && { third }) },
});

/** A car of which all was looked at, and nothing found. */
const sound: Fact[] = [
  begun,
  ...parts.map(({ id }): Fact => ({ kind: 'part-cleared', body: { part: id } })),
  { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
  ...tyres.map((part) => tread(part, 6.5)),
  ...parts
    .filter((part) => isMetal(part) && ['door', 'wing', 'bonnet', 'roof', 'tailgate'].includes(part.kind))
    .map(
      ({ id }): Fact => ({ kind: 'paint-read', body: { part: id, um: [116, 118, 120], source: 'gauge' } }),
    ),
  {
    kind: 'functions-tried',
    body: { functions: functionsFor(testCar).usual.map(({ id }) => id), state: 'works' },
  },
  { kind: 'lamps-noted', body: { on: [] } },
  { kind: 'drive-noted', body: { driver: 'Nell', coverConfirmed: true, distance: 4, unit: 'mi' } },
  { kind: 'smell-noted', body: { noticed: [] } },
  {
    kind: 'papers-noted',
    body: {
      keys: 2,
      keysTried: 2,
      keepers: 2,
      registration: 'original',
      manuals: 'complete',
      certificateUntil: '2026-09-01',
    },
  },
];

interface Planted {
  name: string;
  area: ReaderArea;
  /** Words of the tile; a count where findings are counted. */
  says: string | RegExp;
  /** Words of the chapter on paper. */
  onPaper?: RegExp;
  facts?: Fact[];
  mornings?: KeptLook[];
}

const morning = (n: number, more: object): KeptLook =>
  ({
    id: idOf(0x7000 + n),
    car: testCar.id,
    at: `2026-03-1${n}T07:00:00.000Z`,
    day: `2026-03-1${n}`,
    who: idOf(1),
    ...more,
  }) as KeptLook;
const noted = (n: number, kind: (typeof findingKindIds)[number], part: string): Fact => ({
  kind: 'finding-noted',
  body: {
    finding: idOf(0xf000 + n),
    part,
    spot: { u: 0.5, v: 0.5 },
    kind,
    suspected: false,
    details: { notice: 'up-close' },
  },
});

const faults: Planted[] = [
  ...functionIds.map(
    (id): Planted => ({
      name: `${functionName(id, 'uk')} faulty`,
      area: 'works',
      says: /dead as planted/,
      onPaper: /dead as planted/,
      facts: [
        { kind: 'functions-tried', body: { functions: [id], state: 'faulty', says: 'dead as planted' } },
      ],
    }),
  ),
  ...warningLampIds.map(
    (lamp): Planted => ({
      name: `lamp ${lamp}`,
      area: 'works',
      says: /lamp/,
      facts: [{ kind: 'lamps-noted', body: { on: [lamp] } }],
    }),
  ),
  ...driveGroups.map(
    (group): Planted => ({
      name: `drive: ${group}`,
      area: 'works',
      says: new RegExp(driveGroupNames[group], 'i'),
      facts: [{ kind: 'drove-told', body: { group, fine: false, says: 'not as it should' } }],
    }),
  ),
  ...tyreFlags
    .filter((flag) => ['cracks', 'bulge', 'cord', 'cut'].includes(flag))
    .flatMap((flag): Planted[] => [
      {
        name: `tyre: ${flag}, depth read`,
        area: 'tyres',
        says: /nearside front/,
        facts: [{ kind: 'tyre-described', body: { part: 'tyre-fl', flags: [flag] } }],
      },
    ]),
  {
    name: 'tyre worn at an edge, its depth read',
    area: 'tyres',
    says: /inner edge/,
    facts: [tread('tyre-fl', 3.2, 'inner'), tread('tyre-fl', 6, 'centre'), tread('tyre-fl', 6, 'outer')],
  },
  ...(['worn', 'needs-replacing'] as const).map(
    (looks): Planted => ({
      name: `tyre ${looks} by eye, its depth read`,
      area: 'tyres',
      says: /by eye/,
      facts: [{ kind: 'tread-by-eye', body: { part: 'tyre-rl', looks } }],
    }),
  ),
  {
    name: 'tyre worn out',
    area: 'tyres',
    says: /1/,
    facts: [tread('tyre-fl', 1.2)],
  },
  ...findingKindIds.flatMap((kind, i): Planted[] => {
    const part = parts.find((each) => kindFits(kind, each));
    return part ? [{ name: `kind: ${kind}`, area: 'body', says: /1/, facts: [noted(i, kind, part.id)] }] : [];
  }),
  {
    name: 'signs of respray',
    area: 'paint',
    says: /respray/,
    facts: [noted(900, 'respray-sign', 'door-fl')],
  },
  {
    name: 'panel painted far thicker',
    area: 'paint',
    says: /far thicker/,
    facts: [{ kind: 'paint-read', body: { part: 'door-fl', um: [820, 830, 840], source: 'gauge' } }],
  },
  ...smellIds.map(
    (smell): Planted => ({
      name: `smell: ${smell}`,
      area: 'body',
      says: /smell/i,
      facts: [{ kind: 'smell-noted', body: { noticed: [{ smell, strength: 'clear', says: 'as planted' }] } }],
    }),
  ),
  {
    name: 'a key that does not work',
    area: 'papers',
    says: /key/i,
    facts: [{ kind: 'papers-noted', body: { keyStates: ['works', 'faulty'] } }],
  },
  {
    name: 'certificate run out',
    area: 'papers',
    says: /certificate/i,
    facts: [{ kind: 'papers-noted', body: { certificateUntil: '2025-12-01' } }],
  },
  {
    name: 'registration paper missing',
    area: 'papers',
    says: /registration/i,
    facts: [{ kind: 'papers-noted', body: { registration: 'missing' } }],
  },
  {
    name: 'registration paper a copy',
    area: 'papers',
    says: /registration/i,
    facts: [{ kind: 'papers-noted', body: { registration: 'copy' } }],
  },
  {
    name: 'manuals missing',
    area: 'papers',
    says: /manuals/i,
    facts: [{ kind: 'papers-noted', body: { manuals: 'missing' } }],
  },
  {
    name: 'mileage that goes back',
    area: 'papers',
    says: /./,
    facts: [
      {
        kind: 'service-noted',
        body: {
          service: idOf(0xc1),
          entry: { day: '2024-04-02', distance: 99_200, proof: 'stamp', works: ['oil'] },
        },
      },
    ],
  },
  {
    name: 'brake with deep grooves',
    area: 'tyres',
    says: /brake/,
    facts: [{ kind: 'wheel-described', body: { part: 'wheel-fl', grooves: 'deep' } }],
  },
  ...(
    [
      ['starts badly on several mornings', { start: 'no' }],
      ['sinks overnight', { level: 'sunk', sunkAt: ['fl'] }],
      ['drips', { under: 'drops' }],
      ['loses air', { tyres: 'losing', losing: ['fl'] }],
    ] as const
  ).map(
    ([name, look]): Planted => ({
      name,
      area: 'works',
      says: /morning/,
      mornings: [1, 2, 3].map((n) => morning(n, look)),
    }),
  ),
];

const reportOf = (facts: readonly Fact[], mornings: readonly KeptLook[] = []): ReportDocument =>
  composeReport({
    id: idOf(0xd01),
    revision: 1,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: 'Port', phone: '1' },
    car: testCar,
    walk: WALK,
    entries: entriesOf(facts),
    photos: new Map(),
    ...(mornings.length > 0 && { mornings: [...mornings] }),
  });
const tileOf = (report: ReportDocument, area: ReaderArea) =>
  verdictsOf(report).find((each) => each.area === area);
const wordsOf = (report: ReportDocument) => JSON.stringify(reportBlocks(report, ''));

describe('of a car of which nothing was found', () => {
  it('no tile asks for anything', () => {
    expect(verdictsOf(reportOf(sound)).map(({ area, weight }) => `${area} ${weight}`)).toEqual(
      expect.arrayContaining(['body plain', 'tyres plain', 'paint plain', 'works plain', 'papers unknown']),
    );
  });
});

describe('a single fault in a sound car', () => {
  it(`is planted ${faults.length} times, 80 at the least`, () => {
    expect(faults.length).toBeGreaterThanOrEqual(80);
  });

  it.each(faults.map((each) => [each.name, each] as const))(
    '%s: is seen in its tile, and on paper',
    (_, planted) => {
      const report = reportOf([...sound, ...(planted.facts ?? [])], planted.mornings);
      const tile = tileOf(report, planted.area);
      expect(['stop', 'ask', 'look'], `${tile?.figure}: ${tile?.says}`).toContain(tile?.weight);
      expect(`${tile?.figure}. ${tile?.says}`).toMatch(planted.says);
      expect(`${tile?.figure}. ${tile?.says}`).not.toMatch(
        /no fault|none due|none found|nothing open|none stands apart/,
      );
      if (planted.onPaper) expect(wordsOf(report)).toMatch(planted.onPaper);
    },
  );
});

describe('how it drove', () => {
  it('is told without saying that it was not driven', () => {
    const report = reportOf([
      begun,
      { kind: 'functions-tried', body: { functions: ['horn'], state: 'faulty' } },
      { kind: 'drove-told', body: { group: 'clutch', fine: false, says: 'slips in fourth' } },
    ]);
    expect(tileOf(report, 'works')).toMatchObject({ figure: '2 faults', weight: 'look' });
    expect(tileOf(report, 'works')?.says).toContain('slips in fourth');
    expect([tileOf(report, 'works')?.says, ...saidNothingOf(report)].join(' ')).not.toMatch(/not driven/i);
  });
});

const oneAnswer: ReadonlySet<string> = new Set<Fact['kind']>([
  'lamps-noted',
  'smell-noted',
  'tread-read',
  'tyre-described',
  'papers-noted',
]);

describe('whatever is worse', () => {
  const said = faults.filter(({ facts }) => facts);
  const lightest = (report: ReportDocument) =>
    new Map(verdictsOf(report).map(({ area, weight }) => [area, weights.indexOf(weight)]));

  it('never makes a tile lighter', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.nat(said.length - 1), { minLength: 1, maxLength: 4 }),
        fc.boolean(),
        (chosen, isSound) => {
          const from = isSound ? sound : [begun];
          let before = lightest(reportOf(from));
          const facts = [...from];
          const answered = new Set<string>();
          for (const at of chosen) {
            // One answer for all lamps, all smells, a tyre: said anew, it replaces what was said, and may be better news.
            const answers =
              said[at]?.facts?.map(({ kind }) => kind).filter((kind) => oneAnswer.has(kind)) ?? [];
            if (answers.some((kind) => answered.has(kind))) continue;
            for (const kind of answers) answered.add(kind);
            facts.push(...(said[at]?.facts ?? []));
            const after = lightest(reportOf(facts));
            for (const [area, weight] of before) {
              // What stands apart does so among others: of a car that was not looked at one reading tells nothing.
              const most = isSound && said[at]?.area === area ? weights.indexOf('look') : weight;
              expect(after.get(area) ?? 0, `${area} after ${said[at]?.name}`).toBeLessThanOrEqual(most);
            }
            before = after;
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});
