import fc from 'fast-check';
import { schoolIds, schools } from '#core/route';
import {
  type Entry,
  type EntryBody,
  type EntryKind,
  type Fact,
  laps,
  lights,
  noticeDistances,
} from '#core/walk';
import { begun, entriesOf, idOf } from './entries';

const part = fc.constantFrom('bonnet', 'door-fl', 'door-rr', 'tyre-fl', 'roof');
const findingNumber = fc.integer({ min: 1, max: 4 });
const finding = findingNumber.map((n) => idOf(0xf000 + n));
const photo = fc.constantFrom('a'.repeat(64), 'c'.repeat(64));
const recording = fc.constant('b'.repeat(64));
const depth = fc.float({ min: 0, max: 9, noNaN: true }).map((mm) => ({ lowMm: mm, highMm: mm }));
const share = fc.float({ min: 0, max: 1, noNaN: true });
const place = fc.record({ x: share, y: share });
const looks = fc.constantFrom<EntryBody<'part-cleared'>['absent']>(
  ['straight'],
  ['straight', 'no-rust'],
  undefined,
);
/** As early logs say it, and as it is said now: any mixture must replay. */
const remedies = fc.constantFrom<EntryBody<'finding-amended'>['changes']>(
  { action: 'polish' },
  { action: 'leave' },
  { action: null },
  { rust: 'bubbling' },
  { cures: [{ cure: 'touch-in', sure: 'should' }, { cure: 'polish' }] },
  { cures: null, decision: null },
  { decision: { is: 'promised', owner: 'Tomas Vey', by: '2026-03-20' } },
  { decision: { is: 'promised', by: '2026-03-25', why: 'the paint is not in' } },
  { decision: { is: 'buyer-chooses', price: { amount: 120, currency: 'GBP' } } },
  { severity: 'heavy', amount: 'several', firm: 'soft', hole: true },
  { severity: null, sub: 'handle' },
);
const film = fc.constantFrom(idOf(0xf10), idOf(0xf11));
const service = fc.constantFrom(idOf(0xb04), idOf(0xb05));

/** Bodies of every kind of entry, about a few parts, findings and pictures, so that they meet each other often. */
const bodies: { [K in EntryKind]: fc.Arbitrary<EntryBody<K>> } = {
  'walk-begun': fc.constant({ carId: idOf(0xcc), bodyStyle: 'hatch-5' as const }),
  'route-chosen': fc.constantFrom(...schoolIds).map((school) => ({ rule: schools[school] })),
  'lap-begun': fc.record({ lap: fc.constantFrom(...laps) }),
  'conditions-noted': fc
    .tuple(fc.constantFrom(...lights), fc.constantFrom('left' as const, 'rear' as const, undefined))
    .map(([light, side]) => ({
      light,
      wet: 'dry' as const,
      dirt: 'clean' as const,
      ...(side && { side }),
    })),
  'caution-read': fc.constantFrom({ caution: 'traffic' as const }, { caution: 'engine' as const }),
  'stop-reached': fc.record({ part }),
  'part-cleared': fc.tuple(part, looks).map(([on, absent]) => ({ part: on, ...(absent && { absent }) })),
  'sweep-made': fc.tuple(fc.uniqueArray(part, { minLength: 1, maxLength: 4 }), looks, fc.boolean()).map(
    ([parts, absent, isSide]): EntryBody<'sweep-made'> => ({
      over: isSide ? { of: 'side', face: 'left' } : { of: 'rest' },
      parts,
      ...(absent && { absent }),
    }),
  ),
  'statement-made': fc.constantFrom<EntryBody<'statement-made'>>(
    { statement: idOf(0xb11), over: { of: 'car' }, is: 'light-scratches' },
    { statement: idOf(0xb11), over: { of: 'side', face: 'left' }, is: 'lines-up', says: 'sighted along' },
    {
      statement: idOf(0xb12),
      over: { of: 'parts', parts: ['door-rr', 'roof'] },
      is: 'one-repair',
      says: 'haze over both',
    },
    { statement: idOf(0xb13), over: { of: 'car' }, is: 'other', says: 'stood under a roof' },
  ),
  'statement-taken-back': fc.constantFrom({ statement: idOf(0xb11) }, { statement: idOf(0xb12) }),
  'part-not-seen': fc.record({ part, why: fc.constant('wet') }),
  'finding-noted': fc.tuple(findingNumber, part, fc.boolean()).map(([n, on, suspected]) => ({
    finding: idOf(0xf000 + n),
    part: on,
    spot: { u: 0.5, v: 0.5 },
    kind: 'dent' as const,
    suspected,
    details: {},
  })),
  'finding-amended': fc
    .tuple(finding, fc.integer({ min: 1, max: 50 }), remedies)
    .map(([id, count, remedy]) => ({
      finding: id,
      changes: { count, suspected: count % 2 === 0, ...remedy },
    })),
  'notice-answered': fc.record({ finding, notice: fc.constantFrom(...noticeDistances) }),
  'finding-dismissed': fc.record({ finding, why: fc.constant('water') }),
  'put-right': fc.record({ finding, says: fc.constant('filled and painted') }),
  'photo-attached': fc.record({ photo, role: fc.constant('what' as const), finding }),
  'photo-brought': fc.record({ photo, name: fc.constant('1.jpg') }),
  'photo-set-aside': fc.record({ photo }),
  'photo-withdrawn': fc.record({ photo }),
  'camera-clock-set': fc.record({
    photo,
    takenAt: fc.constant('2026-03-14T09:30:00'),
    trulyAt: fc.constant('2026-03-14T10:30:00.000Z'),
  }),
  'spot-on-photo': fc.record({ photo, finding, at: fc.option(place.map(({ x, y }) => ({ x, y }))) }),
  'photo-marked': fc.record({ photo, marks: fc.constant([]) }),
  'photo-hidden': fc.record({ photo, boxes: fc.constant([]) }),
  'photo-captioned': fc.record({ photo, caption: fc.constantFrom('', 'The door against the light') }),
  'cover-chosen': fc.record({ photo }),
  'picture-measured': fc.tuple(photo, finding, fc.integer({ min: 10, max: 90 })).map(([of, id, value]) => ({
    photo: of,
    finding: id,
    measurement: {
      scale: { by: 'line' as const, from: [100, 900], to: [500, 900], lengthMm: 100 },
      mark: { of: 'length' as const, from: [600, 600], to: [800, 600] },
      zoom: 1,
    } as EntryBody<'picture-measured'>['measurement'],
    value,
    plusMinus: 1,
  })),
  'tread-read': fc
    .tuple(depth, fc.constantFrom('outer' as const, 'centre' as const, 'inner' as const, undefined))
    .map(([read, third]) => ({
      part: 'tyre-fl',
      depth: read,
      unit: 'mm' as const,
      ...(third && { third }),
    })),
  'tread-by-eye': fc
    .constantFrom('good' as const, 'worn' as const, null)
    .map((looks) => ({ part: 'tyre-fl', looks })),
  'tyre-described': fc
    .tuple(fc.constantFrom('Ortal', null), fc.integer({ min: 1, max: 53 }))
    .map(([brand, week]) => ({ part: 'tyre-fl', brand, made: { week, year: 2020 } })),
  'panel-metal-noted': fc.record({
    part,
    metal: fc.constantFrom('steel' as const, 'aluminium' as const, null),
  }),
  'tyre-law-chosen': fc.constantFrom({ law: 'uk-eu-car' as const }, { law: 'own' as const, ownMm: 2 }),
  'wheel-described': fc
    .constantFrom(17, null)
    .map((rimIn) => ({ part: 'wheel-fl', rimIn, lip: 'slight' as const })),
  'paint-read': fc
    .array(fc.integer({ min: 60, max: 400 }), { minLength: 1, maxLength: 4 })
    .map((um) => ({ part: 'roof', um, source: 'gauge' as const })),
  'screen-planned': fc.integer({ min: 1200, max: 1500 }).map((widthMm) => ({
    widthMm,
    heightMm: 800,
    bandMiddleMm: 360,
    bandWidthMm: 290,
    rule: 'uk' as const,
  })),
  'functions-tried': fc.constantFrom(
    { functions: ['horn' as const, 'lamps-out' as const], state: 'faulty' as const, says: 'dead' },
    { functions: ['horn' as const], state: 'works' as const },
  ),
  'function-added': fc.constantFrom(
    { function: 'reversing-camera' as const, group: 'aids' as const },
    { function: idOf(0xb06), name: 'Winch', group: 'body' as const },
  ),
  'timer-begun': fc.constant({ function: 'horn' as const }),
  'lamps-noted': fc.constantFrom({ on: ['airbag' as const, 'engine' as const] }, { on: [] }),
  'drive-noted': fc.constant({ driver: 'Nell Harrick', coverConfirmed: true as const }),
  'recording-attached': recording.map((sha256) => ({
    recording: sha256,
    of: 'sound' as const,
    function: 'horn' as const,
    seconds: 4,
  })),
  'recording-set-aside': fc.record({ recording }),
  'service-noted': service.map((id) => ({
    service: id,
    entry: { day: '2024-04-02', distance: 31_200, proof: 'stamp' as const, works: ['oil' as const] },
  })),
  'service-removed': fc.record({ service }),
  'papers-noted': fc.constantFrom({ keys: 2, keepers: 3 }, { keys: null, recalls: 'none open' }),
  'number-read': fc.constantFrom(
    { where: 'plate' as const, text: 'XZ9FT1A40HK000104' },
    { where: 'plate' as const, text: '' },
  ),
  'figure-noted': fc.constant({
    figure: idOf(0xb03),
    day: '2024-03-11',
    value: 40_000,
    source: 'certificate' as const,
  }),
  'figure-removed': fc.constant({ figure: idOf(0xb03) }),
  'remedy-noted': fc.constantFrom<EntryBody<'remedy-noted'>>(
    { about: { of: 'part', part: 'tyre-fl' }, cures: [{ cure: 'replace', sure: 'will' }] },
    { about: { of: 'part', part: 'tyre-fl' }, decision: { is: 'promised' } },
    { about: { of: 'part', part: 'tyre-fl' }, cures: null },
    { about: { of: 'function', function: 'horn' }, cures: [{ cure: 'find-out' }] },
    { about: { of: 'item', item: 'mats' }, decision: { is: 'left' } },
    { about: { of: 'papers' }, decision: { is: 'house-decides' } },
    { about: { of: 'smell' }, cures: [{ cure: 'clean', sure: 'may' }] },
    { about: { of: 'side', side: 'left' }, cures: [{ cure: 'polish' }], decision: { is: 'promised' } },
    { about: { of: 'car' }, cures: [{ cure: 'clean' }], decision: { is: 'promised' } },
  ),
  'mend-checked': fc.oneof(
    fc
      .tuple(finding, fc.constantFrom('gone' as const, 'better' as const, 'still-there' as const))
      .map(([id, found]) => ({ about: { of: 'finding' as const, finding: id }, found })),
    fc.constantFrom<EntryBody<'mend-checked'>>(
      { about: { of: 'part', part: 'tyre-fl' }, found: 'gone', says: 'new tyre' },
      { about: { of: 'smell' }, found: 'better' },
    ),
  ),
  'material-noted': fc.record({
    part,
    material: fc.constantFrom('aluminium' as const, 'carbon' as const, null),
  }),
  'film-noted': fc.constantFrom<EntryBody<'film-noted'>>(
    { part: 'bonnet', cover: 'full' },
    { part: 'bonnet', cover: 'short', where: 'at the corners' },
    { part: 'roof', cover: 'none' },
  ),
  'story-told': fc.constantFrom<EntryBody<'story-told'>>(
    { fact: idOf(0xb21), about: 'came-in', says: 'part exchange', source: 'said', by: 'the last keeper' },
    { fact: idOf(0xb22), about: 'work-done', says: 'new belt', source: 'proven', by: 'invoice of 3 May' },
  ),
  'told-first': fc.constantFrom<EntryBody<'told-first'>>(
    { about: { of: 'words', says: 'It was in a flood.' } },
    { about: { of: 'function', function: 'sunroof' } },
    { about: { of: 'story', fact: idOf(0xb21) } },
  ),
  'told-first-taken-back': fc.constant({ about: { of: 'words' as const, says: 'It was in a flood.' } }),
  'not-there-noted': fc.constantFrom<EntryBody<'not-there-noted'>>(
    { part: 'bonnet', kinds: ['dent'], over: 10 },
    { part: 'roof', kinds: ['scratch', 'scuff'] },
    { part: 'door-fl', over: 'big' },
  ),
  'to-follow-noted': fc.constantFrom<EntryBody<'to-follow-noted'>>(
    { follow: idOf(0xb41), what: 'film', says: 'the underside on the lift', by: '2026-03-20' },
    { follow: idOf(0xb42), what: 'paper', says: 'the second key’s invoice' },
  ),
  'to-follow-settled': fc.constantFrom<EntryBody<'to-follow-settled'>>(
    { follow: idOf(0xb41), is: 'came' },
    { follow: idOf(0xb42), is: 'withdrawn' },
  ),
  'story-taken-back': fc.constant({ fact: idOf(0xb21) }),
  'drove-told': fc.constantFrom<EntryBody<'drove-told'>>(
    { group: 'clutch', fine: true, says: 'bites low' },
    { group: 'brakes', fine: false },
    { group: 'clutch', fine: null },
  ),
  'equipment-noted': fc.constantFrom<EntryBody<'equipment-noted'>>(
    { item: 'tracker', standing: 'said' },
    { item: 'cruise', standing: 'fitted' },
    { item: idOf(0xb31), name: 'Ladder rack', standing: 'fitted' },
    { item: 'tracker', standing: null },
  ),
  'weak-spots-listed': fc.constantFrom<EntryBody<'weak-spots-listed'>>(
    {
      spots: [
        {
          spot: 'arch-lip',
          part: 'door-fl',
          title: 'Rust on the lip',
          look: 'bubbles under the paint',
          how: 'feel',
          fine: 'no rust on the lip',
          kinds: ['rust'],
        },
      ],
    },
    { spots: [] },
  ),
  'weak-spot-answered': fc.constantFrom<EntryBody<'weak-spot-answered'>>(
    { spot: 'arch-lip', part: 'door-fl', answer: 'not-there' },
    { spot: 'arch-lip', part: 'door-fl', answer: 'there', finding: idOf(0xf001) },
    { spot: 'arch-lip', part: 'door-fl', answer: 'could-not-tell', why: 'wet' },
    { spot: 'arch-lip', part: 'door-fl', answer: null },
  ),
  'smell-noted': fc.constantFrom(
    { noticed: [] },
    { noticed: [{ smell: 'fuel' as const, strength: 'strong' as const }] },
  ),
  'item-counted': fc.constantFrom(
    { item: 'mats' as const, count: 4, condition: 'worn' as const },
    { item: idOf(0xb01), name: 'Dog guard', count: 1 },
    { item: idOf(0xb01), count: 0 },
  ),
  'alteration-noted': fc.constant({
    alteration: idOf(0xb02),
    what: 'exhaust' as const,
    says: 'steel',
    standardPart: 'gone' as const,
  }),
  'alteration-removed': fc.constant({ alteration: idOf(0xb02) }),
  'question-answered': fc.constantFrom(
    { question: idOf(0xb07), says: 'It lies flat.' },
    { question: idOf(0xb07), says: 'Looked again.', photos: ['a'.repeat(64)] },
  ),
  'odometer-read': fc.integer({ min: 0, max: 300_000 }).map((value) => ({ value, unit: 'mi' as const })),
  'walk-film-brought': fc.record({ film, name: fc.constantFrom('walk.mp4', 'again.mp4') }),
  'walk-film-captioned': fc.record({
    film,
    talk: fc.constantFrom(idOf(0xf20), idOf(0xf21)),
    piece: fc.constantFrom(0, 1),
    pieces: fc.constantFrom(1, 2),
    captions: fc.constant([{ text: 'front door has a dent', startS: 2, endS: 4 }]),
  }),
  'walk-film-shifted': fc.record({ film, byS: fc.constantFrom(0, -3600) }),
  'walk-film-kept': fc.record({ film, recording }),
  'draft-taken': fc.record({
    film,
    draft: fc.constantFrom('finding 3 door-fl', 'clear 9 roof'),
    says: fc.constant('front door has a dent'),
    entries: fc.uniqueArray(
      fc.integer({ min: 1, max: 45 }).map((n) => idOf(n)),
      { minLength: 1, maxLength: 3 },
    ),
  }),
  'walk-film-clipped': fc.record({
    film,
    finding,
    clip: fc.constantFrom({ recording: 'b'.repeat(64), of: 'video' as const, seconds: 8 }, null),
  }),
  'draft-left-out': fc.record({ film, draft: fc.constantFrom('finding 3 door-fl', 'clear 9 roof') }),
  // Undoes anything, earlier or later, itself and other undos included.
  undone: fc.integer({ min: 1, max: 45 }).map((n) => ({ entry: idOf(n) })),
};

/** What walks hold most of, and what most depends on the order of. */
const frequent: ReadonlySet<EntryKind> = new Set([
  'stop-reached',
  'part-cleared',
  'part-not-seen',
  'finding-noted',
  'finding-amended',
  'finding-dismissed',
  'notice-answered',
  'photo-attached',
  'undone',
]);

export const arbitraryFacts = Object.fromEntries(
  Object.entries(bodies).map(([kind, body]) => [
    kind,
    (body as fc.Arbitrary<unknown>).map((told) => ({ kind, body: told }) as Fact),
  ]),
) as Record<EntryKind, fc.Arbitrary<Fact>>;

const fact = fc.oneof(
  ...Object.entries(arbitraryFacts).map(([kind, arbitrary]) => ({
    weight: frequent.has(kind as EntryKind) ? 4 : 1,
    arbitrary,
  })),
);

/** The log of one walk, in the order it was made. */
export const arbitraryLog: fc.Arbitrary<Entry[]> = fc
  .array(fact, { maxLength: 44 })
  .map((facts) => entriesOf([begun, ...facts]));
