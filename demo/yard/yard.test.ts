import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { bodyStyle, carTitle, checkedCarDetailsSchema, checkIdentity } from '#core/car';
import { checkEntry, coverage, replay } from '#core/walk';
import { cars, hatch, saloon } from './cars';
import { nell } from './people';
import { playScript } from './playScript';
import { hatchScript, saloonScript } from './script';

const now = new Date('2026-03-15T12:00:00.000Z');
const hashOf = (file: string) => Buffer.from(file).toString('hex').padEnd(64, '0').slice(0, 64);

describe('the invented yard', () => {
  it('has six cars of different body styles, countries and paints, with numbers in order', () => {
    expect(new Set(cars.map((car) => car.details.bodyStyle)).size).toBe(6);
    expect(new Set(cars.map((car) => car.details.country)).size).toBeGreaterThanOrEqual(5);
    for (const { details } of cars) {
      expect(checkedCarDetailsSchema.parse(details)).toEqual(details);
      expect(checkIdentity(details.identityNumber, details.country)).toEqual({ status: 'ok' });
      expect(carTitle(details)).toContain(String(details.year));
    }
  });

  it.each([
    ['hatch', hatchScript, hatch],
    ['saloon', saloonScript, saloon],
  ])('plays the %s’s walk as entries the server takes', (_name, script, car) => {
    const { walk, entries } = playScript(script, car, nell, now, hashOf);
    const style = bodyStyle(car.details.bodyStyle);
    for (const entry of entries) expect(checkEntry(entry, { walk, now, style })).toEqual({ ok: true, entry });
    expect(entries.map((entry) => entry.at)).toEqual(entries.map((entry) => entry.at).toSorted());
  });

  it('has one walk finished with 12 findings and a dozen pictures, and one half done', () => {
    const state = (script: typeof hatchScript, car: typeof hatch) => {
      const { walk, entries } = playScript(script, car, nell, now, hashOf);
      return replay(walk, entries);
    };
    const done = state(hatchScript, hatch);
    expect(done.findings.filter((finding) => finding.standing.status !== 'dismissed')).toHaveLength(12);
    expect(done.photos).toHaveLength(12);
    expect(coverage(done, bodyStyle('hatch-5')).left).toEqual([]);
    const half = coverage(state(saloonScript, saloon), bodyStyle('saloon'));
    expect(half.left.length).toBeGreaterThan(20);
  });

  it('names only pictures there are', () => {
    const named = [
      ...hatchScript.whole,
      ...Object.values(hatchScript.partPhotos).map((photo) => photo.file),
      ...Object.values(hatchScript.findings).flatMap((list) =>
        list.flatMap((finding) => (finding.photos ?? []).map((photo) => photo.file)),
      ),
    ];
    expect(named).toHaveLength(12);
    for (const file of named) expect(existsSync(`demo/pictures/${file}.jpg`)).toBe(true);
  });
});
