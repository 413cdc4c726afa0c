import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, START, WALK } from '../../../../../tests/builders/entries';
import type { OpenWalk } from '../../../sync/useWalk';
import { filmOf, offsetOf, reasonWords } from './pictureList';
import { acceptFacts, placeFacts, setAsideFacts } from './placing';

const sha = (sign: string) => sign.repeat(64);
const walkOf = (...facts: Fact[]): OpenWalk => {
  const entries = entriesOf([begun, ...facts]);
  return {
    page: { walk: WALK, car: testCar, entries, photos: [], reports: [] },
    entries,
    state: replay(WALK, entries),
    style: bodyStyle('hatch-5'),
    record: () => [],
  };
};
const brought = (sign: string, takenAt?: string): Fact => ({
  kind: 'photo-brought',
  body: { photo: sha(sign), ...(takenAt && { takenAt }) },
});
const attached = (sign: string, part: string): Fact => ({
  kind: 'photo-attached',
  body: { photo: sha(sign), role: 'what', part },
});

describe('placing a picture', () => {
  it('takes it off where it was before', () => {
    const walk = walkOf(attached('a', 'roof'));
    const facts = placeFacts(
      walk.state,
      { sha256: sha('a') },
      { role: 'where', part: 'bonnet', finding: undefined },
    );
    expect(facts).toEqual([
      { kind: 'undone', body: { entry: walk.state.photos[0]?.entry } },
      { kind: 'photo-attached', body: { photo: sha('a'), role: 'where', part: 'bonnet' } },
    ]);
    // Said, the picture is in one place alone.
    const after = replay(WALK, [...walk.entries, ...entriesOf(facts, WALK, 90)]);
    expect(after.photos.map(({ part }) => part)).toEqual(['bonnet']);
  });

  it('of the whole car names neither part nor finding', () => {
    const [fact] = placeFacts(
      walkOf().state,
      { sha256: sha('a') },
      { role: 'whole-car', part: 'roof', finding: idOf(1) },
    );
    expect(fact).toEqual({ kind: 'photo-attached', body: { photo: sha('a'), role: 'whole-car' } });
  });

  it('accepts all proposals as they stand, and only proposals', () => {
    const { state } = walkOf(brought('a'), brought('b'));
    const proposal = { photo: sha('a'), part: 'roof', role: 'where', confidence: 1 } as never;
    const facts = acceptFacts(state, [{ sha256: sha('a'), proposal }, { sha256: sha('b') }]);
    expect(facts).toEqual([
      { kind: 'photo-attached', body: { photo: sha('a'), role: 'where', part: 'roof' } },
    ]);
  });

  it('set aside is out of the walk', () => {
    const walk = walkOf(attached('a', 'roof'));
    const after = replay(WALK, [...walk.entries, ...entriesOf(setAsideFacts(sha('a')), WALK, 90)]);
    expect(after.photos).toEqual([]);
  });
});

describe('the filmstrip', () => {
  it('shows what waits first, in the order it was taken, undated last; then each placed picture once', () => {
    const walk = walkOf(
      attached('a', 'roof'),
      attached('a', 'bonnet'),
      brought('d'),
      brought('c', '2026-03-14T09:40:00'),
      brought('b', '2026-03-14T09:31:00'),
    );
    expect(filmOf(walk).map(({ sha256 }) => sha256[0])).toEqual(['b', 'c', 'd', 'a']);
  });

  it('proposes the stop one stood at, and says why', () => {
    // The camera shows the time of this device's zone.
    const local = new Date(START + 60_000 - new Date(START).getTimezoneOffset() * 60_000)
      .toISOString()
      .slice(0, 19);
    const walk = walkOf(
      { kind: 'stop-reached', body: { part: 'roof' } },
      noted(1, 'roof'),
      brought('a', local),
    );
    expect(offsetOf(walk) % 1_800_000).toBe(0);
    const [frame] = filmOf(walk);
    expect(frame?.proposal).toMatchObject({ part: 'roof' });
    expect(frame?.proposal && reasonWords(frame.proposal)).toMatch(/taken \d+ (s|min)/);
  });

  it('takes the clock of the camera as it was set', () => {
    const walk = walkOf(brought('a', '2026-03-14T08:30:00'), {
      kind: 'camera-clock-set',
      body: { photo: sha('a'), takenAt: '2026-03-14T08:30:00', trulyAt: '2026-03-14T09:30:00.000Z' },
    });
    expect(offsetOf(walk)).toBe(3_600_000);
  });

  it.each([
    [{ code: 'during', secondsIn: 12 }, 0.9, 'Sure: taken 12 s after you came to this stop'],
    [{ code: 'before', seconds: 100 }, 0.5, 'Likely: taken 2 min before you came to this stop'],
    [{ code: 'after', seconds: 7200 }, 0.1, 'A guess: taken 2 h after you left this stop'],
    [{ code: 'burst' }, 0.8, 'Sure: shot in one go with others placed here'],
  ] as const)('says %j in words', (reason, confidence, says) => {
    expect(reasonWords({ reason, confidence } as never)).toBe(says);
  });
});
