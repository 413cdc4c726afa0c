import type { PartId } from '../../src/core/car';
import { cars, convertible, type DemoCar, estate, hatch, hatch3, suv, van } from '../yard/cars';
import { odometerName, type Script, type ScriptedFinding, treadName, wholeName } from '../yard/script';
import { walks } from '../yard/walks';
import { onPart } from './onPart';
import { practicePictures } from './practicePictures';
import { range, seeded } from './random';
import { type CameraSet, type Picture, phone, type Scale, type View } from './spec';
import type { Mark } from './stage/damage/kinds';
import type { SkyName } from './stage/light/skies';

type WheelId = 'fl' | 'fr' | 'rl' | 'rr';
type SpotView = Extract<View, { of: 'spot' }>;

function picturesOfWalk(script: Script, car: DemoCar): Picture[] {
  const made: Picture[] = [];
  const take = (name: string, view: View, camera: Partial<CameraSet> = {}, more: Partial<Picture> = {}) => {
    const seed = 100 * (1 + cars.indexOf(car)) + made.length;
    made.push({
      name,
      seed,
      sky: script.sky,
      car: car.look,
      view,
      camera: { ...handheld(seed, script.sky), ...camera },
      minute: Math.floor(made.length * 0.45),
      ...more,
    });
  };
  script.whole.forEach((from, i) => {
    take(wholeName(script, i), wholeView(car, from), { focalMm: 30 }, i === 0 ? { withPlace: true } : {});
  });
  for (const [part, list] of Object.entries(script.findings))
    list.forEach((finding, i) => {
      const stem = `${script.name}-${part}-${finding.kind}${i > 0 ? `-${i + 1}` : ''}`;
      const { shots } = finding;
      const look = shots?.kerbing
        ? { ...car.look, kerbing: { wheel: wheelOf(part), ...shots.kerbing } }
        : car.look;
      if (shots?.where)
        take(`${stem}-where`, fromArmsLength(car, part, finding, made.length), {}, { car: look });
      if (shots?.what) {
        const view = fromCloseBy(car, part, finding, made.length);
        take(`${stem}-what`, view, {}, { car: look, ...(i % 2 === 1 && { turned: true }) });
      }
    });
  for (const part of script.treadPictures ?? []) {
    const [low, high] = script.treads[part] ?? [5, 5];
    take(treadName(script, part), {
      of: 'tread',
      wheel: wheelOf(part),
      outerMm: high,
      centreMm: (low + high) / 2,
      innerMm: low,
      distanceMm: 300,
    });
  }
  if (script.odometer?.isPictured) {
    const { value, unit, lamps } = script.odometer;
    take(odometerName(script), { of: 'dashboard', distance: String(value), unit, lamps }, { noise: 5 });
  }
  return made;
}

/** A hand is never quite level or still. */
function handheld(seed: number, sky: SkyName): CameraSet {
  const random = seeded(seed + 9000);
  return {
    ...phone,
    rollDeg: range(random, -2.4, 2.4),
    noise: sky === 'dusk' ? 8 : sky === 'bright' ? 2.6 : 3.6,
    exposureEv: range(random, -0.12, 0.12),
  };
}

function wholeView({ look }: DemoCar, { azimuthDeg, high }: { azimuthDeg: number; high?: true }): View {
  const isBig = ['van', 'pickup', 'suv', 'estate'].includes(look.style);
  const isSide = Math.abs(Math.sin((azimuthDeg * Math.PI) / 180)) > 0.9;
  const distanceMm = (isSide ? 4700 : 4500) + (isBig ? 900 : 0) + (high ? 300 : 0);
  return { of: 'car', azimuthDeg, heightMm: high ? 2900 : 1550, distanceMm };
}

const wheelOf = (part: PartId) => part.slice(-2) as WheelId;

function fromArmsLength(car: DemoCar, part: PartId, { spot, shots }: ScriptedFinding, seed: number): View {
  const random = seeded(seed + 400);
  const swingDeg = range(random, -26, 26);
  if (shots?.kerbing) return { of: 'wheel', wheel: wheelOf(part), distanceMm: 1050, swingDeg, liftDeg: 14 };
  const lift = part === 'roof' || part === 'hardtop' ? -34 : range(random, 6, 16);
  return {
    ...onPart(car, part, { spot, ...(shots?.mark && { mark: shots.mark }) }),
    distanceMm: range(random, 1050, 1350),
    swingDeg,
    liftDeg: part === 'bonnet' || part === 'windscreen' ? -20 : lift,
    aim: [range(random, -120, 120), range(random, -80, 80)],
  };
}

function fromCloseBy(car: DemoCar, part: PartId, { spot, shots }: ScriptedFinding, seed: number): View {
  const random = seeded(seed + 700);
  if (shots?.tread) return { of: 'tread', wheel: wheelOf(part), ...shots.tread, distanceMm: 300 };
  if (shots?.kerbing) {
    const atDeg = (shots.kerbing.fromDeg + shots.kerbing.toDeg) / 2;
    return { of: 'wheel', wheel: wheelOf(part), distanceMm: 270, swingDeg: 16, liftDeg: 12, atDeg };
  }
  const mark = shots?.mark;
  const size = mark ? reachOf(mark) : 60;
  const scale = shots?.scale && besides(shots.scale, size, mark);
  const isUpwards = ['bonnet', 'roof', 'hardtop', 'windscreen'].includes(part);
  return {
    ...onPart(car, part, { spot, ...(mark && { mark }) }),
    ...(scale && { scale }),
    distanceMm: Math.min(430, Math.max(125, size * 1.5 + 75)),
    swingDeg: range(random, 8, 24) * (random() < 0.5 ? -1 : 1),
    liftDeg: isUpwards ? -range(random, 18, 30) : range(random, 4, 16),
    aim: scale ? [scale.offset[0] / 2, scale.offset[1] / 2] : [0, 0],
  };
}

/** Longest side of the room a mark needs in the picture, millimetres. */
function reachOf(mark: Mark): number {
  if ('spreadMm' in mark) return mark.spreadMm;
  if ('diameterMm' in mark) return mark.diameterMm;
  if ('lengthMm' in mark) return mark.lengthMm;
  return Math.max(mark.widthMm, mark.heightMm);
}

/** Where one would lay a thing beside a fault: to its right when round, below it when long. */
function besides(kind: Scale['kind'], size: number, mark: Mark | undefined): Scale {
  const tall = mark && 'heightMm' in mark ? mark.heightMm / 2 : 0;
  if (kind.startsWith('blank')) return { kind, offset: [size / 2 + 18, -6], turnDeg: 0 };
  const down = Math.max(tall, kind === 'card' ? size * 0.16 : 10) + (kind === 'card' ? 38 : 22);
  if (mark?.kind === 'water-run') return { kind, offset: [60, 0], turnDeg: 4 };
  return { kind, offset: [4, -down], turnDeg: kind === 'card' ? -4 : 3 };
}

function notWalked(): Picture[] {
  return [
    { car: van, sky: 'dusk' as const, azimuthDeg: 142 },
    { car: suv, sky: 'overcast' as const, azimuthDeg: 48 },
    { car: hatch3, sky: 'wet' as const, azimuthDeg: 222 },
  ].map(({ car, sky, azimuthDeg }, i) => ({
    name: `${car.look.style}-whole-1`,
    seed: 40 + i,
    sky,
    car: car.look,
    view: wholeView(car, { azimuthDeg }),
    camera: { ...handheld(40 + i, sky), focalMm: 30 },
    minute: 0,
  }));
}

function insides(): Picture[] {
  const take = (name: string, car: DemoCar, view: View, seed: number): Picture => ({
    name,
    seed,
    sky: 'overcast',
    car: car.look,
    view,
    camera: { ...handheld(seed, 'overcast'), focalMm: 32, noise: 5 },
    minute: 30,
  });
  return [
    take(
      'convertible-seat',
      convertible,
      { of: 'seat', cover: 'leather', fault: 'bolster-wear', distanceMm: 400 },
      61,
    ),
    take('estate-seat', estate, { of: 'seat', cover: 'cloth', fault: 'stain', distanceMm: 420 }, 62),
    take('hatch-keys', hatch, { of: 'keys', count: 2 }, 63),
    take(
      'hatch-service-book',
      hatch,
      {
        of: 'service-book',
        lines: [
          ['11.09.2018', '9 204', 'Tew Motor Works', 'Oil, filter'],
          ['02.10.2019', '17 880', 'Tew Motor Works', 'Oil, brake fluid'],
          ['21.09.2021', '31 422', 'Tew Motor Works', 'Oil, plugs, belt'],
        ],
      },
      64,
    ),
  ];
}

/** The same view again and again with one thing changed: what checks of sharpness and of the truth itself need. */
function series(): Picture[] {
  const scratch = hatch;
  const base: Omit<Picture, 'name'> = {
    seed: 71,
    sky: 'overcast',
    car: scratch.look,
    view: {
      ...onPart(hatch, 'door-fr', {
        spot: { u: 0.4, v: 0.4 },
        mark: { kind: 'scratch', lengthMm: 80, widthMm: 1, depthUm: 80, angleDeg: -15 },
      }),
      distanceMm: 210,
      swingDeg: 14,
      liftDeg: 8,
      scale: { kind: 'blank-23.25', offset: [46, -22], turnDeg: 0 },
    },
    camera: { ...phone, rollDeg: 1 },
    minute: 40,
  };
  const withCamera = (name: string, camera: Partial<CameraSet>): Picture => ({
    ...base,
    name: `series-scratch-${name}`,
    camera: { ...base.camera, ...camera },
  });
  const dented: SpotView = {
    ...onPart(hatch, 'door-rl', {
      spot: { u: 0.5, v: 0.4 },
      mark: { kind: 'dent', diameterMm: 52, depthMm: 2.4 },
    }),
    distanceMm: 230,
    swingDeg: -16,
    liftDeg: 8,
  };
  const { mark: _gone, ...undented } = dented;
  // The meter is led astray by the sky in the coat; a person would tap the door to expose for it.
  const brighter: CameraSet = { ...base.camera, exposureEv: 1.4 };
  return [
    withCamera('sharp', {}),
    withCamera('soft', { focusOffMm: 170, apertureMm: 3.2 }),
    withCamera('shaken', { shakePx: 26 }),
    withCamera('dark', { exposureEv: -2.6, noise: 9 }),
    withCamera('bright', { exposureEv: 2.4 }),
    withCamera('glare', { glare: 0.9, exposureEv: 0.5 }),
    { ...base, name: 'series-dent-with', seed: 72, view: dented, camera: brighter },
    { ...base, name: 'series-dent-without', seed: 72, view: undented, camera: brighter },
  ];
}

/** What a buyer takes on arrival: a scratch under the handle, from a step back and from close by. */
function journey(): Picture[] {
  const view: Omit<SpotView, 'distanceMm' | 'swingDeg' | 'liftDeg'> = onPart(hatch, 'door-fl', {
    spot: { u: 0.76, v: 0.4 },
    mark: { kind: 'scratch', lengthMm: 160, widthMm: 2, depthUm: 130, angleDeg: -9 },
  });
  const base: Omit<Picture, 'name' | 'view'> = {
    seed: 81,
    sky: 'bright',
    car: hatch.look,
    camera: { ...handheld(81, 'bright'), exposureEv: 0.6 },
    minute: 90,
  };
  return [
    { ...base, name: 'journey-door-where', view: { ...view, distanceMm: 900, swingDeg: 12, liftDeg: 8 } },
    { ...base, name: 'journey-door-what', view: { ...view, distanceMm: 300, swingDeg: -10, liftDeg: 6 } },
  ];
}

/** Every picture of the yard: what the walks name, the cars not yet walked, the insides, and the series the checks need. */
export const pictures: readonly Picture[] = [
  ...walks.flatMap(({ script, car }) => picturesOfWalk(script, car)),
  ...notWalked(),
  ...insides(),
  ...series(),
  ...journey(),
  ...practicePictures,
];
