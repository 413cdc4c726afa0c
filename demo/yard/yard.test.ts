import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { carTitle, checkedCarDetailsSchema, checkIdentity, styleOf } from '#core/car';
import { contradictions } from '#core/readings';
import { composeReport } from '#core/report';
import { checkEntry, coverage, replay } from '#core/walk';
import { truthOf } from '../../tests/builders/pictures';
import { cars } from './cars';
import { playScript } from './playScript';
import { picturesNamed, type Script } from './script';
import { type DemoWalk, walks } from './walks';

const now = new Date('2026-03-15T12:00:00.000Z');
const hashOf = (file: string) => createHash('sha256').update(file).digest('hex');
const played = ({ script, car, who }: DemoWalk) =>
  playScript(script, car, who, now, hashOf, (file) => truthOf(file));
const stateOf = (name: string) => {
  const demo = walks.find(({ script }) => script.name === name) as DemoWalk;
  const { walk, entries } = played(demo);
  return { state: replay(walk, entries), style: styleOf(demo.car.details), demo };
};

describe('the invented yard', () => {
  it('has eight cars of different body styles, in several countries and paints, with numbers in order', () => {
    expect(new Set(cars.map((car) => car.details.bodyStyle)).size).toBe(8);
    expect(new Set(cars.map((car) => car.details.country)).size).toBeGreaterThanOrEqual(6);
    expect(new Set(cars.map((car) => car.details.steering))).toEqual(new Set(['left', 'right']));
    expect(new Set(cars.map((car) => car.id)).size).toBe(8);
    for (const { details } of cars) {
      expect(checkedCarDetailsSchema.parse(details)).toEqual(details);
      expect(checkIdentity(details.identityNumber, details.country)).toEqual({ status: 'ok' });
      expect(carTitle(details)).toContain(String(details.year));
    }
  });

  it('has a commercial vehicle, a convertible with a hard top and an import steered on the other side', () => {
    const styles = cars.map((car) => car.details.bodyStyle);
    expect(styles).toContain('pickup');
    expect(styles).toContain('convertible');
    expect(cars.find(({ details }) => details.bodyStyle === 'convertible')?.details.extras).toContain(
      'hard-top',
    );
    expect(cars.some(({ details }) => details.country === 'GB' && details.steering === 'left')).toBe(true);
  });

  it.each(walks.map((demo) => [demo.script.name, demo] as const))(
    'plays the walk of the %s as entries the server takes',
    (_name, demo) => {
      const { walk, entries } = played(demo);
      const style = styleOf(demo.car.details);
      for (const entry of entries)
        expect(checkEntry(entry, { walk, now, style })).toEqual({ ok: true, entry });
      expect(entries.map((entry) => entry.at)).toEqual(entries.map((entry) => entry.at).toSorted());
    },
  );

  it('has a flagship of 40 findings and 60 pictures, a few of them dismissed suspicions', () => {
    const { state, style } = stateOf('hatch');
    expect(state.findings).toHaveLength(40);
    expect(state.photos).toHaveLength(60);
    const standing = (status: string) =>
      state.findings.filter((finding) => finding.standing.status === status).length;
    expect(standing('dismissed')).toBeGreaterThanOrEqual(3);
    expect(standing('suspected')).toBe(1);
    expect(coverage(state, style).left).toEqual([]);
  });

  it.each(walks.map((demo) => [demo.script.name, demo] as const))(
    'says nothing of the %s that cannot both hold',
    (_name, demo) => {
      const { walk, entries } = played(demo);
      const state = replay(walk, entries);
      expect(contradictions(state)).toEqual([]);
      for (const { details, kind } of state.findings)
        if (kind === 'rust') expect(details.severity, demo.script.name).toBeDefined();
    },
  );

  it('says first of the pick-up that it is not to be driven', () => {
    const demo = walks.find(({ car }) => car.details.bodyStyle === 'pickup') as DemoWalk;
    const { walk, entries } = played(demo);
    const { summary, paragraph } = composeReport({
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
    expect(summary[0]).toMatch(/^Not to be driven until a qualified person has checked it: .*1\.4 mm left/);
    expect(paragraph).toContain('Not to be driven until a qualified person has checked it: ');
  });

  it('has one walk half done, and cars not begun', () => {
    const { state, style } = stateOf('saloon');
    expect(coverage(state, style).left.length).toBeGreaterThan(20);
    const walked = new Set(walks.map(({ car }) => car.id));
    expect(cars.filter((car) => !walked.has(car.id)).length).toBeGreaterThanOrEqual(1);
  });

  it('shows a respray by what the eye finds, on one corner of the car', () => {
    const { state } = stateOf('estate');
    const signs = state.findings.filter((finding) => finding.kind === 'respray-sign');
    expect(signs.length).toBeGreaterThanOrEqual(2);
    for (const sign of signs) expect(sign.part).toMatch(/-rr$/);
  });

  it('walks every part of a car it is done with', () => {
    for (const { script } of walks.filter(({ isFrozen }) => isFrozen)) {
      const { state, style } = stateOf(script.name);
      expect(coverage(state, style).left).toEqual([]);
    }
  });

  it('names only parts the car has', () => {
    for (const { script, car } of walks) {
      const { parts } = styleOf(car.details);
      const named = [script.findings, script.notSeen, script.treads].flatMap((each) => Object.keys(each));
      for (const part of named) expect(parts.has(part), `${car.details.model} ${part}`).toBe(true);
    }
  });

  it('names only pictures there are, each once', () => {
    const named = walks.flatMap(({ script }: { script: Script }) => picturesNamed(script));
    expect(new Set(named).size).toBe(named.length);
    for (const file of named) expect(existsSync(`demo/pictures/${file}.jpg`), file).toBe(true);
  });
});
