import { describe, expect, it } from 'vitest';
import { bodyStyle, bodyStyleIds, extrasFor, styleOf } from '../car';
import { nearestLeft } from './nearestLeft';
import { planRoute, rimOf, standsAt } from './planRoute';
import { directions, orderRules, startCorners } from './routeRule';
import { type RouteRule, routeRuleSchema } from './routeRuleSchema';
import { schoolIds, schools, usualRoute } from './schools';

const partsOf = (rule: RouteRule, style = bodyStyle('hatch-5')) =>
  planRoute(style, rule).map(({ part }) => part);

describe('the planner', () => {
  it.each(bodyStyleIds)(
    'visits every part of a %s exactly once, on every school, corner and direction',
    (id) => {
      for (const style of [bodyStyle(id), styleOf({ bodyStyle: id, extras: extrasFor(id) })])
        for (const school of schoolIds)
          for (const start of startCorners)
            for (const direction of directions)
              for (const order of orderRules) {
                const stops = planRoute(style, { ...schools[school], start, direction, order });
                expect(stops).toHaveLength(style.parts.size);
                expect(new Set(stops.map(({ part }) => part))).toEqual(new Set(style.parts.keys()));
              }
    },
  );

  it('starts where the rule says', () => {
    const first = (start: RouteRule['start'], direction: RouteRule['direction']) =>
      planRoute(bodyStyle('saloon'), { ...usualRoute, start, direction })[0]?.face;
    expect(first('fr', 'anticlockwise')).toBe('front');
    expect(first('fl', 'anticlockwise')).toBe('left');
    expect(first('rl', 'anticlockwise')).toBe('rear');
    expect(first('rr', 'anticlockwise')).toBe('right');
    expect(first('fl', 'clockwise')).toBe('front');
    expect(first('fr', 'clockwise')).toBe('right');
    expect(first('rr', 'clockwise')).toBe('rear');
    expect(first('rl', 'clockwise')).toBe('left');
  });

  it('walks a side from nose to tail one way round and back the other', () => {
    const left = (direction: RouteRule['direction']) =>
      planRoute(bodyStyle('hatch-5'), { ...usualRoute, direction })
        .filter(({ face }) => face === 'left')
        .map(({ part }) => part);
    expect(left('anticlockwise').indexOf('wing-fl')).toBeLessThan(
      left('anticlockwise').indexOf('quarter-rl'),
    );
    expect(left('clockwise').indexOf('wing-fl')).toBeGreaterThan(left('clockwise').indexOf('quarter-rl'));
  });

  it('orders wheels as each school does', () => {
    const wheel = (rule: RouteRule) => {
      const parts = partsOf(rule);
      return (part: string) => parts.indexOf(part);
    };
    // Panel run: down the side all panels, back along it for the wheels.
    const run = wheel(schools['panel-run']);
    expect(run('quarter-rl')).toBeLessThan(run('wheel-rl'));
    expect(run('wheel-rl')).toBeLessThan(run('wheel-fl'));
    expect(run('wheel-fl')).toBeLessThan(run('wing-fr'));
    // Corner by corner: each wheel when one comes to it.
    const corner = wheel(schools['corner-by-corner']);
    expect(corner('wheel-fl')).toBeLessThan(corner('door-rl'));
    expect(corner('bootfloor')).toBeLessThan(corner('wheel-rr'));
    // Low then high: everything low before anything high.
    const low = wheel(schools['low-then-high']);
    expect(Math.max(low('wheel-fr'), low('sill-r'), low('bumper-rear'))).toBeLessThan(low('door-fl'));
    // By area: one loop of the wheels after all panels.
    const area = wheel(schools['by-area-with-tape']);
    expect(Math.min(area('wheel-fl'), area('wheel-rr'))).toBeGreaterThan(area('quarter-rr'));
  });

  it('says the extra stops once, where their area begins', () => {
    const rule = { ...usualRoute, reminders: [{ at: 'left', words: 'Sight down the side.' }] } as RouteRule;
    const said = planRoute(bodyStyle('suv'), rule).filter(({ reminders }) => reminders);
    expect(said).toHaveLength(1);
    expect(said[0]).toMatchObject({ face: 'left', reminders: ['Sight down the side.'] });
  });

  const sideOf = (id: string) => /-[fr]?([lr])$/.exec(id)?.[1];
  const inCabin = (rule: RouteRule, style = bodyStyle('hatch-5')) =>
    planRoute(style, rule).flatMap(({ part, face }) => (face === 'cabin' ? [part] : []));

  it.each(schoolIds)('finishes each door and seat of the cabin before crossing the car: %s', (school) => {
    for (const id of bodyStyleIds) {
      const sides = inCabin(schools[school], bodyStyle(id)).flatMap((part) => sideOf(part) ?? []);
      const crossings = sides.filter((side, i) => i > 0 && side !== sides[i - 1]).length;
      expect(crossings, id).toBeLessThanOrEqual(1);
    }
  });

  it('looks at the inside of a door, its sill and its seat as the door is passed, where the route says so', () => {
    const parts = partsOf(schools['door-by-door']);
    const at = (part: string) => parts.indexOf(part);
    for (const door of ['fl', 'rl', 'rr', 'fr']) expect(at(`doorcard-${door}`)).toBe(at(`door-${door}`) + 1);
    expect(at('seat-fl')).toBeLessThan(at('door-rl'));
    expect(at('sillplate-l')).toBe(at('doorcard-fl') + 1);
    // Two doors: the bench behind is reached through the front ones.
    const coupe = partsOf(schools['door-by-door'], bodyStyle('hatch-3'));
    expect(coupe.indexOf('seat-rl')).toBeGreaterThan(coupe.indexOf('seat-fl'));
    expect(coupe.indexOf('seat-rl')).toBeLessThan(coupe.indexOf('tailgate'));
  });

  it('takes what is before the driver with the driver’s seat', () => {
    for (const steering of ['left', 'right'] as const) {
      const cabin = inCabin(usualRoute, styleOf({ bodyStyle: 'hatch-5', steering }));
      const seat = steering === 'left' ? 'seat-fl' : 'seat-fr';
      expect(Math.abs(cabin.indexOf('odometer') - cabin.indexOf(seat))).toBeLessThan(10);
      expect(cabin.indexOf('odometer')).toBeGreaterThan(cabin.indexOf(seat));
    }
  });

  it('looks into the boot at the tail where one goes round', () => {
    for (const school of ['nose-first', 'panel-run', 'corner-by-corner', 'door-by-door'] as const) {
      const parts = partsOf(schools[school]);
      expect(parts.indexOf('bootfloor'), school).toBeLessThan(parts.indexOf('wheel-rr'));
    }
  });

  it('offers six schools that are rules like any other', () => {
    expect(schoolIds).toHaveLength(6);
    for (const id of schoolIds) expect(routeRuleSchema.parse(schools[id])).toEqual(schools[id]);
  });
});

describe('what is next', () => {
  const style = bodyStyle('hatch-5');
  const route = planRoute(style, usualRoute);
  const next = (from: string, ...done: string[]) =>
    nearestLeft(style, route, (part) => !done.includes(part), from)?.part;

  it('is the next stop of the route while one keeps to it', () => {
    const [first, second, third] = route.map(({ part }) => part);
    expect(next(first as string)).toBe(second);
    expect(next(second as string, first as string, second as string)).toBe(third);
  });

  it('is the nearest part left once one has left the route', () => {
    const at = route.findIndex(({ part }) => part === 'door-rr');
    const after = route[at + 1]?.part as string;
    const near = next('door-rr', 'door-rr', after) as string;
    const part = style.parts.get(near);
    expect(part?.face).toBe('right');
    const from = standsAt(style, style.parts.get('door-rr') as NonNullable<typeof part>);
    expect(Math.abs(standsAt(style, part as NonNullable<typeof part>) - from)).toBeLessThan(700);
  });

  it('never leads back to where one stands, and ends when nothing is left', () => {
    expect(nearestLeft(style, route, () => false, 'bonnet')).toBeUndefined();
    expect(nearestLeft(style, route, (part) => part === 'bonnet', 'bonnet')).toBeUndefined();
    expect(nearestLeft(style, route, () => true, undefined)).toEqual(route[0]);
  });

  it('reaches every part from any other by going on', () => {
    const left = new Set(route.map(({ part }) => part));
    let here: string | undefined = 'roof';
    let steps = 0;
    while (here) {
      left.delete(here);
      here = nearestLeft(style, route, (part) => left.has(part), here)?.part;
      steps++;
    }
    expect(left.size).toBe(0);
    expect(steps).toBe(route.length);
  });

  it('stands every part somewhere on the rim of its car', () => {
    for (const id of bodyStyleIds) {
      const car = bodyStyle(id);
      for (const part of car.parts.values()) {
        const at = standsAt(car, part);
        expect(at >= 0 && at <= rimOf(car), `${id} ${part.id}`).toBe(true);
      }
    }
  });
});
