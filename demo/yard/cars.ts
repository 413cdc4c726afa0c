import { type CarDetails, checkDigit } from '#core/car';
import type { CarLook } from '../picture-maker/stage/body/car';
import type { StyleId } from '../picture-maker/stage/body/shape';

export interface DemoCar {
  id: string;
  details: CarDetails & { bodyStyle: StyleId };
  /** How the picture maker paints it. */
  look: CarLook;
}

/** An invented number with the check digit that belongs to it at its ninth place. */
function identity(first: string, last: string): string {
  return `${first}${checkDigit(`${first}0${last}`)}${last}`;
}

type Look = Omit<CarLook, 'style' | 'plate'>;

/** What a seller may leave out. */
type Filled =
  | 'identityAsRead'
  | 'extras'
  | 'engine'
  | 'gearbox'
  | 'driven'
  | 'trim'
  | 'specialPaint'
  | 'tint'
  | 'standsAt'
  | 'arrivedOn';

export const car = (
  n: number,
  look: Look,
  details: Omit<DemoCar['details'], Filled> & Partial<Pick<DemoCar['details'], Filled>>,
): DemoCar => ({
  id: `0c8f2a52-7d10-4c7b-9b6e-3a51d90e0${100 + n}`,
  details: {
    extras: [],
    engine: '',
    gearbox: '',
    driven: 'not-said',
    trim: '',
    specialPaint: '',
    tint: look.paint.colour,
    // Bays of the invented yard, four to a row.
    standsAt: `Row ${'ABCD'[Math.floor((n - 1) / 4) % 4]}, bay ${1 + ((n - 1) % 4)}`,
    arrivedOn: '',
    identityAsRead: false,
    ...details,
  },
  look: { ...look, style: details.bodyStyle, plate: details.plate ?? details.stockNumber },
});

const metallic = (colour: string) => ({ colour, flake: 0.11, metal: 0.45, rough: 0.42 });
const plain = (colour: string) => ({ colour, flake: 0, metal: 0.04, rough: 0.5 });
const forked = { spokes: 5, forked: true, finish: 'silver' } as const;

/** An honest seven-year-old, sold to a buyer overseas who will never see it before it lands. */
export const hatch = car(
  1,
  { paint: metallic('#235064'), rims: forked, dirt: 0.3 },
  {
    stockNumber: 'BT-104',
    bodyStyle: 'hatch-5',
    make: 'Fenlark',
    model: 'Tessel',
    variant: '1.4 Reed',
    year: 2017,
    colour: 'Estuary blue metallic',
    paintTone: 'mid',
    fuel: 'petrol',
    plate: 'QZ-104-K',
    country: 'GB',
    steering: 'right',
    identityNumber: identity('XZ9FT1A4', 'HK000104'),
  },
);

/** Black, and the rain came: half a walk, to be gone on with when it is dry. */
export const saloon = car(
  2,
  { paint: metallic('#0b0c0e'), rims: { spokes: 10, forked: false, finish: 'silver' }, dirt: 0.15 },
  {
    stockNumber: 'BT-117',
    bodyStyle: 'saloon',
    make: 'Quillon',
    model: 'Sarrow',
    variant: '2.5',
    year: 2014,
    colour: 'Lamp black',
    paintTone: 'black',
    fuel: 'petrol',
    plate: 'ZQX 4417',
    country: 'US',
    steering: 'left',
    identityNumber: identity('5ZKSB2C1', 'EW004417'),
  },
);

/** Its right rear was painted once: nobody said so, the eye does. */
export const estate = car(
  4,
  { paint: metallic('#8d9294'), rims: { spokes: 7, forked: false, finish: 'silver' }, dirt: 0.3 },
  {
    stockNumber: 'BT-122',
    bodyStyle: 'estate',
    extras: ['tow-bar', 'third-row'],
    make: 'Tarnwick',
    model: 'Ordel',
    variant: 'Estate 150',
    year: 2016,
    colour: 'Shale silver',
    paintTone: 'silver',
    fuel: 'diesel',
    plate: 'QO TE 122',
    country: 'DE',
    steering: 'left',
    identityNumber: identity('WZ9TR5E1', 'GM000122'),
  },
);

/** Steered on the left in a country that drives on the left: an import brought by its keeper. */
export const suv = car(
  5,
  { paint: plain('#dcdcd6'), rims: { spokes: 5, forked: false, finish: 'dark' }, dirt: 0.5 },
  {
    stockNumber: 'BT-128',
    bodyStyle: 'suv',
    extras: ['side-steps', 'second-wheels'],
    make: 'Ostrel',
    model: 'Kivo',
    variant: '2.0 AWD',
    year: 2019,
    colour: 'Chalk white',
    paintTone: 'white',
    fuel: 'diesel',
    plate: 'QK-128-V',
    country: 'GB',
    steering: 'left',
    identityNumber: identity('XZ9KV2D4', 'KP000128'),
  },
);

/** A weekend car with a hard top of its own; the buyer asks above all for the roof. */
export const convertible = car(
  6,
  { paint: plain('#8f1216'), rims: { spokes: 6, forked: false, finish: 'silver' }, dirt: 0.1 },
  {
    stockNumber: 'BT-131',
    bodyStyle: 'convertible',
    extras: ['hard-top', 'film', 'leather-trim'],
    make: 'Morvane',
    model: 'Lyss',
    variant: '3.0 S',
    year: 2009,
    colour: 'Signal red',
    paintTone: 'mid',
    fuel: 'petrol',
    plate: 'QLY 309',
    country: 'NZ',
    steering: 'right',
    identityNumber: identity('7ZMLS3N0', '9R000309'),
  },
);

export const hatch3 = car(
  3,
  { paint: metallic('#24382a'), rims: { spokes: 9, forked: false, finish: 'steel' }, dirt: 0.45 },
  {
    stockNumber: 'BT-098',
    bodyStyle: 'hatch-3',
    make: 'Pellbrook',
    model: 'Nim',
    variant: '1.0',
    year: 2012,
    colour: 'Moss green',
    paintTone: 'dark',
    fuel: 'petrol',
    plate: '12-QN-98',
    country: 'IE',
    steering: 'right',
    identityNumber: identity('XZ9PN1A0', 'CD000098'),
  },
);

/** A working truck off a farm: what matters is rust, tyres and what the bed has carried. */
export const pickup = car(
  7,
  { paint: plain('#857450'), rims: { spokes: 6, forked: false, finish: 'steel' }, dirt: 0.85 },
  {
    stockNumber: 'BT-136',
    bodyStyle: 'pickup',
    extras: ['tow-bar', 'bed-liner', 'guard-bar', 'mud-flaps'],
    make: 'Brackwater',
    model: 'Dray',
    variant: '2.8 Double cab',
    year: 2015,
    colour: 'Dune',
    paintTone: 'light',
    fuel: 'diesel',
    plate: 'QB-136-S',
    country: 'AU',
    steering: 'right',
    identityNumber: identity('6ZBST4P5', 'FA000136'),
  },
);

export const van = car(
  8,
  { paint: plain('#b9bdbf'), rims: { spokes: 8, forked: false, finish: 'steel' }, dirt: 0.6 },
  {
    stockNumber: 'BT-140',
    bodyStyle: 'van',
    make: 'Ostrel',
    model: 'Marl',
    variant: '1.6 Crew',
    year: 2018,
    colour: 'Ash grey',
    paintTone: 'silver',
    fuel: 'diesel',
    plate: 'QP-140-X',
    country: 'FR',
    steering: 'left',
    identityNumber: identity('VZ9PV1D8', 'JB000140'),
  },
);

/** Newest first, as the stock list shows them. */
export const cars: readonly DemoCar[] = [van, pickup, convertible, suv, estate, saloon, hatch, hatch3];
