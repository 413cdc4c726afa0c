import { type CarDetails, checkDigit } from '#core/car';

export interface DemoCar {
  id: string;
  details: CarDetails;
}

/** An invented number with the check digit that belongs to it at its ninth place. */
function identity(first: string, last: string): string {
  return `${first}${checkDigit(`${first}0${last}`)}${last}`;
}

const car = (n: number, details: Omit<CarDetails, 'identityAsRead'>): DemoCar => ({
  id: `0c8f2a52-7d10-4c7b-9b6e-3a51d90e0${100 + n}`,
  details: { ...details, identityAsRead: false },
});

export const hatch = car(1, {
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
});

export const saloon = car(2, {
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
});

/** Newest first, as the stock list shows them. */
export const cars: readonly DemoCar[] = [
  car(6, {
    stockNumber: 'BT-131',
    bodyStyle: 'coupe',
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
  }),
  car(5, {
    stockNumber: 'BT-128',
    bodyStyle: 'suv',
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
  }),
  car(4, {
    stockNumber: 'BT-122',
    bodyStyle: 'estate',
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
  }),
  saloon,
  hatch,
  car(3, {
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
  }),
];
