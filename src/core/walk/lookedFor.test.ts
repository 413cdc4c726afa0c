import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle, bodyStyleIds, extrasFor, type Part, styleOf } from '../car';
import { coverage, partStatus } from './coverage';
import type { Fact } from './entries';
import { findingKindIds } from './findingKinds';
import { looksFor, looksForAll, standingLooks } from './lookedFor';
import { lookIds, lookKinds, lookWords } from './lookTable';
import { replay } from './replay';
import { sweepPlan } from './sweepParts';

const hatch = bodyStyle('hatch-5');
const partOf = (id: string) => hatch.parts.get(id) as Part;
const walked = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const sweep = (...parts: string[]): Fact => ({
  kind: 'sweep-made',
  body: { over: { of: 'side', face: 'left' }, parts, absent: ['straight'] },
});

describe('what a person looks for', () => {
  it('is two to five things on every kind of part one looks at, on every body', () => {
    for (const id of bodyStyleIds)
      for (const part of styleOf({ bodyStyle: id, extras: extrasFor(id) }).parts.values()) {
        // Read, smelt, or only there or not: nothing is looked for.
        if (part.material === 'none' || part.kind === 'film') continue;
        expect(looksFor(part).length, part.id).toBeGreaterThanOrEqual(2);
        expect(looksFor(part).length, part.id).toBeLessThanOrEqual(5);
      }
  });

  // Handbook of the trade, common practice: what is said of each.
  it.each([
    ['door-fl', 'straight, no dents', 'door edge free of nicks'],
    ['headlamp-l', 'no water inside', 'no haze', 'no crack, fixings whole'],
    ['wheel-fl', 'no kerbing', 'not bent, no cracks'],
    ['seat-fl', 'firm', 'no cracks, no tears', 'no stains'],
    ['quarter-rl', 'no rust or bubbling where this type has it'],
    ['tyre-fl', 'no bulge, no cut', 'no cracks in the rubber'],
    ['windscreen', 'no chip, no crack'],
  ])('on %s: %s', (id, ...says) => {
    expect(looksFor(partOf(id)).map((look) => lookWords(look, 'uk'))).toEqual(expect.arrayContaining(says));
  });

  it('speaks of the same things as findings: every fault of paint, glass, wheels and cabin can be said not to be there', () => {
    const denied = new Set(lookIds.flatMap((id) => lookKinds(id)));
    const left = findingKindIds.filter((kind) => !denied.has(kind));
    expect(left).toEqual(expect.arrayContaining(['other']));
    for (const kind of ['dent', 'rust', 'kerbing', 'moisture', 'stain', 'leak'] as const)
      expect(denied).toContain(kind);
  });

  it('has words in both vocabularies, never mixed', () => {
    for (const id of lookIds) expect(lookWords(id, 'us')).not.toMatch(/kerb|respray|lacquer|tyre/);
  });

  it('is for many parts what fits most of them first', () => {
    const side = [...hatch.parts.values()].filter(({ face }) => face === 'left');
    const [first] = looksForAll(side);
    const fits = (id: typeof first) => side.filter((part) => id && looksFor(part).includes(id)).length;
    for (const id of looksForAll(side)) expect(fits(first)).toBeGreaterThanOrEqual(fits(id));
  });

  it('does not stand against a fault that does, and comes back when it was nothing', () => {
    const door = partOf('door-fl');
    const dent = walked(noted(1, 'door-fl'));
    expect(standingLooks(['straight', 'no-rust'], door, dent.findings)).toEqual(['no-rust']);
    const nothing = walked(noted(1, 'door-fl'), {
      kind: 'finding-dismissed',
      body: { finding: idOf(0xf001), why: 'water' },
    });
    expect(standingLooks(['straight', 'no-rust'], door, nothing.findings)).toEqual(['straight', 'no-rust']);
    // What makes no sense of a part is not said of it, however it came into the log.
    expect(standingLooks(['straight', 'no-water'], door, [])).toEqual(['straight']);
  });
});

describe('a sweep', () => {
  it('clears what it goes over, and says that it was a sweep', () => {
    const state = walked(sweep('door-fl', 'wing-fl'));
    expect(state.looks.get('door-fl')).toMatchObject({ status: 'clear', isOwn: false, swept: ['straight'] });
    expect(partStatus(state, 'wing-fl')).toBe('clear');
    expect(coverage(state, hatch).left.map(({ part }) => part)).not.toContain('wing-fl');
  });

  it('leaves alone what is in doubt and what could not be seen', () => {
    const state = walked(
      noted(1, 'door-fl', { suspected: true }),
      { kind: 'part-not-seen', body: { part: 'sill-l', why: 'wet' } },
      sweep('door-fl', 'sill-l', 'wing-fl'),
    );
    expect(state.looks.has('door-fl')).toBe(false);
    expect(state.looks.get('sill-l')).toMatchObject({ status: 'not-seen', why: 'wet' });
    expect(partStatus(state, 'door-fl')).toBe('second-look');
    expect(state.looks.get('wing-fl')?.status).toBe('clear');
  });

  it('goes over parts once it was nothing, and over what was seen after all', () => {
    const state = walked(
      noted(1, 'door-fl', { suspected: true }),
      { kind: 'finding-dismissed', body: { finding: idOf(0xf001), why: 'a reflection' } },
      sweep('door-fl'),
    );
    expect(state.looks.get('door-fl')?.status).toBe('clear');
  });

  it('adds to what was looked at by itself, before or after, and never takes it', () => {
    const own: Fact = { kind: 'part-cleared', body: { part: 'door-fl', absent: ['edge-clean'] } };
    const look = { status: 'clear', isOwn: true, absent: ['edge-clean'], swept: ['straight'] };
    expect(walked(own, sweep('door-fl')).looks.get('door-fl')).toMatchObject(look);
    expect(walked(sweep('door-fl'), own).looks.get('door-fl')).toMatchObject(look);
  });

  it('is taken back as one', () => {
    const [first, swept] = entriesOf([begun, sweep('door-fl', 'wing-fl')]);
    const [undo] = entriesOf([{ kind: 'undone', body: { entry: swept?.id ?? '' } }], WALK, 90);
    expect(
      replay(
        WALK,
        [first, swept, undo].flatMap((each) => each ?? []),
      ).looks.size,
    ).toBe(0);
  });

  it('is planned: what it would clear, and what it leaves alone and why', () => {
    const state = walked(
      noted(1, 'door-fl', { suspected: true }),
      noted(2, 'wing-fl'),
      { kind: 'part-not-seen', body: { part: 'sill-l', why: 'wet' } },
      { kind: 'part-cleared', body: { part: 'door-rl' } },
    );
    const { parts, left } = sweepPlan(state, hatch, { of: 'side', face: 'left' });
    expect(parts.every(({ face }) => face === 'left')).toBe(true);
    expect(parts.map(({ id }) => id)).toContain('door-rl');
    expect(Object.fromEntries(left.map(({ part, why }) => [part, why]))).toMatchObject({
      'door-fl': 'in doubt',
      'wing-fl': 'has findings',
      'sill-l': 'not seen',
    });
    const rest = sweepPlan(state, hatch, { of: 'rest' });
    expect(rest.parts.map(({ id }) => id)).not.toContain('door-rl');
    expect(rest.parts.map(({ id }) => id)).toContain('roof');
    expect(rest.left).toEqual([]);
  });
});
