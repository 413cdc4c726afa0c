import { type CarDetails, traitsOf, type Vocabulary } from '../car';

/** What of a car decides which things can come with it. */
export type KitCar = Pick<CarDetails, 'bodyStyle' | 'fuel' | 'extras'>;

interface KitItemFacts {
  uk: string;
  us?: string;
  /** Only with these cars; with all when left out. */
  on?: (car: KitCar) => boolean;
  /** Several are usual: one tap says so many. */
  usually?: number;
}

const PLUGGED: ReadonlySet<CarDetails['fuel']> = new Set(['electric', 'plug-in hybrid']);
const isPlugged = ({ fuel }: KitCar) => PLUGGED.has(fuel);
const hasLoadCover = ({ bodyStyle }: KitCar) => traitsOf(bodyStyle).hasLoadCover === true;
const isCar = ({ bodyStyle }: KitCar) => !traitsOf(bodyStyle).isTruck;

/** Things that come with a car and are counted at handover, in the order they are met. */
export const kitItems = {
  mats: { uk: 'Floor mats', us: 'Floor mats', usually: 4 },
  manuals: { uk: 'Manuals', usually: 1 },
  'service-book': { uk: 'Service book', usually: 1 },
  'warning-triangle': { uk: 'Warning triangle' },
  'first-aid': { uk: 'First-aid kit' },
  'hi-vis': { uk: 'Hi-vis vests', us: 'Safety vests' },
  'load-cover': {
    uk: 'Load cover',
    us: 'Cargo cover',
    on: hasLoadCover,
  },
  'cover-straps': {
    uk: 'Load-cover straps',
    us: 'Cargo-cover straps',
    usually: 2,
    on: hasLoadCover,
  },
  'boot-mat': { uk: 'Boot mat or tray', us: 'Trunk mat or tray', on: isCar },
  'spare-wheel': { uk: 'Spare wheel' },
  'repair-kit': { uk: 'Tyre repair kit', us: 'Tire repair kit', on: isCar },
  jack: { uk: 'Jack' },
  tools: { uk: 'Wheel brace and tools', us: 'Lug wrench and tools' },
  'locking-nut-key': { uk: 'Locking-nut key', us: 'Wheel-lock key', on: isCar },
  'towing-eye': { uk: 'Towing eye', us: 'Tow hook' },
  'charge-lead-home': {
    uk: 'Charging lead, three-pin',
    us: 'Charging cable, household',
    on: isPlugged,
  },
  'charge-lead-post': {
    uk: 'Charging lead, public point',
    us: 'Charging cable, public station',
    on: isPlugged,
  },
  'tow-ball': {
    uk: 'Tow ball and its key',
    us: 'Hitch ball and its key',
    on: ({ extras }) => extras.includes('tow-bar'),
  },
  'second-wheels': {
    uk: 'Second wheels',
    usually: 4,
    on: ({ extras }) => extras.includes('second-wheels'),
  },
  'roof-bars': { uk: 'Roof bars', us: 'Roof crossbars', on: isCar },
  'load-straps': { uk: 'Load straps', us: 'Cargo straps' },
  'hard-top-stand': {
    uk: 'Hard-top stand',
    us: 'Hardtop stand',
    on: ({ extras }) => extras.includes('hard-top'),
  },
  chocks: { uk: 'Wheel chocks', usually: 2, on: (car) => !isCar(car) },
  'trailer-lines': {
    uk: 'Air and power lines to the trailer',
    us: 'Air and power lines to the trailer',
    on: (car) => !isCar(car),
  },
} as const satisfies Record<string, KitItemFacts>;

export type KitItemId = keyof typeof kitItems;
export const kitItemIds = Object.keys(kitItems) as [KitItemId, ...KitItemId[]];

/** Where one was added without a name. */
export const ADDED_ITEM = 'a thing that was added';

export const isKitItemId = (id: string): id is KitItemId => Object.hasOwn(kitItems, id);

export function kitItemName(id: KitItemId, vocabulary: Vocabulary): string {
  const facts: KitItemFacts = kitItems[id];
  return (vocabulary === 'us' ? facts.us : undefined) ?? facts.uk;
}

/** How many of a thing a car usually has: what one tap says. */
export const usualCount = (id: KitItemId): number => (kitItems[id] as KitItemFacts).usually ?? 1;

/** What is counted with a car of this build. */
export const kitItemsFor = (car: KitCar): KitItemId[] =>
  kitItemIds.filter((id) => (kitItems[id] as KitItemFacts).on?.(car) ?? true);

/** How a thing that is there was found. */
export const kitConditions = ['good', 'worn', 'damaged', 'incomplete'] as const;
export type KitCondition = (typeof kitConditions)[number];
