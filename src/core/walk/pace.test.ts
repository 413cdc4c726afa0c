import { describe, expect, it } from 'vitest';
import { begun, entriesOf } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { planRoute, usualRoute } from '../route';
import type { Entry, Fact } from './entries';
import { estimateSeconds, learnPace, noPace } from './pace';

const style = bodyStyle('hatch-5');
const stop = (part: string): Fact => ({ kind: 'stop-reached', body: { part } });
/** Reaches these stops, each so many seconds after the one before. */
const walked = (stops: readonly (readonly [string, number])[]): Entry[] => {
  let at = Date.parse('2026-03-14T09:30:00.000Z');
  return entriesOf([begun, ...stops.map(([part]) => stop(part))]).map((entry, i) => {
    at += 1000 * (stops[i - 1]?.[1] ?? 0);
    return { ...entry, at: new Date(at).toISOString() };
  });
};

describe('a person’s pace', () => {
  it('is the median time at each kind of part, whichever door it was', () => {
    const entries = walked([
      ['bonnet', 0],
      ['door-fl', 20],
      ['door-rl', 6],
      ['door-fr', 8],
      ['door-rr', 10],
      ['roof', 280],
      ['bonnet', 3],
    ]);
    // Doors took 6, 8, 10 and 280 s: one telephone call hardly moves the median.
    expect(learnPace([{ style, entries }]).seconds.door).toBe(9);
  });

  it('says nothing of kinds seen fewer than three times, nor of stops longer than five minutes', () => {
    const entries = walked([
      ['roof', 0],
      ['bonnet', 900],
      ['roof', 4],
      ['bonnet', 5],
    ]);
    expect(learnPace([{ style, entries }]).seconds).toEqual({});
  });

  it('replaces the house figures where known', () => {
    const stops = planRoute(style, usualRoute);
    const house = estimateSeconds(style, stops, noPace);
    const doors = stops.filter(({ part }) => part.startsWith('door-')).length;
    const slow = estimateSeconds(style, stops, { walks: 3, seconds: { door: 68 } });
    expect(slow - house).toBe(60 * doors);
    // Five to twelve minutes, as in common practice.
    expect(house).toBeGreaterThan(300);
    expect(house).toBeLessThan(720);
  });
});
