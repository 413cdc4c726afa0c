import { describe, expect, it } from 'vitest';
import { schoolIds, schools, usualRoute } from '#core/route';
import { preferredRule, routeChoices } from './routeChoices';
import { minutesWords, routeLine } from './routeWords';

const OWN = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1aaa';
const mine = { ...schools['panel-run'], name: 'Mine' };
const routes = { saved: [{ id: OWN, rule: mine }], preferred: OWN };

describe('the routes one may walk', () => {
  it('are the ready ones first, then one’s own', () => {
    const choices = routeChoices(routes);
    expect(choices.map(({ id }) => id)).toEqual([...schoolIds, OWN]);
    expect(choices.at(-1)).toEqual({ id: OWN, rule: mine, isOwn: true });
    expect(routeChoices(undefined)).toHaveLength(schoolIds.length);
  });

  it('begin with the preferred one; with the usual one when that is gone or not known yet', () => {
    expect(preferredRule(routes)).toEqual(mine);
    expect(preferredRule({ ...routes, saved: [] })).toEqual(usualRoute);
    expect(preferredRule(undefined)).toEqual(usualRoute);
  });
});

describe('routes in words', () => {
  it('say where they start, which way round and in which order', () => {
    expect(routeLine(schools['low-then-high'])).toBe('From the front left, anticlockwise; low, then high.');
  });

  it.each([
    [10, 'a minute'],
    [89, 'a minute'],
    [91, '2 minutes'],
    [720, '12 minutes'],
  ])('%d seconds are %s', (seconds, words) => expect(minutesWords(seconds)).toBe(words));
});
