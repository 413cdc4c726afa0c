import { type FunctionFacts, hasRearDoors, hasRearSeats, isTruck, since } from '../functionFacts';

/** Windows and mirrors. */
export const windows = {
  'front-windows': { first: true, wrong: 'Front windows', uk: 'Front windows, both ways', usual: true },
  'rear-windows': { wrong: 'Rear windows', uk: 'Rear windows, both ways', usual: true, on: hasRearDoors },
  'one-touch': { uk: 'One-touch windows' },
  'window-lock': { uk: 'Window lock', on: hasRearDoors },
  'mirror-adjust': { wrong: 'Mirrors do not adjust as they should', uk: 'Mirrors adjust', usual: true },
  'mirror-fold': { wrong: 'Mirrors do not fold as they should', uk: 'Mirrors fold', on: since(1998) },
  'mirror-heat': { uk: 'Heated mirrors', usual: true, takes: 180 },
  'mirror-dim': { wrong: 'Mirror does not dim by itself', uk: 'Mirror dims by itself' },
  'rear-blinds': { uk: 'Window blinds', us: 'Window shades', on: hasRearDoors },
} as const satisfies Record<string, FunctionFacts>;

/** Heat and cold. */
export const climate = {
  'aircon-cold': {
    first: true,
    wrong: 'Air-con does not blow cold',
    wrongUs: 'A/C does not blow cold',
    uk: 'Air-con blows cold',
    us: 'A/C blows cold',
    usual: true,
    takes: 180,
  },
  'heater-hot': { wrong: 'Heater does not blow hot', uk: 'Heater blows hot', usual: true, takes: 300 },
  'blower-speeds': { wrong: 'Blower', uk: 'Blower, all speeds', usual: true },
  'air-direction': { wrong: 'Air does not go where it should', uk: 'Air to screen, face, feet', usual: true },
  'two-zone': { uk: 'Separate zones', on: since(2000) },
  recirculation: { uk: 'Recirculation', usual: true },
  'front-seat-heat': { uk: 'Heated front seats', takes: 180 },
  'rear-seat-heat': { uk: 'Heated rear seats', on: hasRearSeats, takes: 180 },
  'seat-cool': { uk: 'Cooled seats', takes: 180 },
  'wheel-heat': { uk: 'Heated steering wheel', takes: 180 },
  'parking-heater': { uk: 'Parking heater', takes: 300 },
  fridge: { uk: 'Fridge', on: isTruck, takes: 600 },
} as const satisfies Record<string, FunctionFacts>;

/** Seats and belts. */
export const seats = {
  'driver-seat': { wrong: 'Driver’s seat adjustment', uk: 'Driver’s seat, every way', usual: true },
  'passenger-seat': { wrong: 'Passenger seat adjustment', uk: 'Passenger seat, every way', usual: true },
  'seat-memory': { uk: 'Seat memory' },
  'seat-massage': { uk: 'Seat massage' },
  'rear-fold': {
    wrong: 'Rear seats do not fold and lock as they should',
    uk: 'Rear seats fold and lock',
    usual: true,
    on: hasRearSeats,
  },
  'third-row-fold': {
    wrong: 'Third row does not fold and lock as it should',
    uk: 'Third row folds and locks',
    usual: true,
    on: (car) => car.extras.includes('third-row'),
  },
  'belts-retract': {
    wrong: 'Belts do not run back and lock as they should',
    uk: 'Belts run back and lock',
    usual: true,
    caution: 'A belt that does not lock: do not drive until a qualified person has checked it.',
  },
  buckles: {
    wrong: 'Buckles do not click and let go as they should',
    uk: 'Buckles click and let go',
    usual: true,
  },
  'steering-adjust': {
    wrong: 'Steering column does not adjust as it should',
    uk: 'Steering column adjusts',
    usual: true,
  },
  'bunk-fold': {
    wrong: 'Bunk does not fold and lock as it should',
    uk: 'Bunk folds and locks',
    usual: true,
    on: isTruck,
  },
} as const satisfies Record<string, FunctionFacts>;

/** What one hears, sees and talks to. */
export const media = {
  audio: { wrong: 'Radio or speakers', uk: 'Radio and speakers, all', usual: true },
  phone: {
    wrong: 'Phone does not pair and speak as it should',
    uk: 'Phone pairs and speaks',
    usual: true,
    on: since(2008),
  },
  navigation: { uk: 'Navigation', on: since(2000) },
  'phone-mirror': {
    wrong: 'Phone does not show on the car’s screen',
    uk: 'Phone on the car’s screen',
    on: since(2015),
  },
  'screen-touch': {
    wrong: 'Centre screen',
    wrongUs: 'Center screen',
    uk: 'Centre screen, every corner',
    us: 'Center screen, every corner',
    on: since(2008),
  },
  'wheel-buttons': { uk: 'Buttons on the steering wheel', usual: true },
  'instrument-lights': { uk: 'Instruments and their lighting', usual: true },
  'trip-computer': { uk: 'Trip computer', usual: true },
  'head-up': { uk: 'Head-up display', on: since(2010) },
  clock: { uk: 'Clock', usual: true },
  'interior-lamps': { uk: 'Interior lamps', us: 'Interior lights', usual: true },
  sockets: { uk: '12 V sockets', usual: true },
  usb: { uk: 'USB sockets', on: since(2008) },
  'wireless-charge': { uk: 'Charging pad', on: since(2015) },
  'rear-screens': { uk: 'Screens for the rear', on: hasRearSeats },
  tachograph: { uk: 'Tachograph', on: isTruck },
} as const satisfies Record<string, FunctionFacts>;

/** What helps the driver. */
export const aids = {
  cruise: { uk: 'Cruise control', on: since(1998) },
  'adaptive-cruise': { uk: 'Cruise control that keeps its distance', on: since(2008) },
  'speed-limiter': { uk: 'Speed limiter' },
  'reversing-camera': { first: true, uk: 'Reversing camera', us: 'Backup camera', on: since(2008) },
  'round-cameras': { uk: 'Cameras all round', on: since(2012) },
  'rear-sensors': { uk: 'Rear parking sensors' },
  'front-sensors': { uk: 'Front parking sensors' },
  'park-assist': { wrong: 'Does not park itself', uk: 'Parks itself', on: since(2010) },
  'lane-assist': { uk: 'Lane assistance', on: since(2010) },
  'blind-spot': { uk: 'Blind-spot warning', on: since(2010) },
  'stability-off': { uk: 'Stability control switch', usual: true, on: since(2005) },
  'tyre-monitor': { uk: 'Tyre pressure monitor', us: 'Tire pressure monitor', usual: true, on: since(2014) },
  'hill-hold': { uk: 'Hill hold', on: since(2008) },
} as const satisfies Record<string, FunctionFacts>;
