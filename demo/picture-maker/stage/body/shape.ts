import { bodies } from '../../../../src/core/car/styles/bodies';
import type { Profile } from '../../../../src/core/car/styles/profile';
import { type Curve, pressed, smoothMax, smoothMin, smoothstep } from './curve';

/** Bodies that are drawn from a car’s profile: of heavy vehicles no pictures are made. */
export type StyleId = {
  [K in keyof typeof bodies]: (typeof bodies)[K] extends { profile: Profile } ? K : never;
}[keyof typeof bodies];

/**
 * A car's body as a signed distance in millimetres: negative inside. x runs from the nose backwards, z up from the ground,
 * y to the car's left; the body is the same on both sides.
 */
export interface Shape {
  profile: Profile;
  halfWidth: number;
  archRadius: number;
  /** Upper outline in the middle of the car. */
  upper: Curve;
  /** Lower edge of the side glass. */
  beltAt(x: number): number;
  distance(x: number, y: number, z: number): number;
}

const ARCH_GAP = 44;

type Pair = readonly [number, number];

export function makeShape(style: StyleId): Shape {
  const p: Profile = bodies[style].profile;
  const hw = p.width / 2;
  const isBox = p.boxy ?? false;
  const cowl = p.roof[0] as Pair;
  const tailLast = p.tail[p.tail.length - 1] as Pair;
  const lidStart = p.tail[p.rearGlassBase] as Pair;
  const upper = pressed(
    [
      [-40, 420],
      [6, 520],
      ...p.bonnet,
      ...p.roof.slice(1),
      ...p.tail.slice(1),
      [p.length - 4, tailLast[1] - 26],
      [p.length + 60, tailLast[1] - 40],
    ],
    20,
  );
  const beltAt = (x: number) =>
    p.belt[0] + ((p.belt[1] - p.belt[0]) * (x - cowl[0])) / (p.glassEnd - cowl[0]);
  const nose = pressed(
    [
      [0, 130],
      [p.sill[0], 76],
      [p.sill[0] + 90, 26],
      [430, 4],
      [560, 2],
      [640, 24],
      [740, 70],
      [1400, 520],
    ],
    26,
  );
  const stern = pressed(
    [
      [0, 190],
      [p.sill[0] + 20, 120],
      [p.sill[0] + 130, 30],
      [p.sill[0] + 200, 6],
      [tailLast[1] - 60, 2],
      [tailLast[1] + 20, 10],
      [1900, 30],
    ],
    26,
  );
  const archRadius = p.tyreRadius + ARCH_GAP;
  const mid = p.length / 2;
  const creaseAt = (x: number) => beltAt(x) - 84 + 22 * smoothstep(mid - 900, p.length, x);
  const slant = (x: number) => Math.sqrt(1 + upper.slope(x) ** 2);
  const arches = [p.frontAxle, p.rearAxle] as const;

  function deck(x: number): number {
    const lid = smoothstep(lidStart[0] - 160, lidStart[0] + 40, x);
    const belt = beltAt(x) + 10;
    return Math.min(upper.at(x), belt + (upper.at(x) - belt) * lid * (p.rearLid === 'bootlid' ? 1 : 0));
  }
  const deckTable = pressed(
    Array.from({ length: Math.ceil(p.length / 20) + 6 }, (_, i): Pair => [i * 20 - 40, deck(i * 20 - 40)]),
    24,
  );

  /** Half the width of the lower body. */
  function flank(x: number, z: number): number {
    let w = hw - 4 - 30 * ((x - mid) / mid) ** 4;
    w -= hw * 0.1 * Math.max(0, (760 - x) / 760) ** 2;
    w -= hw * 0.085 * Math.max(0, (x - (p.length - 700)) / 700) ** 2;
    const crease = creaseAt(x);
    const low = p.sill[0];
    const a = (crease - z) / (crease - low);
    if (a > 0) {
      w -= 11 * 6 * a * Math.exp(1 - 6 * a) * (isBox ? 0.4 : 1) + 40 * a ** 2.6;
    }
    // Above the crease the shoulder leans in; softened so that the crease has a radius.
    const over = z - crease;
    w -= 0.44 * (over > 40 ? over : 10 * Math.log1p(Math.exp(over / 10)));
    // A hollow along the foot of the doors.
    const along =
      smoothstep(p.frontAxle + 330, p.frontAxle + 620, x) *
      (1 - smoothstep(p.rearAxle - 640, p.rearAxle - 340, x));
    w -= 13 * along * Math.exp(-(((z - (p.sill[1] + 105 + (x - mid) * 0.02)) / 46) ** 2));
    for (const axle of arches) {
      const r = Math.hypot(x - axle, z - p.tyreRadius);
      w += 17 * Math.exp(-(((r - archRadius) / 62) ** 2));
    }
    return w;
  }

  /** Half the width of the cabin above the belt. */
  const roofZ = Math.max(...p.roof.map(([, z]) => z));
  function cabin(x: number, z: number): number {
    const over = Math.max(0, z - beltAt(x));
    const lean = (isBox ? 90 : 215) / (roofZ - (p.belt[0] + p.belt[1]) / 2);
    let w = hw - 52 - lean * (0.75 * over + (0.25 * (over * over)) / (roofZ - p.belt[0]));
    w -=
      30 * Math.max(0, (x - (p.length - 900)) / 900) ** 2 + 60 * Math.max(0, (cowl[0] + 300 - x) / 600) ** 2;
    return w;
  }

  function distance(x: number, yy: number, z: number): number {
    const y = Math.abs(yy);
    const share = Math.min(1.1, y / hw);
    const lengthwise = Math.tanh((x - mid) / 700);
    const bowed = x + lengthwise * 92 * share * share;
    // A bed's walls and its tailgate are nearly straight, with tight edges.
    const isBed = p.bed !== undefined && x > p.bed.from;
    const crown = (isBed ? 6 : 40 + 14 * (1 - Math.abs(lengthwise))) * share * share;
    const lid = (z - (upper.at(bowed) - crown)) / slant(bowed);
    const front = nose.at(z) + 330 * share ** 3.2 + 40 * share * share - x;
    const rear =
      x - (p.length - stern.at(z) - (isBed ? 70 : 190) * share ** 3.4 - (isBed ? 20 : 40) * share * share);
    const bottom = p.sill[0] + 6 - z;
    // Two ridges along the bonnet, running back to the pillars.
    const ridge = x < cowl[0] ? 9 * smoothstep(0.6, 0.5, share) * smoothstep(120, 500, x) : 0;
    const deckTop = z - (deckTable.at(bowed) - crown * 1.15 + ridge);
    let lower = smoothMax(y - flank(x, z), deckTop, isBed ? 44 : 96);
    lower = smoothMax(lower, front, 150);
    lower = smoothMax(lower, rear, isBed ? 64 : 130);
    lower = smoothMax(lower, bottom, 60);
    let upperPart = smoothMax(y - cabin(x, z), lid, isBox ? 150 : 190);
    upperPart = smoothMax(upperPart, rear + 6, 90);
    upperPart = Math.max(upperPart, p.belt[0] - 300 - z, cowl[0] - 60 - x);
    let body = smoothMin(lower, upperPart, 38);
    if (p.bed) {
      const inside = Math.max(p.bed.from - x, x - p.bed.to, y - (hw - 120), p.bed.floor - z);
      body = smoothMax(body, -inside, 30);
    }
    return body;
  }
  return { profile: p, halfWidth: hw, archRadius, upper, beltAt, distance };
}

/** Gradient of the distance: the way out of the metal. */
export function outward(shape: Shape, x: number, y: number, z: number, step = 3): [number, number, number] {
  const d = shape.distance;
  const g: [number, number, number] = [
    d(x + step, y, z) - d(x - step, y, z),
    d(x, y + step, z) - d(x, y - step, z),
    d(x, y, z + step) - d(x, y, z - step),
  ];
  const length = Math.hypot(...g) || 1;
  return [g[0] / length, g[1] / length, g[2] / length];
}

/** Where a ray first meets the body, walking along it; undefined when it misses. */
export function strike(
  shape: Shape,
  from: readonly [number, number, number],
  along: readonly [number, number, number],
): [number, number, number] | undefined {
  const place = (t: number): [number, number, number] => [
    from[0] + along[0] * t,
    from[1] + along[1] * t,
    from[2] + along[2] * t,
  ];
  let t = 0;
  let before = 0;
  for (let i = 0; i < 400 && t < 12_000; i++) {
    const d = shape.distance(...place(t));
    if (d < 0.02) {
      // The distance is only nearly one: a step may go through the metal, so halve back to its surface.
      let [out, within] = [before, t];
      for (let pass = 0; pass < 24; pass++) {
        const mid = (out + within) / 2;
        if (shape.distance(...place(mid)) < 0) within = mid;
        else out = mid;
      }
      return place(within);
    }
    before = t;
    t += Math.min(400, Math.max(0.02, d * 0.6));
  }
  return undefined;
}
