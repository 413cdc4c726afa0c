import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import {
  composeReport,
  mustKnow,
  type ReportDocument,
  safetySays,
  saidNothingOf,
  verdictsOf,
} from '#core/report';
import { truthOf } from '../../tests/builders/pictures';
import { playScript } from './playScript';
import { walks } from './walks';
import { workWalks } from './workCars';

const now = new Date('2026-03-15T12:00:00.000Z');
const hashOf = (file: string) => createHash('sha256').update(file).digest('hex');
function reportOf(name: string): ReportDocument {
  const demo = [...walks, ...workWalks].find(({ script }) => script.name === name);
  if (!demo) throw new Error(`no walk ${name}`);
  const { walk, entries } = playScript(demo.script, demo.car, demo.who, now, hashOf, (file) => truthOf(file));
  return composeReport({
    id: walk,
    revision: 1,
    frozenAt: now.toISOString(),
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car: demo.car.details,
    walk,
    entries,
    photos: new Map(),
  });
}

/** What has to stand on the first screen of each car of the invented yard, and what is said to be silent. */
const cars: readonly [name: string, must: readonly RegExp[], silent: readonly RegExp[], worst: RegExp][] = [
  ['hatch', [/73,900 miles .* does not fit/, /^Not settled: ripple/], [], /^ask papers/],
  ['estate', [], [/switched on or driven/, /papers are not covered/, /keys/, /No prices/], /^look body/],
  ['pickup', [/^Not to be driven as it is: passenger side rear tyre.*1\.4 mm left/], [/keys/], /^stop tyres/],
  ['convertible', [], [/switched on or driven/, /No prices/], /^look body/],
  ['saloon', [/^Not settled: scuff/, /^Not settled: scratch/], [/mileage was not read/], /^look body/],
  ['work-garron', [], [/switched on or driven/, /No prices/], /^look body/],
];

describe('what a reader is told first', () => {
  it.each(cars)(
    'of the %s: what must be known, what nothing is said of, the worst first',
    (name, must, silent, worst) => {
      const report = reportOf(name);
      const told = mustKnow(report).map(({ says }) => says);
      for (const each of must)
        expect(
          told.some((line) => each.test(line)),
          `${each} in ${told}`,
        ).toBe(true);
      if (must.length === 0) expect(told).toEqual([]);
      const silence = saidNothingOf(report);
      for (const each of silent)
        expect(
          silence.some((line) => each.test(line)),
          `${each} in ${silence}`,
        ).toBe(true);
      const [first] = verdictsOf(report);
      expect(`${first?.weight} ${first?.area}`).toMatch(worst);
    },
  );

  it('has six verdicts of every report, each of its own area, with a figure, and no word of praise', () => {
    for (const { script } of [...walks, ...workWalks]) {
      const verdicts = verdictsOf(reportOf(script.name));
      expect(new Set(verdicts.map(({ area }) => area)).size).toBe(6);
      for (const { figure, says } of verdicts) {
        expect(figure).not.toBe('');
        expect(figure.length).toBeLessThan(20);
        expect(`${figure} ${says}`).not.toMatch(
          /\b(good|great|excellent|perfect|fine|clean|well|lovely|superb)\b/i,
        );
      }
    }
  });

  it('says always that it is no inspection, and of what bears on safety what it is', () => {
    expect(safetySays(reportOf('pickup'))).toMatch(
      /no safety inspection\. What was found bears on safety: .*1\.4 mm/,
    );
    expect(safetySays(reportOf('convertible'))).toMatch(
      /no safety inspection\. .*what was not looked at is not known/,
    );
  });
});
