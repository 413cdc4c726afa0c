import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { type Fault, propose } from '../cures';
import { type Cure, cures, type Decision } from '../walk';
import { jobsOf } from './jobsOf';
import { modelFor, type PlanWish, planOf, planWishSchema } from './plan';
import { usualPrices } from './prices';

const style = bodyStyle('hatch-5');
const PANELS = ['bumper-front', 'bumper-rear', 'door-fl', 'bonnet', 'wing-fl'];
const fault = (part: string, kind: string, more: Partial<Fault> = {}): Fault => ({
  id: `finding ${part} ${kind}`,
  part: part as never,
  where: part,
  says: kind,
  facts: {
    kind,
    partKind: style.parts.get(part)?.kind,
    material: style.parts.get(part)?.material,
    panel: 'painted',
    underFilm: 'no',
    place: 'middle',
  } as Fault['facts'],
  isSuspected: false,
  notice: 'up-close',
  ...more,
});
const promised = (...of: Cure[]): Partial<Fault> => ({
  said: of.map((cure) => ({ cure })),
  decision: { is: 'promised' } as Decision,
});
const plannedFor = (faults: readonly Fault[], wish: Partial<PlanWish> = {}) => {
  const proposed = propose(faults);
  const choice = jobsOf({ proposed, style, prices: usualPrices('GBP'), vocabulary: 'uk', typed: {} });
  const wanted = planWishSchema.parse({ standard: 'safe-and-lawful', ...wish });
  return { proposed, choice, wanted, model: modelFor(proposed, choice, wanted) };
};
const rowsOf = (faults: readonly Fault[], wish: Partial<PlanWish> = {}) =>
  plannedFor(faults, wish).model.must.map(({ fault: of, by }) => [of, ...by]);

describe('what a walk decided', () => {
  it('is in the plan from the start, whatever the standard: both bumpers painted, the chips touched in', () => {
    const faults = [
      fault('bumper-front', 'scuff', promised('full-panel')),
      fault('bumper-rear', 'scratch', promised('full-panel')),
      fault('bonnet', 'stone-chip', promised('touch-in')),
      fault('door-fl', 'scratch'),
    ];
    for (const standard of ['safe-and-lawful', 'as-new'] as const)
      expect(rowsOf(faults, { standard })).toEqual(
        expect.arrayContaining([
          ['finding bumper-front scuff', 'full-panel bumper-front'],
          ['finding bumper-rear scratch', 'full-panel bumper-rear'],
          ['finding bonnet stone-chip', 'touch-in finding bonnet stone-chip'],
        ]),
      );
    expect(rowsOf(faults)).toHaveLength(3);
  });

  it('is of a side or the whole car too: a polish of it costs as one, and does the marks there with it', () => {
    const wide = (id: string): Fault => ({
      ...fault('door-fl', 'scratch', promised('polish')),
      id,
      facts: { kind: id.split(' ')[0] as string },
    });
    const { part: _, ...car } = wide('car');
    const { part: __, ...side } = wide('side left');
    const swirls = fault('wing-fl', 'swirls');
    const of = (faults: readonly Fault[], id: string) =>
      plannedFor(faults).choice.jobs.find((job) => job.id === id);
    expect(rowsOf([car, swirls])).toEqual([['car', 'polish car']]);
    const { minutes } = usualPrices('GBP').wholeCarPolish;
    expect(of([car, swirls], 'polish car')).toMatchObject({
      minutes: { low: minutes, high: minutes },
      mends: [swirls.id, 'car'],
    });
    expect(rowsOf([side, swirls])).toEqual([['side left', 'polish side left']]);
    const job = of([side, swirls], 'polish side left');
    expect(job?.mends).toEqual(['side left', swirls.id]);
    expect(job?.parts).toContain('door-rl');
    expect(job?.parts).not.toContain('door-fr');
    // As long as its panels one by one.
    const panels = (job?.parts ?? []).map((part) => fault(part, 'swirls'));
    const alone = plannedFor(panels).choice.jobs.filter(({ id }) =>
      job?.parts.some((part) => id === `polish ${part}`),
    );
    expect(job?.minutes.low).toBe(alone.reduce((total, each) => total + each.minutes.low, 0));
  });

  it('cannot be taken out by hand, and is kept before its price is known', () => {
    const out = { pins: { in: [], out: ['full-panel bumper-front'] } };
    expect(rowsOf([fault('bumper-front', 'scuff', promised('full-panel'))], out)).toEqual([
      ['finding bumper-front scuff', 'full-panel bumper-front'],
    ]);
    const { model, proposed, choice, wanted } = plannedFor([
      fault('bumper-front', 'broken', promised('replace')),
    ]);
    expect(model.must[0]?.by).toEqual(['replace finding bumper-front broken']);
    const plan = planOf(proposed, choice, wanted, model.must[0]?.by ?? []);
    expect(plan.unpriced).toEqual(['replace finding bumper-front broken']);
  });

  it('goes before the rules where a standard asks for it too; taken out by hand, the rules decide', () => {
    const advised = fault('door-fl', 'scratch', { said: [{ cure: 'touch-in' }] });
    const asked = { standard: 'as-new' } as const;
    expect(rowsOf([advised], asked)).toEqual([
      ['finding door-fl scratch', 'touch-in finding door-fl scratch'],
    ]);
    const out = { pins: { in: [], out: ['touch-in finding door-fl scratch'] } };
    expect(rowsOf([advised], { ...asked, ...out })[0]?.slice(1)).not.toContain(
      'touch-in finding door-fl scratch',
    );
  });

  it('is left where it was decided to leave it, and the plan says so', () => {
    const left = fault('door-fl', 'scratch', { decision: { is: 'left' } as Decision });
    const { model, proposed, choice, wanted } = plannedFor([left], { standard: 'as-new' });
    expect(model.must).toEqual([]);
    expect(planOf(proposed, choice, wanted, []).stays).toEqual([{ fault: left.id, because: 'left' }]);
    expect(rowsOf([left], { standard: 'own', own: [left.id] })).toHaveLength(1);
  });

  it('is whole in every plan: each promised cure has its job', () => {
    const anyFault = fc.record({
      part: fc.constantFrom(...PANELS),
      kind: fc.constantFrom('scratch', 'scuff', 'dent', 'stone-chip', 'rust', 'broken'),
      said: fc.uniqueArray(fc.constantFrom(...cures), { maxLength: 3 }),
      isPromised: fc.boolean(),
      isSuspected: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(anyFault, { maxLength: 6, selector: ({ part, kind }) => `${part} ${kind}` }),
        fc.constantFrom(...(['safe-and-lawful', 'not-one-step', 'as-new'] as const)),
        (all, standard) => {
          const faults = all.map(({ part, kind, said, isPromised, isSuspected }) =>
            fault(part, kind, {
              isSuspected,
              ...(isPromised ? promised(...said) : { said: said.map((cure) => ({ cure })) }),
            }),
          );
          const { model, choice } = plannedFor(faults, { standard });
          for (const { id, said = [], decision } of faults) {
            if (decision?.is !== 'promised') continue;
            for (const { cure } of said)
              expect(
                model.must.some(
                  ({ fault: of, by }) =>
                    of === id &&
                    by.every((job) => choice.jobs.some((each) => each.id === job && each.cure === cure)),
                ),
                `${cure} of ${id}`,
              ).toBe(true);
            expect(model.must.some(({ fault: of }) => of === id)).toBe(true);
          }
        },
      ),
    );
  });
});
