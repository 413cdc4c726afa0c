import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import type { Entry, Fact } from '../../entries';
import { replay } from '../../replay';
import { captionsOf } from './state';

const FILM = idOf(0xf10);
const brought: Fact = { kind: 'walk-film-brought', body: { film: FILM, name: 'walk.mp4', seconds: 90 } };
const captioned = (piece: number, pieces: number, text: string, talk = idOf(0xf20)): Fact => ({
  kind: 'walk-film-captioned',
  body: { film: FILM, talk, piece, pieces, captions: [{ text, startS: piece * 10 }] },
});
const taken = (draft: string, ...entries: string[]): Fact => ({
  kind: 'draft-taken',
  body: { film: FILM, draft, atS: 12, says: 'two dents in the door', entries },
});

const filmOf = (entries: readonly Entry[]) => {
  const state = replay(WALK, entries);
  return { state, film: state.walkFilms.get(FILM) };
};

/** Begun, brought, a finding, and the word that it was taken from the film. */
const once = (): Entry[] => {
  const log = entriesOf([begun, brought, noted(1, 'door-fl')]);
  const [, , finding] = log as [Entry, Entry, Entry];
  return [...log, ...entriesOf([taken('finding 3 door-fl', finding.id)], WALK, 20)];
};

describe('a film of a walk', () => {
  it('is known with its name and its captions, once all pieces of them are here', () => {
    const one = entriesOf([begun, brought, captioned(1, 2, 'second')]);
    expect(captionsOf(filmOf(one).film ?? {})).toBeUndefined();
    const { film } = filmOf([...one, ...entriesOf([captioned(0, 2, 'first')], WALK, 20)]);
    expect(film).toMatchObject({ name: 'walk.mp4', seconds: 90, shiftS: 0 });
    expect(captionsOf(film ?? {})?.map(({ text }) => text)).toEqual(['first', 'second']);
  });

  it('has the captions that were brought last', () => {
    const { film } = filmOf(
      entriesOf([begun, brought, captioned(0, 2, 'old'), captioned(0, 1, 'new', idOf(0xf21))]),
    );
    expect(captionsOf(film ?? {})?.map(({ text }) => text)).toEqual(['new']);
  });

  it('tells of a finding where in it that was said', () => {
    const { state, film } = filmOf(once());
    expect(film?.taken.has('finding 3 door-fl')).toBe(true);
    expect([...state.saidInFilm.values()]).toEqual([{ film: FILM, atS: 12, says: 'two dents in the door' }]);
    expect(state.findings).toHaveLength(1);
  });

  it('leaves out what was left out, until it is taken', () => {
    const left: Fact = { kind: 'draft-left-out', body: { film: FILM, draft: 'finding 3 door-fl' } };
    expect(filmOf(entriesOf([begun, brought, left])).film?.leftOut.size).toBe(1);
    const { film } = filmOf([...once(), ...entriesOf([left], WALK, 30)]);
    expect([film?.leftOut.size, film?.taken.size]).toEqual([0, 1]);
  });
});

describe('a statement taken on two phones', () => {
  const twice = (): Entry[] => {
    const again = entriesOf([noted(2, 'door-fl')], WALK, 30);
    const [finding] = again as [Entry];
    return [...once(), ...again, ...entriesOf([taken('finding 3 door-fl', finding.id)], WALK, 40)];
  };

  it('counts once, in whatever order the phones send', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(twice(), { minLength: twice().length }), (log) => {
        const { state, film } = filmOf(log);
        expect(state.findings.map(({ id }) => id)).toEqual(filmOf(once()).state.findings.map(({ id }) => id));
        expect(film?.taken.size).toBe(1);
      }),
    );
  });

  it('stays when the first of the two is undone', () => {
    const log = twice();
    const first = log.filter(({ kind }) => kind === 'finding-noted' || kind === 'draft-taken').slice(0, 2);
    const undone = first.map(({ id }): Fact => ({ kind: 'undone', body: { entry: id } }));
    const { state, film } = filmOf([...log, ...entriesOf(undone, WALK, 60)]);
    expect(state.findings).toHaveLength(1);
    expect(film?.taken.size).toBe(1);
  });

  it('of other statements count each', () => {
    const more = entriesOf([noted(2, 'roof')], WALK, 30);
    const [finding] = more as [Entry];
    const { state } = filmOf([
      ...once(),
      ...more,
      ...entriesOf([taken('finding 9 roof', finding.id)], WALK, 40),
    ]);
    expect(state.findings).toHaveLength(2);
  });

  it('is open again when its finding was undone, though its picture was not', () => {
    const log = entriesOf([
      begun,
      brought,
      noted(1, 'door-fl'),
      { kind: 'photo-attached', body: { photo: 'a'.repeat(64), role: 'where', part: 'door-fl' } },
    ]);
    const made = log.slice(2).map(({ id }) => id);
    const undone: Fact = { kind: 'undone', body: { entry: made[0] ?? '' } };
    const all = [...log, ...entriesOf([taken('finding 3 door-fl', ...made), undone], WALK, 60)];
    expect(filmOf(all.slice(0, -1)).film?.taken.size).toBe(1);
    expect(filmOf(all).film?.taken.size).toBe(0);
  });

  it('is open again when all it put into the record was undone, entry by entry', () => {
    const log = once();
    const finding = log.find(({ kind }) => kind === 'finding-noted');
    const undone: Fact = { kind: 'undone', body: { entry: finding?.id ?? '' } };
    const { film, state } = filmOf([...log, ...entriesOf([undone], WALK, 60)]);
    expect([film?.taken.size, state.findings.length, state.saidInFilm.size]).toEqual([0, 0, 0]);
  });
});
