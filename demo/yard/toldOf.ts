import type { Fact } from '#core/walk';

const id = (n: number) => `7d1f2a52-7d10-4c7b-9b6e-3a51d90e0${500 + n}`;

const story = (
  n: number,
  about: Extract<Fact, { kind: 'story-told' }>['body']['about'],
  says: string,
  source: 'said' | 'seen' | 'proven',
  by?: string,
): Fact => ({ kind: 'story-told', body: { fact: id(n), about, says, source, ...(by && { by }) } });

const drove = (
  group: Extract<Fact, { kind: 'drove-told' }>['body']['group'],
  fine: boolean,
  says?: string,
): Fact => ({ kind: 'drove-told', body: { group, fine, ...(says && { says }) } });

const fitted = (
  item: Extract<Fact, { kind: 'equipment-noted' }>['body']['item'],
  standing: 'fitted' | 'said' = 'fitted',
): Fact => ({ kind: 'equipment-noted', body: { item, standing } });

const statement = (
  n: number,
  over: Extract<Fact, { kind: 'statement-made' }>['body']['over'],
  is: Extract<Fact, { kind: 'statement-made' }>['body']['is'],
  says?: string,
): Fact => ({ kind: 'statement-made', body: { statement: id(n), over, is, ...(says && { says }) } });

/** What is told of the flagship beside its findings. */
export const hatchTold: readonly Fact[] = [
  statement(0, { of: 'car' }, 'straight-for-age'),
  statement(1, { of: 'side', face: 'right' }, 'lines-up'),
  story(2, 'came-in', 'part exchange against a newer one of the same make', 'said', 'the last keeper'),
  story(3, 'used-for', 'to work and back, eleven miles each way', 'said', 'the last keeper'),
  story(4, 'work-done', 'timing belt and water pump at 41,960 miles', 'proven', 'an invoice'),
  drove('engine', true, 'pulls evenly, ticks for a minute from cold'),
  drove('clutch', true, 'bites in the middle'),
  drove('brakes', true),
  drove('suspension', true, 'a knock over one sharp edge, not again'),
  fitted('alloy-wheels'),
  fitted('metallic-paint'),
  fitted('cruise'),
  fitted('tracker', 'said'),
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'function', function: 'aircon-cold' },
      cures: [{ cure: 'find-out' }, { cure: 'mechanical', sure: 'should' }],
      decision: { is: 'house-decides' },
    },
  },
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'function', function: 'rear-wiper' },
      cures: [{ cure: 'adjust', sure: 'should' }],
      decision: { is: 'promised' },
    },
  },
  {
    kind: 'remedy-noted',
    body: { about: { of: 'smell' }, cures: [{ cure: 'clean', sure: 'should' }] },
  },
];

/** The estate: one repair over a corner, and a bonnet that the gauge tells from the rest. */
export const estateTold: readonly Fact[] = [
  { kind: 'material-noted', body: { part: 'bonnet', material: 'aluminium' } },
  statement(
    10,
    { of: 'parts', parts: ['door-rr', 'quarter-rr'] },
    'one-repair',
    'haze over both, and a tape line in the shut between them',
  ),
  story(11, 'came-in', 'bought at a fleet sale', 'proven', 'the sale sheet'),
  story(
    12,
    'used-for',
    'a sales representative, motorway for the most part',
    'said',
    'the seller at the sale',
  ),
  drove('gearbox', true),
  drove('steering', true, 'straight with the hands off'),
  fitted('full-size-spare'),
  fitted('cruise', 'said'),
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'papers' },
      cures: [{ cure: 'find-out' }],
      decision: { is: 'house-decides' },
    },
  },
];

/** The pick-up: one tyre by eye, what is promised of its tyres, what the buyer may choose. */
export const pickupTold: readonly Fact[] = [
  { kind: 'tread-by-eye', body: { part: 'tyre-fr', looks: 'good' } },
  statement(20, { of: 'car' }, 'light-scratches'),
  story(21, 'used-for', 'on a farm, towing', 'said', 'the last keeper'),
  story(22, 'at-home', 'we would wash it underneath first, then look again', 'said', 'the yard'),
  fitted('low-range', 'said'),
  fitted('dog-guard'),
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'part', part: 'tyre-rl' },
      cures: [{ cure: 'replace', sure: 'will' }],
      decision: { is: 'promised' },
    },
  },
  {
    kind: 'remedy-noted',
    body: {
      about: { of: 'part', part: 'tyre-rr' },
      cures: [{ cure: 'replace', sure: 'will' }],
      decision: { is: 'buyer-chooses', price: { amount: 180, currency: 'AUD' } },
    },
  },
];
