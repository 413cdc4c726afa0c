import { describe, expect, it } from 'vitest';
import { functionsFor } from '../../functions';
import { kitItemsFor } from '../../kit';
import { isHeavy } from '../../walk';
import type { ExtraId } from '../extras';
import { extrasFor } from '../extrasFor';
import { bodies } from './bodies';
import { type BodyStyleId, bodyOf, bodyStyleIds, bodyStyleNames, traitsOf } from './bodyOf';

const everyCar = ['leather-trim', 'tow-bar', 'mud-flaps', 'film', 'stripes', 'second-wheels'] as const;
const closed = [...everyCar, 'spoiler'] as const;
const pickup = [
  'glass-roof',
  ...everyCar,
  'roof-rails',
  'side-steps',
  'guard-bar',
  'flares',
  'twin-rear-wheels',
  'bed-liner',
  'bed-cover',
] as const;

/** What each style can have, told by hand beside the traits it follows from (common practice). */
const expected: Record<BodyStyleId, readonly ExtraId[]> = {
  'hatch-5': [...closed, 'roof-rails', 'glass-roof'],
  'hatch-3': [...closed, 'glass-roof'],
  saloon: [...closed, 'roof-rails', 'glass-roof'],
  coupe: [...closed, 'glass-roof', 'flares'],
  convertible: [...closed, 'hard-top'],
  estate: [...closed, 'glass-roof', 'third-row'],
  suv: [...closed, 'glass-roof', 'third-row', 'side-steps', 'guard-bar', 'flares'],
  'suv-3': [...closed, 'roof-rails', 'glass-roof', 'side-steps', 'guard-bar', 'flares'],
  mpv: [...closed, 'roof-rails', 'glass-roof', 'third-row', 'side-steps'],
  van: [...closed, 'glass-roof', 'roof-rails', 'side-steps', 'guard-bar'],
  pickup,
  'pickup-single': pickup,
  tractor: ['leather-trim', 'guard-bar', 'film', 'stripes'],
  'tractor-bonnet': ['leather-trim', 'guard-bar', 'film', 'stripes'],
};

const carOf = (bodyStyle: BodyStyleId, extras: ExtraId[] = []) =>
  ({ bodyStyle, fuel: 'petrol', extras, year: 2018 }) as const;
const canHave = (bodyStyle: BodyStyleId): ReadonlySet<string> => {
  const { usual, possible } = functionsFor({ ...carOf(bodyStyle), extras: [] });
  return new Set([...usual, ...possible].map(({ id }) => id));
};
const stylesThat = (holds: (id: BodyStyleId) => boolean) => bodyStyleIds.filter(holds).toSorted();

describe.each(bodyStyleIds)('a %s', (id) => {
  it('can have just these extras', () => {
    expect(extrasFor(id).toSorted()).toEqual([...expected[id]].toSorted());
  });

  it('is drawn from a car’s profile or a heavy vehicle’s, never both', () => {
    const body = bodyOf(id);
    expect('profile' in body).not.toBe('truck' in body);
    expect('truck' in body).toBe(traitsOf(id).isTruck === true);
    expect(isHeavy(id)).toBe('truck' in body);
  });

  it('has rear doors on its map where its traits say so, hinged or sliding', () => {
    const body = bodyOf(id);
    const { hasRearDoors, hasSlidingDoor } = traitsOf(id);
    if ('profile' in body)
      expect(body.profile.doors.rear !== undefined).toBe(hasRearDoors === true || hasSlidingDoor === true);
  });

  it('ends as it is drawn', () => {
    const body = bodyOf(id);
    if (!('profile' in body)) return;
    const { rear } = traitsOf(id);
    expect(body.profile.bed !== undefined).toBe(rear === 'bed');
    if (rear !== 'bed') expect(body.profile.rearLid).toBe(rear);
    expect(body.profile.softTop === true).toBe(traitsOf(id).hasSoftTop === true);
  });

  it('takes rails only where it has none already', () => {
    const body = bodyOf(id);
    if ('profile' in body && body.profile.roofRails) expect(extrasFor(id)).not.toContain('roof-rails');
  });

  it('has a name in both vocabularies', () => {
    expect(bodyStyleNames[id]).toEqual({ uk: bodies[id].uk, us: bodies[id].us });
  });
});

describe('what follows from traits', () => {
  it.each<[string, readonly BodyStyleId[]]>([
    ['soft-top-down', ['convertible']],
    ['sliding-door', ['mpv', 'van']],
    ['power-tailgate', ['estate', 'hatch-3', 'hatch-5', 'mpv', 'suv', 'van']],
    ['work-lamps', ['pickup', 'pickup-single', 'tractor', 'tractor-bonnet']],
    ['tachograph', ['tractor', 'tractor-bonnet']],
    ['child-locks', ['estate', 'hatch-5', 'mpv', 'pickup', 'saloon', 'suv']],
    [
      'rear-seat-heat',
      ['convertible', 'coupe', 'estate', 'hatch-3', 'hatch-5', 'mpv', 'pickup', 'saloon', 'suv', 'suv-3'],
    ],
    ['rear-wiper', ['estate', 'hatch-3', 'hatch-5', 'mpv', 'suv', 'suv-3', 'van']],
  ])('the function %s is on these', (wanted, styles) => {
    expect(stylesThat((id) => canHave(id).has(wanted))).toEqual(styles);
  });

  it.each<[string, readonly BodyStyleId[]]>([
    ['load-cover', ['estate', 'hatch-3', 'hatch-5', 'mpv', 'suv', 'suv-3']],
    ['chocks', ['tractor', 'tractor-bonnet']],
    ['trailer-lines', ['tractor', 'tractor-bonnet']],
  ])('the thing %s comes with these', (wanted, styles) => {
    const comes = (id: BodyStyleId) =>
      kitItemsFor({ ...carOf(id), extras: [] }).some((item) => item === wanted);
    expect(stylesThat(comes)).toEqual(styles);
  });

  it('and what is fitted decides the rest', () => {
    const withBar = functionsFor({ ...carOf('suv'), extras: ['tow-bar', 'glass-roof'] });
    const ids = [...withBar.usual, ...withBar.possible].map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['tow-electrics', 'sunroof']));
    expect(canHave('suv').has('tow-electrics')).toBe(false);
  });
});
