import { describe, expect, it } from 'vitest';
import { begun, entriesOf, WALK } from '../../../tests/builders/entries';
import { bodyStyle, styleOf } from '../car';
import { asBuilt } from './asBuilt';
import type { Fact } from './entries';
import { isOdd, kindsFor, likelyCures, otherKindsFor } from './findingKinds';
import { isGauged } from './readable';
import { replay } from './replay';

const hatch = bodyStyle('hatch-5');
const built = (...facts: Fact[]) => {
  const state = replay(WALK, entriesOf([begun, ...facts]));
  return asBuilt(hatch, state);
};
const of = (part: string, material: Extract<Fact, { kind: 'material-noted' }>['body']['material']): Fact => ({
  kind: 'material-noted',
  body: { part, material },
});

describe('a car as it is built', () => {
  it('is as such cars are while nothing was noted', () => expect(built()).toBe(hatch));

  it('has its own materials, and the kinds of finding, the gauge and the cures that follow', () => {
    const style = built(of('bonnet', 'aluminium'), of('wing-fl', 'plastic'), of('roof', 'carbon'));
    const part = (id: string) => style.parts.get(id) as NonNullable<ReturnType<typeof style.parts.get>>;
    expect(part('bonnet').material).toBe('aluminium');
    expect(kindsFor(part('bonnet'))).toContain('bloom');
    expect(kindsFor(part('bonnet'))).not.toContain('rust');
    expect(isGauged(part('bonnet'))).toBe(true);
    expect(isGauged(part('wing-fl'))).toBe(false);
    expect(isGauged(part('roof'))).toBe(false);
    // The rest, and the style that all such cars share, are as they were.
    expect(part('door-fl')).toEqual(hatch.parts.get('door-fl'));
    expect(hatch.parts.get('bonnet')?.material).toBe('steel');
  });

  it('takes a material back', () => {
    expect(built(of('bonnet', 'aluminium'), of('bonnet', null)).parts.get('bonnet')?.material).toBe('steel');
  });

  it('has film where it was drawn, and nowhere else once it was drawn at all', () => {
    const filmed = styleOf({ bodyStyle: 'hatch-5', extras: ['film'] });
    expect(filmed.parts.get('bonnet')?.underFilm).toBe(true);
    const state = replay(
      WALK,
      entriesOf([
        begun,
        { kind: 'film-noted', body: { part: 'door-fl', cover: 'short', where: 'at the edge' } },
      ]),
    );
    const style = asBuilt(filmed, state);
    expect(style.parts.get('door-fl')?.underFilm).toBe(true);
    expect(style.parts.get('bonnet')?.underFilm).toBe(false);
  });
});

describe('kinds of finding', () => {
  it('are all offered on every part, the usual ones first, the odd ones asked about', () => {
    for (const part of hatch.parts.values()) {
      const [usual, others] = [kindsFor(part), otherKindsFor(part)];
      expect(new Set([...usual, ...others]).size).toBe(usual.length + others.length);
      for (const kind of usual) expect(isOdd(kind, part)).toBe(false);
    }
  });

  it('have the cure that fits how bad it is first', () => {
    expect(likelyCures('scratch', 'slight')[0]).toBe('polish');
    expect(likelyCures('scratch', 'plain')[0]).toBe('touch-in');
    expect(likelyCures('scratch', 'heavy')[0]).toBe('local-paint');
    expect(likelyCures('kerbing', 'heavy')).toEqual(['wheel-refurbish']);
    expect(likelyCures('scratch')).toEqual(likelyCures('scratch', 'slight'));
  });
});
