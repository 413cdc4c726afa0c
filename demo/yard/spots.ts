import { type Car, styleOf } from '#core/car';
import type { EntryBody, Fact } from '#core/walk';
import { askedOf, houseSpots, type WeakSpot } from '#core/weakSpots';
import type { DemoCar } from './cars';
import type { Script } from './script';

/** What this yard knows of the makes it sees, beside what holds for any. */
export const ownSpots: readonly WeakSpot[] = [
  {
    id: 'tessel-screen-seal',
    title: 'Water behind the headlining at the screen',
    look: 'Press the cloth at both top corners of the screen: damp or a brown edge',
    how: 'feel',
    fine: 'dry behind the headlining at the screen',
    kinds: ['stain'],
    on: ['headlining'],
    cars: { make: 'Fenlark', model: 'Tessel*', yearFrom: 2015, yearTo: 2019 },
    setBy: 'yard',
  },
  {
    id: 'lyss-roof-hinges',
    title: 'Roof hinges worn',
    look: 'Open and close it halfway: play in the joints, a rear edge that hangs',
    how: 'open',
    caution: 'Hands clear of the roof’s joints.',
    fine: 'roof hinges without play',
    kinds: ['loose', 'worn'],
    on: ['softtop'],
    cars: { make: 'Morvane', model: 'Lyss*' },
    setBy: 'yard',
  },
  {
    id: 'ordel-tail-sinks',
    title: 'Tail sinks over night',
    look: 'Measure from arch to hub in the evening and again in the morning',
    how: 'wait',
    fine: 'tail did not sink over night',
    kinds: [],
    on: ['rearunder'],
    cars: { make: 'Tarnwick', model: 'Ordel*', ageFrom: 5 },
    setBy: 'yard',
  },
  {
    id: 'dray-bed-seam',
    title: 'Rust in the seam behind the cab',
    look: 'Brown water under the liner’s front edge; lift it and look along the seam',
    how: 'torch',
    fine: 'no rust in the seam behind the cab',
    kinds: ['rust', 'bloom'],
    on: ['bedfront'],
    cars: { make: 'Brackwater', model: 'Dray*' },
    setBy: 'yard',
  },
];

export const demoSpots: readonly WeakSpot[] = [...ownSpots, ...houseSpots];

type Asked = EntryBody<'weak-spots-listed'>['spots'];

/** What a car of the yard is asked for. */
export const askedOfDemo = ({ details }: Pick<DemoCar, 'details'>, thisYear: number): Asked =>
  askedOf(demoSpots, details as Car, styleOf(details), thisYear);

/** Answers of a walk to the end: not there, unless something of its kinds was found on the part or the part could not be seen; underneath nobody can tell everything. */
export const spotFacts = (asked: Asked, script: Pick<Script, 'findings' | 'notSeen'>): Fact[] =>
  asked.flatMap(({ spot, part, kinds, how }): Fact[] => {
    const isThere = script.findings[part]?.some(({ kind, dismissed }) => !dismissed && kinds.includes(kind));
    if (isThere) return [];
    const why = script.notSeen[part] ?? (how === 'wait' ? 'it did not stand over night yet' : undefined);
    return [
      {
        kind: 'weak-spot-answered',
        body: { spot, part, ...(why ? { answer: 'could-not-tell', why } : { answer: 'not-there' }) },
      },
    ];
  });
