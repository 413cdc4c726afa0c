import type { Steering } from '../car';
import type { Message } from '../told';
import { say } from './say';

/** A place on a screen, millimetres from its lower left corner as seen from outside the car. */
export type ScreenPlace = readonly [x: number, y: number];

/** A screen and what matters on it, millimetres; all of it can be changed for a car. */
export interface ScreenPlan {
  width: number;
  height: number;
  /** What the wipers sweep, as an outline. */
  swept: readonly ScreenPlace[];
  /** Middle and width of the band in front of the driver. */
  band: { middle: number; width: number };
}

/** MOT inspection manual, cars and passenger vehicles, section 3.2: a band 290 mm wide, centred on the steering wheel. */
export const DRIVER_BAND_MM = 290;
/** How far a steering wheel’s middle lies from the middle of a car. Common practice. */
const WHEEL_FROM_MIDDLE_MM = 370;
/** Two wipers sweep arcs about their pivots; shares of width and height. Common practice, the outline approximated. */
const WIPERS = { pivots: [0.3, 0.7], reach: 0.82, side: 0.05, bottom: 0.05 } as const;
/** Points along the top of the outline. */
const STEPS = 24;

/**
 * A usual plan for a screen of so many millimetres. Seen from outside, who sits on the car’s right is on the left: the plan follows the
 * steering side.
 */
export function usualScreen(width: number, height: number, steering: Steering): ScreenPlan {
  const [left, right] = [WIPERS.side * width, (1 - WIPERS.side) * width];
  const reach = WIPERS.reach * height;
  const top = (x: number) =>
    Math.max(
      WIPERS.bottom * height,
      ...WIPERS.pivots.map((pivot) => Math.sqrt(Math.max(0, reach ** 2 - (x - pivot * width) ** 2))),
    );
  const arcs = Array.from({ length: STEPS + 1 }, (_, i): ScreenPlace => {
    const x = right - (i / STEPS) * (right - left);
    return [x, top(x)];
  });
  return {
    width,
    height,
    swept: [[left, WIPERS.bottom * height], [right, WIPERS.bottom * height], ...arcs],
    band: {
      middle: width / 2 + (steering === 'right' ? -1 : 1) * WHEEL_FROM_MIDDLE_MM,
      width: DRIVER_BAND_MM,
    },
  };
}

export type ScreenZone = 'driver-band' | 'swept' | 'outside';

/** Which zone a damage lies in: the strictest one it reaches into, `radiusMm` round its middle. */
export function zoneOf([x, y]: ScreenPlace, radiusMm: number, { swept, band }: ScreenPlan): ScreenZone {
  if (!reaches([x, y], radiusMm, swept)) return 'outside';
  return Math.abs(x - band.middle) <= band.width / 2 + radiusMm ? 'driver-band' : 'swept';
}

/** Whether a circle touches an outline or lies in it. */
function reaches([x, y]: ScreenPlace, radius: number, outline: readonly ScreenPlace[]): boolean {
  let isInside = false;
  for (const [i, [ax, ay]] of outline.entries()) {
    const [bx, by] = outline[(i + 1) % outline.length] as ScreenPlace;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) isInside = !isInside;
    const long = (bx - ax) ** 2 + (by - ay) ** 2;
    const along =
      long > 0 ? Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long)) : 0;
    if (Math.hypot(x - ax - along * (bx - ax), y - ay - along * (by - ay)) <= radius) return true;
  }
  return isInside;
}

/** Largest damage a rule allows, millimetres across, by zone; undefined where the rule says nothing. */
export interface ScreenRule {
  says: Message;
  most: Readonly<Record<ScreenZone, number | undefined>>;
}

/** MOT inspection manual, cars and passenger vehicles, section 3.2. Elsewhere local rules: state one’s own. */
export const ukScreenRule: ScreenRule = {
  says: say('rule.uk'),
  most: { 'driver-band': 10, swept: 40, outside: undefined },
};

export interface ScreenDamage {
  at: ScreenPlace;
  /** The other end of a crack or scratch that was drawn: it then lies along the line, not round its middle. */
  to?: ScreenPlace;
  /** Its largest extent, millimetres; absent where nobody measured it. */
  acrossMm?: number;
  kind: 'chip' | 'crack' | 'scratch';
}

export interface ScreenVerdict {
  zone: ScreenZone;
  /** Whether the rule chosen lets it pass; undefined where the rule says nothing. */
  passes?: boolean;
  repair: 'resin' | 'new-screen' | 'leave' | 'measure';
  says: Message;
}

/** House table, common practice: larger than this is not filled; nor a crack that reaches the edge, nor before the driver’s eyes. */
const REPAIRABLE = { chipMm: 25, crackMm: 50, fromEdgeMm: 60, beforeDriverMm: 10 } as const;

const strictness: readonly ScreenZone[] = ['outside', 'swept', 'driver-band'];
/** Steps along a line, and half its breadth, millimetres. */
const [STEP_MM, HALF_LINE_MM] = [4, 2];

/** The strictest zone a damage reaches into: round its middle, or along its line. */
function zoneOfDamage({ at, to, acrossMm }: ScreenDamage, plan: ScreenPlan): ScreenZone {
  if (!to) return zoneOf(at, (acrossMm ?? 0) / 2, plan);
  const steps = Math.max(1, Math.ceil(Math.hypot(to[0] - at[0], to[1] - at[1]) / STEP_MM));
  let strictest = 0;
  for (let i = 0; i <= steps; i++) {
    const share = i / steps;
    const place = [at[0] + share * (to[0] - at[0]), at[1] + share * (to[1] - at[1])] as const;
    strictest = Math.max(strictest, strictness.indexOf(zoneOf(place, HALF_LINE_MM, plan)));
  }
  return strictness[strictest] as ScreenZone;
}

/** How near a damage comes to the screen's edge, millimetres. */
function fromEdge({ at, to, acrossMm }: Sized, { width, height }: ScreenPlan): number {
  const near = ([x, y]: ScreenPlace) => Math.min(x, y, width - x, height - y);
  return to ? Math.min(near(at), near(to)) : near(at) - acrossMm / 2;
}

type Sized = ScreenDamage & { acrossMm: number };
const isSized = (damage: ScreenDamage): damage is Sized => damage.acrossMm !== undefined;

/** What the rule says of a damage, and whether resin may do. Of one that was not measured only where it lies, and what is allowed there. */
export function judgeScreen(damage: ScreenDamage, plan: ScreenPlan, rule: ScreenRule): ScreenVerdict {
  const zone = zoneOfDamage(damage, plan);
  const most = rule.most[zone];
  const there = say(`zone.${zone}`);
  if (!isSized(damage)) {
    const says =
      most === undefined
        ? say('screen.notMeasured', { zone: there })
        : say('screen.notMeasuredAllowed', { zone: there, mm: most });
    return { zone, repair: 'measure', says };
  }
  const { acrossMm, kind } = damage;
  const passes = most === undefined ? undefined : acrossMm <= most;
  const isFillable =
    kind !== 'scratch' &&
    acrossMm <= (kind === 'chip' ? REPAIRABLE.chipMm : REPAIRABLE.crackMm) &&
    (kind === 'chip' || fromEdge(damage, plan) >= REPAIRABLE.fromEdgeMm) &&
    (zone !== 'driver-band' || acrossMm <= REPAIRABLE.beforeDriverMm);
  const repair = isFillable ? 'resin' : passes === false || kind === 'crack' ? 'new-screen' : 'leave';
  const at = { across: Math.round(acrossMm), zone: there };
  return {
    zone,
    ...(passes !== undefined && { passes }),
    repair,
    says:
      most === undefined
        ? say('screen.noRule', at)
        : say(passes ? 'screen.within' : 'screen.over', { ...at, mm: most }),
  };
}
