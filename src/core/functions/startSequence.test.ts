import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import {
  type FunctionCar,
  functionsFor,
  lampsOnWords,
  startSequence,
  warningLampName,
  warningLampOf,
  warningLampsFor,
} from '.';

const car = (over: Partial<FunctionCar> = {}): FunctionCar => ({ ...testCar, ...over });

describe('the start, step by step', () => {
  it('goes as people do it: key on, lamps, start, lamps out, idle, blower', () => {
    const order = startSequence(car({ fuel: 'petrol' }), 'uk').flatMap(({ functions }) => functions);
    const at = (id: (typeof order)[number]) => order.indexOf(id);
    const asked = ['lamps-light', 'starts-cold', 'lamps-out', 'idle-smooth', 'blower-speeds'] as const;
    const places = asked.map(at);
    expect(places.every((place) => place >= 0)).toBe(true);
    expect(places).toEqual(places.toSorted((a, b) => a - b));
  });

  it('fits the fuel: glow lamp for diesels, “ready” and no idle for electric cars', () => {
    const ids = (over: Partial<FunctionCar>) =>
      startSequence(car(over), 'uk').flatMap(({ functions }) => functions);
    expect(ids({ fuel: 'diesel' })).toContain('glow-lamp');
    expect(ids({ fuel: 'petrol' })).not.toContain('glow-lamp');
    expect(ids({ fuel: 'electric' })).toContain('ready-lamp');
    expect(ids({ fuel: 'electric' })).not.toContain('idle-smooth');
  });

  it('asks only for functions the car has, each once', () => {
    for (const fuel of ['petrol', 'diesel', 'electric', 'plug-in hybrid'] as const)
      for (const bodyStyle of ['hatch-5', 'van', 'tractor'] as const) {
        const build = car({ fuel, bodyStyle });
        const { usual, possible } = functionsFor(build);
        const has = new Set([...usual, ...possible].map(({ id }) => id));
        const ids = startSequence(build, 'uk').flatMap(({ functions }) => functions);
        expect(new Set(ids).size).toBe(ids.length);
        expect(ids.filter((id) => !has.has(id))).toEqual([]);
      }
  });

  it('speaks US words', () => {
    expect(startSequence(car(), 'us').map(({ asks }) => asks)).toContain('All warning lights out?');
  });
});

describe('warning lamps', () => {
  it('say who must look first where the handbook of the trade says so (common practice)', () => {
    for (const id of ['airbag', 'brakes', 'stability', 'anti-lock'] as const)
      expect(warningLampOf(id).caution).toContain('do not drive until a qualified person has checked it');
    expect(warningLampOf('oil-pressure').caution).toContain('switch off at once');
    expect(warningLampOf('high-voltage').caution).toContain('do not touch orange cables');
  });

  it('fit the car, and stand in one sentence', () => {
    expect(warningLampsFor(car({ fuel: 'petrol' }))).not.toContain('particle-filter');
    expect(warningLampsFor(car({ fuel: 'electric' }))).not.toContain('oil-pressure');
    expect(warningLampsFor(car({ bodyStyle: 'tractor' }))).toContain('air-pressure-low');
    expect(warningLampName('engine', 'us')).toBe('Check engine');
    expect(lampsOnWords(['airbag', 'engine'], 'uk')).toBe('airbag, engine management stay on');
    expect(lampsOnWords(['airbag'], 'uk')).toBe('airbag stays on');
  });
});
