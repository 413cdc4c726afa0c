import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findingLines, type ReportDocument, reportBlocks } from '#core/report';
import { type EntryBody, type Fact, replay } from '#core/walk';
import { begun, entriesOf, idOf } from './builders/entries';
import { startTestServer, type TestServer } from './builders/testServer';

const F = idOf(0xf001);
type Details = EntryBody<'finding-noted'>['details'];
type Remedied = Omit<EntryBody<'remedy-noted'>, 'about'>;

const found = (
  kind: EntryBody<'finding-noted'>['kind'],
  part: string,
  details: Details,
  sub?: EntryBody<'finding-noted'>['sub'],
): Fact => ({
  kind: 'finding-noted',
  body: { finding: F, part, ...(sub && { sub }), spot: { u: 0.4, v: 0.5 }, kind, suspected: false, details },
});
const clear = (part: string, ...absent: NonNullable<EntryBody<'part-cleared'>['absent']>): Fact => ({
  kind: 'part-cleared',
  body: { part, ...(absent.length > 0 && { absent }) },
});
const state = (
  over: EntryBody<'statement-made'>['over'],
  is: EntryBody<'statement-made'>['is'],
  says?: string,
): Fact => ({
  kind: 'statement-made',
  body: { statement: idOf(0xd1), over, is, ...(says && { says }) },
});
const remedy = (about: EntryBody<'remedy-noted'>['about'], what: Remedied): Fact => ({
  kind: 'remedy-noted',
  body: { about, ...what },
});
const told = (
  about: EntryBody<'story-told'>['about'],
  says: string,
  source: EntryBody<'story-told'>['source'],
  by?: string,
): Fact => ({ kind: 'story-told', body: { fact: idOf(0xe1), about, says, source, ...(by && { by }) } });

/** What people say on a walk, what goes into the log, and what a reader is told. Sentences as the trade speaks them (common practice). */
const cases: readonly [sentence: string, facts: readonly Fact[], printed: string][] = [
  ['The wing is straight, no dents.', [clear('wing-fl', 'straight')], 'straight, no dents (wing)'],
  [
    'No water in that lamp, no haze, no crack.',
    [clear('headlamp-l', 'no-water', 'no-haze', 'lamp-whole')],
    'no water inside, no haze, no crack, fixings whole (nearside headlamp (left))',
  ],
  ['No kerbing on this one.', [clear('wheel-fl', 'no-kerbing')], 'no kerbing (front wheel)'],
  [
    'No bubbling on the arch where these go.',
    [clear('arch-rl', 'no-rust')],
    'no rust or bubbling where this type has it (rear wheel arch)',
  ],
  [
    'Seat firm, no cracks, no stains.',
    [clear('seat-fl', 'firm', 'no-stains')],
    'no stains, firm (nearside front seat cushion (left))',
  ],
  ['Door edge free of nicks.', [clear('door-fl', 'edge-clean')], 'door edge free of nicks (front door)'],
  [
    'Straight along its length, nothing on the doors.',
    [
      {
        kind: 'sweep-made',
        body: { over: { of: 'side', face: 'left' }, parts: ['door-fl', 'door-rl'], absent: ['straight'] },
      },
    ],
    'In the sweep: straight, no dents (front door, rear door).',
  ],
  [
    'All the rest of it is fine.',
    [{ kind: 'sweep-made', body: { over: { of: 'rest' }, parts: ['roof', 'bonnet'] } }],
    'Looked at in a sweep and clear: bonnet.',
  ],
  [
    'Light scratches all round, as you would expect.',
    [state({ of: 'car' }, 'light-scratches')],
    'Whole car: light scratches all round',
  ],
  [
    'Panels line up down this side.',
    [state({ of: 'side', face: 'left' }, 'lines-up')],
    'Nearside (left): panels line up',
  ],
  [
    'Looks all original paint to me.',
    [state({ of: 'car' }, 'original-paint')],
    'Whole car: looks all original paint, judged by eye',
  ],
  [
    'One repair over rear door and quarter, you see the haze.',
    [state({ of: 'parts', parts: ['door-rl', 'quarter-rl'] }, 'one-repair', 'haze over both')],
    'One repair over nearside rear door (left) and nearside rear quarter (left): haze over both',
  ],
  ['Straight for its age.', [state({ of: 'car' }, 'straight-for-age')], 'Whole car: straight for its age'],
  [
    'Scratch, only in the lacquer.',
    [found('scratch', 'door-fl', { severity: 'slight' })],
    'Scratch, in the lacquer',
  ],
  [
    'That one is down to the metal.',
    [found('scratch', 'door-fl', { severity: 'heavy', lengthMm: 90 })],
    'Scratch, to the metal or plastic, 90 mm long',
  ],
  [
    'Rust bubbling, still firm.',
    [found('rust', 'arch-rl', { severity: 'plain', firm: 'firm' })],
    'Firm when pressed',
  ],
  ['Bad rust on the arch.', [found('rust', 'arch-rl', { howBad: 'bad' })], 'Rust, bad'],
  [
    'Rotten right through, there is a hole.',
    [found('rust', 'tailgate', { severity: 'heavy', firm: 'soft', hole: true })],
    'Soft when pressed; there is a hole',
  ],
  [
    'Hairline crack in the screen.',
    [found('glass-crack', 'windscreen', { severity: 'slight' })],
    'Crack in the glass, hairline',
  ],
  ['A few chips on the bonnet.', [found('stone-chip', 'bonnet', { amount: 'a-few' })], 'Stone chip, a few'],
  [
    'Kerbed, most of the rim.',
    [found('kerbing', 'wheel-fl', { amount: 'most-of-it', severity: 'heavy' })],
    'Kerbing, most of it, gouged',
  ],
  [
    'That should polish out.',
    [found('scratch', 'door-fl', { cures: [{ cure: 'polish', sure: 'should' }] })],
    'Advice: should polish out',
  ],
  [
    'Touch in, then a polish; may not come out.',
    [
      found('stone-chip', 'bonnet', {
        cures: [
          { cure: 'touch-in', sure: 'will' },
          { cure: 'polish', sure: 'may' },
        ],
      }),
    ],
    'Advice: will touch in, then may polish out',
  ],
  [
    'We will have that done before it goes, by the third.',
    [
      found('dent', 'door-fl', {
        cures: [{ cure: 'dent-removal', sure: 'will' }],
        decision: { is: 'promised', by: '2026-04-03' },
      }),
    ],
    'Paintless dent removal: nearside front door (left), Dent; by 3 April 2026',
  ],
  [
    'Up to you; I would charge a hundred and twenty.',
    [
      found('scuff', 'bumper-rear', {
        decision: { is: 'buyer-chooses', price: { amount: 120, currency: 'GBP' } },
      }),
    ],
    'The buyer may choose to have it put right, for £120',
  ],
  ['We leave that as it is.', [found('dent', 'sill-l', { decision: { is: 'left' } })], 'Left as it is'],
  [
    'We will see about that.',
    [found('dent', 'sill-l', { decision: { is: 'house-decides' } })],
    'Whether it is put right is not decided',
  ],
  [
    'That tyre gets replaced.',
    [
      remedy(
        { of: 'part', part: 'tyre-fl' },
        { cures: [{ cure: 'replace', sure: 'will' }], decision: { is: 'promised' } },
      ),
    ],
    'Replace: nearside front tyre (left)',
  ],
  [
    'Air-con wants finding out.',
    [
      { kind: 'functions-tried', body: { functions: ['aircon-cold'], state: 'faulty', says: 'warm' } },
      remedy({ of: 'function', function: 'aircon-cold' }, { cures: [{ cure: 'find-out' }] }),
    ],
    'Air-con does not blow cold: advice: find out what it is',
  ],
  [
    'A new set of mats, if you like.',
    [remedy({ of: 'item', item: 'mats' }, { decision: { is: 'buyer-chooses' } })],
    'Floor mats: the buyer may choose to have it put right',
  ],
  [
    'We get a copy of the paper.',
    [remedy({ of: 'papers' }, { decision: { is: 'promised', by: '2026-03-20' } })],
    'To be put right: papers; by 20 March 2026',
  ],
  [
    'The smell may clean out.',
    [remedy({ of: 'smell' }, { cures: [{ cure: 'clean', sure: 'may' }] })],
    'Smell of the cabin: advice: may clean off',
  ],
  ['A low spot in the bumper.', [found('ripple', 'bumper-front', {})], 'Ripple or hollow'],
  [
    'Scratch on the rim, no kerbing.',
    [found('scratch', 'wheel-fl', { severity: 'slight' })],
    'Scratch, in the lacquer',
  ],
  [
    'The handle trim is hanging.',
    [found('loose', 'door-fl', { severity: 'plain' }, 'handle')],
    'Loose or missing, on the handle and lock trim, hanging',
  ],
  [
    'Bonnet is aluminium on these.',
    [{ kind: 'material-noted', body: { part: 'bonnet', material: 'aluminium' } }],
    'Of aluminium: bonnet',
  ],
  [
    'Film on the bonnet, cut short at the corners.',
    [{ kind: 'film-noted', body: { part: 'bonnet', cover: 'short', where: 'at the corners' } }],
    'Bonnet: film cut short, at the corners',
  ],
  [
    'Tyres look good, did not measure them.',
    [{ kind: 'tread-by-eye', body: { part: 'tyre-fl', looks: 'good' } }],
    'not measured; looks good, by eye',
  ],
  [
    'It came in against a newer one.',
    [told('came-in', 'part exchange', 'said', 'the last keeper')],
    'How it came in: part exchange (said by the last keeper)',
  ],
  [
    'New belt last month, I have the invoice.',
    [told('work-done', 'new timing belt', 'proven', 'invoice of 11 Feb 2026')],
    'Work done before the walk: new timing belt (proven by invoice of 11 Feb 2026)',
  ],
  [
    'Clutch bites low, but fine.',
    [{ kind: 'drove-told', body: { group: 'clutch', fine: true, says: 'bites low' } }],
    'Clutch: in order; bites low',
  ],
  [
    'He says it has a tracker.',
    [{ kind: 'equipment-noted', body: { item: 'tracker', standing: 'said' } }],
    'Said to be fitted, not seen here: Tracker.',
  ],
  [
    'Cruise, and it works.',
    [
      { kind: 'equipment-noted', body: { item: 'cruise', standing: 'fitted' } },
      { kind: 'functions-tried', body: { functions: ['cruise'], state: 'works' } },
    ],
    'Fitted: Cruise control.',
  ],
  [
    'Two keys, one is dead.',
    [{ kind: 'papers-noted', body: { keys: 2, keyStates: ['works', 'faulty'] } }],
    'Key 1 opens and starts; key 2 does not work.',
  ],
  [
    'Registration is a copy, the bank has the other.',
    [
      {
        kind: 'papers-noted',
        body: { registration: 'copy', registrationSays: 'the bank holds the original' },
      },
    ],
    'Registration paper: a copy alone, the bank holds the original.',
  ],
];

/** All that paper says, line by line. */
function wordsOf(report: ReportDocument): string[] {
  return reportBlocks(report, 'f'.repeat(64)).flatMap((block) => {
    if (block.is === 'finding') {
      const { name, lines } = findingLines(block.finding);
      return [name, ...lines];
    }
    return 'text' in block ? [block.text] : 'rows' in block ? block.rows.flat().map(String) : [];
  });
}

let here: TestServer;
let there: TestServer;
beforeAll(async () => {
  here = await startTestServer();
  there = await startTestServer(false);
});
afterAll(async () => {
  await here.close();
  await there.close();
});

describe('what people say on a walk', () => {
  it('is forty cases and more', () => expect(cases.length).toBeGreaterThanOrEqual(40));

  it.each(cases.map((each, i) => [...each, i] as const))(
    '“%s” is stored, replayed, exported, imported and printed',
    async (_sentence, facts, printed, i) => {
      const walk = idOf(0x900000 + i);
      // A suspicion keeps a part out of every sweep.
      const doubt: Fact = {
        kind: 'finding-noted',
        body: {
          finding: idOf(0xf009),
          part: 'roof',
          spot: { u: 0.5, v: 0.5 },
          kind: 'dent',
          suspected: true,
          details: {},
        },
      };
      const entries = entriesOf([begun, doubt, ...facts], walk, 0x100000 + i * 100);
      await request(here.app).post(`/api/walks/${walk}/entries`).send({ entries }).expect(200);
      const report = idOf(0xa00000 + i);
      const frozen = await request(here.app)
        .post(`/api/walks/${walk}/reports`)
        .send({ id: report })
        .expect(201);
      expect(frozen.status).toBe(201);
      const file = (await request(here.app).get(`/api/walks/${walk}/export`).expect(200)).body;
      await request(there.app).post('/api/imports').send(file).expect(201);
      const back = (await request(there.app).get(`/api/walks/${walk}/export`).expect(200)).body;
      expect(back.entries).toEqual(entries);
      expect(replay(walk, back.entries)).toEqual(replay(walk, entries.toReversed()));
      const shown = (await request(there.app).get(`/api/reports/${report}`).expect(200)).body.report;
      expect(wordsOf(shown).join('\n')).toContain(printed);
    },
  );
});
