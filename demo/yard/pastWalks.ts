import { v7 as newEntryId, v4 as newId } from 'uuid';
import { type BodyStyleId, middleOf, type PartId, styleOf } from '#core/car';
import type { Person } from '#core/exchange';
import { planRoute, usualRoute } from '#core/route';
import type { Entry, Fact, FindingKind, StoredDetails } from '#core/walk';
import { range, seeded } from '../picture-maker/random';
import { car, type DemoCar } from './cars';
import { nell, ottilie, tomas } from './people';

/** Cars of earlier months, walked in words alone and gone since: what is usual here rests on them. */
export interface PastWalk {
  car: DemoCar;
  walk: string;
  who: Person;
  daysAgo: number;
  entries: Entry[];
}

const COUNT = 60;
const SEED = 6060;

/** Makes and models of the yard, by body. */
const models: readonly (readonly [make: string, model: string, body: BodyStyleId])[] = [
  ['Fenlark', 'Tessel', 'hatch-5'],
  ['Pellbrook', 'Nim', 'hatch-3'],
  ['Quillon', 'Sarrow', 'saloon'],
  ['Tarnwick', 'Ordel', 'estate'],
  ['Ostrel', 'Kivo', 'suv'],
  ['Corrie', 'Strand', 'suv'],
];
const paints = [
  ['Estuary blue', '#235064', 'mid'],
  ['Shale silver', '#8d9294', 'silver'],
  ['Chalk white', '#dcdcd6', 'white'],
  ['Lamp black', '#141517', 'black'],
  ['Damson', '#7c1f2a', 'dark'],
] as const;

/** A count by chance around a mean (Knuth). */
function some(mean: number, random: () => number): number {
  const least = Math.exp(-mean);
  let product = random();
  let count = 0;
  while (product > least) {
    product *= random();
    count += 1;
  }
  return count;
}

/** Sixty walks, the same each time but for their ids and days; the last six are second walks of cars by somebody else. */
export function pastWalks(now: Date): PastWalk[] {
  const random = seeded(SEED);
  const made = Array.from({ length: COUNT - 6 }, (_, i) => firstWalk(i, now, random));
  const again = made
    .slice(-6)
    .map(({ car: same, daysAgo, who }) =>
      walkOf(same, who === tomas ? nell : tomas, daysAgo - 1, now, random),
    );
  return [...made, ...again];
}

function firstWalk(i: number, now: Date, random: () => number): PastWalk {
  const [make, model, bodyStyle] = models[i % models.length] as (typeof models)[number];
  const [colour, tint, paintTone] = paints[Math.floor(random() * paints.length)] as (typeof paints)[number];
  const year = now.getFullYear() - Math.floor(range(random, 2, 14));
  const past = car(
    20 + i,
    {
      paint: { colour: tint, flake: 0.1, metal: 0.4, rough: 0.45 },
      rims: { spokes: 5, forked: false, finish: 'silver' },
      dirt: 0.2,
    },
    {
      stockNumber: `BS-${String(201 + i)}`,
      bodyStyle: bodyStyle as DemoCar['details']['bodyStyle'],
      make,
      model,
      variant: '',
      year,
      colour,
      paintTone,
      fuel: i % 3 === 0 ? 'diesel' : 'petrol',
      plate: '',
      country: 'GB',
      steering: 'right',
      identityNumber: '',
      // Gone: it stands nowhere in the yard.
      standsAt: '',
      arrivedOn: '',
    },
  );
  const who = [nell, tomas, ottilie][i % 3] as Person;
  return walkOf(past, who, 420 - i * 6, now, random);
}

function walkOf(past: DemoCar, who: Person, daysAgo: number, now: Date, random: () => number): PastWalk {
  const walk = newId();
  const entries: Entry[] = [];
  let at = now.getTime() - daysAgo * 86_400_000;
  const say = (fact: Fact) => {
    at += 5000;
    entries.push({
      ...fact,
      id: newEntryId({ msecs: at }),
      walk,
      who: who.id,
      at: new Date(at).toISOString(),
    } as Entry);
  };
  const { details } = past;
  const style = styleOf(details);
  const age = new Date(at).getFullYear() - details.year;
  const isWet = random() < 0.2;
  say({ kind: 'walk-begun', body: { carId: past.id, bodyStyle: details.bodyStyle, extras: [] } });
  say({ kind: 'conditions-noted', body: { light: 'overcast', wet: isWet ? 'wet' : 'dry', dirt: 'clean' } });
  const miles = Math.round(age * range(random, 6500, 11_500));
  say({ kind: 'odometer-read', body: { value: miles, unit: 'mi' } });
  const route = planRoute(style, usualRoute).map(({ part }) => part);
  const on = (...kinds: string[]): PartId[] =>
    route.filter((part) => kinds.includes(style.parts.get(part)?.kind ?? ''));
  const found = (part: PartId, kind: FindingKind, more: StoredDetails = {}) => {
    const spot = style.parts.get(part);
    if (!spot) return;
    say({
      kind: 'finding-noted',
      body: { finding: newId(), part, spot: middleOf(spot), kind, suspected: false, details: more },
    });
  };
  // Tomas logs every pinprick; in the wet everybody sees less.
  const keen = (who === tomas ? 1.7 : 1) * (isWet ? 0.75 : 1);
  const pick = (from: readonly PartId[]): PartId | undefined => from[Math.floor(random() * from.length)];
  const far = miles / 60_000;
  const scatter = () => range(random, 0.55, 1.5);
  const chips = some(7 * keen * (0.3 + 0.7 * far) * scatter(), random);
  const front = on('bumper-front', 'bonnet');
  if (chips > 0 && front[0]) found(pick(front) ?? front[0], 'stone-chip', { count: chips });
  const places: readonly [FindingKind, readonly PartId[], number][] = [
    ['dent', on('door', 'wing', 'quarter'), 1.4 * keen * Math.min(age / 6, 2)],
    ['edge-nick', on('door'), 1.1 * keen],
    ['wear', on('seat', 'bolster', 'steeringwheel'), 1.6 * (0.3 + 0.7 * far)],
    ['haze', on('headlamp'), 0.35 * Math.min(age / 7, 2)],
    ['glass-chip', on('windscreen'), 0.7 * far],
    ['rust', on('sill', 'quarter'), 0.25 * Math.max(0, age / 7 - 0.5)],
  ];
  for (const [kind, parts, mean] of places)
    for (let n = some(mean * scatter(), random); n > 0; n -= 1) {
      const part = pick(parts);
      if (part) found(part, kind, random() < 0.1 ? { howBad: 'bad' } : {});
    }
  for (const wheel of on('wheel')) if (random() < 0.32) found(wheel, 'kerbing');
  // What this maker is known for here, and nobody has put on the list yet.
  if (details.model === 'Nim' && age >= 3 && random() < 0.9) found('arch-rl', 'rust');
  const withFindings = new Set(
    entries.flatMap((entry) => (entry.kind === 'finding-noted' ? [entry.body.part] : [])),
  );
  for (const part of route)
    if (!withFindings.has(part) && part !== 'odometer') say({ kind: 'part-cleared', body: { part } });
  return { car: past, walk, who, daysAgo, entries };
}
