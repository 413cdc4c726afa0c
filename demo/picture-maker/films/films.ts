import type { PartId } from '../../../src/core/car';
import { type DemoCar, hatch3, suv } from '../../yard/cars';
import { onPart } from '../onPart';
import type { View } from '../spec';
import type { Mark } from '../stage/damage/kinds';
import type { Film, Shot } from './spec';

interface Standing {
  at?: readonly [u: number, v: number];
  mark?: Mark;
  distanceMm?: number;
  swingDeg?: number;
  liftDeg?: number;
}

const before = (
  car: DemoCar,
  part: PartId,
  { at: [u, v] = [0.5, 0.5], mark, distanceMm = 900, swingDeg = 10, liftDeg = 8 }: Standing = {},
): View => ({
  ...onPart(car, part, { spot: { u, v }, ...(mark && { mark }) }),
  distanceMm,
  swingDeg,
  liftDeg,
});
const round = (azimuthDeg: number): View => ({ of: 'car', azimuthDeg, heightMm: 1550, distanceMm: 4700 });
const wheel = (which: 'fl' | 'fr' | 'rl' | 'rr', swingDeg = 12): View => ({
  of: 'wheel',
  wheel: which,
  distanceMm: 1000,
  swingDeg,
  liftDeg: 10,
});
const shot = (holdS: number, view: View, ...says: string[]): Shot => ({ holdS, view, says });
const inside = (holdS: number, view: View, shows: readonly string[], ...says: string[]): Shot => ({
  holdS,
  view,
  says,
  shows,
});

/** Panel by panel from the nearside front, spoken in sentences. Kerbing belongs to the looks of a car: one wheel of each has it. */
const nim: Film = {
  name: 'nim',
  seed: 901,
  sky: 'overcast',
  car: { ...hatch3.look, dirt: 0.15, kerbing: { wheel: 'fl', fromDeg: 20, toDeg: 95, depthMm: 2 } },
  as: 'mp4',
  captions: 'vtt',
  engineFromShot: 17,
  shots: [
    shot(4.5, round(42), 'This is the green three-door,', 'once round it, starting at the front.'),
    shot(
      4,
      before(hatch3, 'bumper-front', {
        at: [0.2, 0.5],
        distanceMm: 1000,
        mark: { kind: 'scuff', lengthMm: 180, heightMm: 70, depthUm: 200, angleDeg: 4 },
      }),
      'Front bumper, there’s a scuff',
      'on the nearside corner.',
    ),
    shot(
      4,
      before(hatch3, 'bonnet', {
        at: [0.5, 0.8],
        distanceMm: 950,
        liftDeg: -20,
        mark: { kind: 'chips', count: 6, largestMm: 9, spreadMm: 260, depthUm: 110 },
      }),
      'Bonnet, about six stone chips',
      'along the front edge.',
    ),
    shot(3, before(hatch3, 'grille', { distanceMm: 1700 }), 'Both headlights are clear.'),
    shot(3, before(hatch3, 'wing-fl', { distanceMm: 1100 }), 'Nearside front wing is fine.'),
    shot(
      4.6,
      wheel('fl'),
      'Nearside front wheel is kerbed,',
      'and the tyre’s got five and a half millimetres.',
    ),
    shot(
      4.6,
      before(hatch3, 'door-fl', {
        at: [0.7, 0.45],
        distanceMm: 800,
        mark: { kind: 'dent', diameterMm: 75, depthMm: 5 },
      }),
      'Nearside door, a small dent',
      'below the handle, paint’s not broken.',
    ),
    shot(
      4.4,
      before(hatch3, 'quarter-rl', {
        at: [0.4, 0.5],
        distanceMm: 850,
        mark: { kind: 'scratch', lengthMm: 190, widthMm: 2, depthUm: 110, angleDeg: -8 },
      }),
      'Rear quarter on this side,',
      'one deep scratch, and the nail catches.',
    ),
    shot(4, wheel('rl'), 'Nearside rear wheel’s clean,', 'four and a half millimetres on the tyre.'),
    shot(
      4,
      before(hatch3, 'tailgate', { distanceMm: 1300 }),
      'Moving round to the back.',
      'Tailgate is clear, no dents.',
    ),
    shot(
      4,
      before(hatch3, 'bumper-rear', {
        at: [0.6, 0.3],
        distanceMm: 950,
        mark: { kind: 'scuff', lengthMm: 200, heightMm: 60, depthUm: 200, angleDeg: 0 },
      }),
      'Rear bumper is scuffed',
      'in the middle of the top edge.',
    ),
    shot(3.6, before(hatch3, 'quarter-rr', { distanceMm: 1000 }), 'Offside rear quarter, nothing there.'),
    shot(4, wheel('rr'), 'Offside rear wheel’s fine,', 'six millimetres on the tyre.'),
    shot(
      3.6,
      before(hatch3, 'door-fr', { distanceMm: 1150 }),
      'Driver’s door is clear,',
      'no dents, no scratches.',
    ),
    shot(
      4.4,
      before(hatch3, 'wing-fr', {
        at: [0.9, 0.72],
        distanceMm: 800,
        mark: { kind: 'rust', widthMm: 70, heightMm: 40 },
      }),
      'Offside front wing,',
      'a bit of surface rust at the bottom.',
    ),
    shot(4, wheel('fr'), 'Offside front wheel, no kerbing,', 'and the tyre’s got five millimetres.'),
    shot(
      3.4,
      before(hatch3, 'windscreen', { distanceMm: 1200, liftDeg: -18 }),
      'Windscreen, no chips that I can see.',
    ),
    inside(
      6,
      { of: 'dashboard', distance: '61208', unit: 'mi', lamps: [] },
      ['dashboard', 'odometer'],
      'Starts first time.',
      'Sixty-one thousand two hundred and eight miles,',
      'no warning lights on.',
    ),
    inside(
      3.6,
      { of: 'seat', cover: 'cloth', fault: 'stain', distanceMm: 520 },
      ['seat-fr'],
      'Driver’s seat has a stain on it.',
    ),
    shot(3, round(318), 'And there are two keys.'),
  ],
};

/** Nose last, as a machine captions it: no stops, words run on. */
const kivo: Film = {
  name: 'kivo',
  seed: 951,
  sky: 'bright',
  car: { ...suv.look, dirt: 0.2 },
  as: 'webm',
  captions: 'json',
  engineFromShot: 12,
  shots: [
    shot(4, round(222), 'okay so this is the white kivo', 'walking up to it from the back'),
    shot(
      4,
      before(suv, 'tailgate', {
        at: [0.35, 0.6],
        distanceMm: 1000,
        mark: { kind: 'dent', diameterMm: 85, depthMm: 5 },
      }),
      'tailgate has got one small dent',
      'just left of the middle',
    ),
    shot(3.6, before(suv, 'bumper-rear', { distanceMm: 1200 }), 'rear bumper no scuffs nothing there'),
    shot(4, before(suv, 'taillamp-r', { distanceMm: 800 }), 'offside rear light is fine'),
    shot(4, wheel('rr'), 'offside rear wheel is clean', 'tyre has six millimetres'),
    shot(
      4,
      before(suv, 'door-rr', {
        at: [0.5, 0.5],
        distanceMm: 850,
        mark: { kind: 'scratch', lengthMm: 210, widthMm: 2, depthUm: 120, angleDeg: 5 },
      }),
      'offside rear door',
      'a long scratch across the middle',
    ),
    shot(3.6, before(suv, 'door-fr', { distanceMm: 1100 }), 'offside front door is clear'),
    shot(4, wheel('fr'), 'offside front wheel no kerbing', 'and six and a half on the tyre'),
    shot(
      4.4,
      before(suv, 'bonnet', {
        at: [0.45, 0.7],
        distanceMm: 950,
        liftDeg: -20,
        mark: { kind: 'chips', count: 4, largestMm: 9, spreadMm: 240, depthUm: 110 },
      }),
      'round to the front bonnet has four stone chips',
    ),
    shot(3.4, before(suv, 'bumper-front', { distanceMm: 1250 }), 'front bumper is all good'),
    shot(
      4.2,
      before(suv, 'door-fl', {
        at: [0.75, 0.5],
        distanceMm: 850,
        mark: { kind: 'touch-in', diameterMm: 12 },
      }),
      'driver’s door has been touched in',
    ),
    shot(3.6, wheel('rl'), 'nearside rear wheel is fine'),
    inside(
      5.5,
      { of: 'dashboard', distance: '88417', unit: 'mi', lamps: [] },
      ['dashboard', 'odometer'],
      'eighty eight thousand four hundred and seventeen miles',
      'and no warning lights',
    ),
  ],
};

export const films: readonly Film[] = [nim, kivo];
