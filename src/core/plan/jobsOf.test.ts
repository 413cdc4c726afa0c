import { describe, expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { type Facts, type Fault, propose } from '../cures';
import { expected, type Job } from './job';
import { type JobChoice, jobsOf } from './jobsOf';
import { labour, type Prices, pricesSchema, usualPrices } from './prices';

const style = bodyStyle('hatch-5');
const prices = usualPrices('GBP');
const on = (part: string, n: number, facts: Facts): Fault => {
  const found = style.parts.get(part as never);
  return {
    id: `finding ${part} ${n}`,
    part: part as never,
    where: part,
    says: String(facts.kind),
    facts: {
      partKind: found?.kind,
      material: found?.material,
      panel: found?.kind === 'wheel' ? 'other' : 'painted',
      underFilm: 'no',
      place: 'low',
      ...facts,
    } as Facts,
    isSuspected: false,
  };
};
const choiceOf = (faults: readonly Fault[], change: Partial<Prices> = {}, typed = {}): JobChoice =>
  jobsOf({ proposed: propose(faults), style, prices: { ...prices, ...change }, vocabulary: 'uk', typed });
const jobOf = ({ jobs }: JobChoice, id: string): Job => {
  const job = jobs.find((each) => each.id === id);
  if (!job) throw new Error(`no job ${id} among ${jobs.map((each) => each.id).join(', ')}`);
  return job;
};
/** What some jobs cost together, setting up, call-outs and ways once. */
const together = (
  { jobs, once }: JobChoice,
  ids: readonly string[],
  isPaid: readonly string[] = [],
): number => {
  const done = jobs.filter(({ id }) => ids.includes(id));
  const paid = once.filter(({ id }) => !isPaid.includes(id) && done.some((job) => job.once.includes(id)));
  return (
    done.reduce((sum, { cost }) => sum + (cost ? expected(cost) : 0), 0) +
    paid.reduce((sum, { cost }) => sum + cost, 0)
  );
};
const chips = (count: number) => [on('door-fl', 1, { kind: 'stone-chip', count, lengthMm: 2 })];

/** Worked by hand with the house figures; the bundles are common practice of the trade. */
describe('bundles', () => {
  it('from six chips on a panel is cheaper painted than touched in, where the way to the body shop is paid already', () => {
    const ids = ['touch-in finding door-fl 1', 'full-panel door-fl'] as const;
    const costs = (count: number) =>
      ids.map((id) => together(choiceOf(chips(count)), [id], ['call-out body-shop']));
    // 20 min to set up and 20 min a chip of £36 an hour, 80p of paint each; a door 65 min of £55 an hour and £27 of paint.
    expect(costs(5)).toEqual([1200 + 5 * (1200 + 80), 5958 + 2700]);
    expect(costs(5)[0]).toBeLessThan(costs(5)[1] as number);
    expect(costs(6)).toEqual([8880, 8658]);
  });

  it('one corner of a bumper is a local repair, both corners are a whole bumper', () => {
    const corner = (n: number) => on('bumper-front', n, { kind: 'scuff', nail: 'catches', lengthMm: 60 });
    const one = choiceOf([corner(1)]);
    const both = choiceOf([corner(1), corner(2)]);
    const local = (choice: JobChoice) =>
      together(choice, ['local-paint finding bumper-front 1', 'local-paint finding bumper-front 2']);
    const whole = (choice: JobChoice) => together(choice, ['full-panel bumper-front']);
    expect([local(one), whole(one)]).toEqual([8000 + 4000, 8658 + 6000]);
    expect([local(both), whole(both)]).toEqual([16_000 + 4000, 8658 + 6000]);
    expect(jobOf(both, 'full-panel bumper-front').mends).toHaveLength(2);
  });

  it('two wheels are done singly, three and four as a set', () => {
    const wheels = ['wheel-fl', 'wheel-fr', 'wheel-rl', 'wheel-rr'].map((part) =>
      on(part, 1, { kind: 'kerbing', lengthMm: 80, wheelFinish: 'painted', wheelWants: 'refinish' }),
    );
    expect(choiceOf(wheels.slice(0, 2)).jobs.map(({ id }) => id)).not.toContain('wheel-refurbish set');
    const single = expected(jobOf(choiceOf(wheels), 'wheel-refurbish finding wheel-fl 1').cost as never);
    for (const many of [3, 4]) {
      const set = jobOf(choiceOf(wheels.slice(0, many)), 'wheel-refurbish set');
      expect(set.cost).toEqual({ low: 25_900, high: 25_900 });
      expect(many * single).toBeGreaterThan(25_900);
      expect(set.lines.at(-1)).toEqual({ says: 'Done as a set of 4', amount: { low: -9100, high: -9100 } });
    }
  });

  it('from five panels on the whole car is polished', () => {
    const panels = ['door-fl', 'door-fr', 'door-rl', 'door-rr', 'wing-fl'];
    const costs = (n: number) => {
      const choice = choiceOf(panels.slice(0, n).map((part) => on(part, 1, { kind: 'swirls' })));
      const each = panels.slice(0, n).map((part) => `polish ${part}`);
      return [together(choice, each), together(choice, ['polish car'])];
    };
    // 20 min to set up of £25 an hour; a panel 30 min and £2; the car 150 min and £8.
    expect(costs(4)).toEqual([833 + 4 * 1450, 833 + 7050]);
    expect(costs(5)).toEqual([833 + 5 * 1450, 833 + 7050]);
  });

  it('a painted panel swallows all that is in its paint; a dent in it is made good first, and not the loose trim', () => {
    const choice = choiceOf([
      on('door-fl', 1, { kind: 'peel' }),
      on('door-fl', 2, { kind: 'dent', lengthMm: 20 }),
      on('door-fl', 3, { kind: 'swirls' }),
      on('door-fl', 4, { kind: 'loose' }),
    ]);
    const painted = jobOf(choice, 'full-panel door-fl');
    expect(painted.mends).toEqual([1, 2, 3].map((n) => `finding door-fl ${n}`));
    expect(painted.lines.map(({ says }) => says)).toEqual([
      '65 min of body shop',
      'Materials',
      'Made good first: 45 min of body shop',
      'Made good first: Materials',
    ]);
  });
});

describe('what a job costs', () => {
  it('is a range where the size was not measured, and how it came about is told', () => {
    const dent = choiceOf([on('door-fl', 1, { kind: 'dent' })]);
    const job = jobOf(dent, 'dent-removal finding door-fl 1');
    expect(job.cost).toEqual({
      low: labour(prices, 'dent-specialist', 25),
      high: labour(prices, 'dent-specialist', 80),
    });
    expect(job.lines).toEqual([{ says: '25 to 80 min of dent specialist', amount: job.cost }]);
    expect(dent.once.map(({ id, cost }) => [id, cost])).toContainEqual(['call-out dent-specialist', 4000]);
  });

  it('is not told while the price of the part or tyre is missing, and is once it was typed', () => {
    const tyre = { ...on('tyre-fl', 1, { kind: 'tyre' }), id: 'part tyre-fl', tyreSize: '205/55 R16' };
    const spoken = { ...tyre, tyreSize: '205/55R16 91V' };
    const id = 'replace part tyre-fl';
    expect(jobOf(choiceOf([tyre]), id).missing).toBe('the price of a tyre 205/55 R16');
    expect(jobOf(choiceOf([tyre]), id).cost).toBeUndefined();
    expect(jobOf(choiceOf([tyre], { tyres: [{ size: '205/55R16', each: 8200 }] }), id)).toMatchObject({
      cost: { low: 8200, high: 8200 },
      trade: 'tyre-fitter',
    });
    // Load and speed behind the size change nothing.
    expect(jobOf(choiceOf([spoken], { tyres: [{ size: '205/55 R16', each: 8200 }] }), id).cost?.low).toBe(
      8200,
    );
    const lamp = on('headlamp-l', 1, { kind: 'lamp-crack' });
    const lampJob = 'replace finding headlamp-l 1';
    expect(jobOf(choiceOf([lamp]), lampJob).missing).toBe('the price of the part');
    const known = jobOf(choiceOf([lamp], {}, { [lampJob]: 24_000 }), lampJob);
    expect(known.cost?.low).toBe(24_000 + labour(prices, 'workshop', 20));
    expect(known.missing).toBeUndefined();
  });

  it('is in whole pence, and adds up from its lines', () => {
    const choice = choiceOf([
      ...chips(7),
      on('bonnet', 1, { kind: 'swirls' }),
      on('roof', 1, { kind: 'scratch', lengthMm: 90 }),
      on('wheel-fl', 1, { kind: 'kerbing', wheelFinish: 'painted' }),
    ]);
    for (const { cost, lines, missing } of choice.jobs) {
      if (missing) continue;
      const sum = (end: 'low' | 'high') => lines.reduce((total, { amount }) => total + amount[end], 0);
      expect(cost).toEqual({ low: sum('low'), high: sum('high') });
      expect(Number.isInteger(cost?.low) && Number.isInteger(cost?.high)).toBe(true);
    }
  });

  it('where a qualified person looks first, that is the job', () => {
    const bent = {
      ...on('wheel-fl', 1, { kind: 'wheel-bent' }),
      lookFirst: 'Do not drive',
      unsafe: 'Do not drive',
    };
    expect(choiceOf([bent]).jobs.map(({ id, trade }) => [id, trade])).toEqual([
      ['find-out finding wheel-fl 1', 'workshop'],
    ]);
  });
});

describe('prices', () => {
  it.each([
    [{ currency: 'pounds' }, 'three letters'],
    [{ wheelSetPerMille: 1001 }, 'no more than its wheels'],
    [{ tax: { perMille: 501, isShown: true } }, 'at most 50 %'],
    [{ tyres: [{ size: '', each: 1 }] }, 'like 205/55 R16'],
    [{ trades: { ...prices.trades, valeter: { perHour: 12.5, callOut: 0 } } }, 'whole number of pence'],
  ])('%o is refused with what to change', (change, says) => {
    const refused = pricesSchema.safeParse({ ...prices, ...change });
    expect(refused.error?.issues[0]?.message).toContain(says);
  });

  it('the house figures are prices themselves', () => {
    expect(pricesSchema.parse(prices)).toEqual(prices);
  });
});
