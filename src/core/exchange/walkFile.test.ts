import { describe, expect, it } from 'vitest';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, WALK, WHO } from '../../../tests/builders/entries';
import { readWalkFile, WALK_FILE_VERSION } from './walkFile';

const stamp = '2026-03-01T00:00:00.000Z';
const good = {
  format: 'zelk-walk',
  version: 1,
  exportedAt: stamp,
  walk: WALK,
  car: { ...details, id: CAR, createdAt: stamp, updatedAt: stamp },
  people: [{ id: WHO, name: 'Nell Harrick' }],
  entries: entriesOf([begun]),
  photos: [],
  reports: [],
};
const problemOf = (raw: unknown) => {
  const reading = readWalkFile(raw);
  return reading.ok ? 'ok' : reading.problem;
};

describe('reading a walk file', () => {
  it('takes all versions, with and without fingerprints', () => {
    for (const version of [1, 2, 3, 4]) expect(problemOf({ ...good, version })).toBe('ok');
    expect(problemOf({ ...good, version: 2, fingerprints: { [WALK]: 'a'.repeat(64) } })).toBe('ok');
    expect(problemOf({ ...good, version: 2, fingerprints: { [WALK]: 'short' } })).toBe('damaged');
  });

  it('takes a good one', () => expect(problemOf(good)).toBe('ok'));

  it.each([
    [null, 'not-a-walk-file'],
    ['a text', 'not-a-walk-file'],
    [{ ...good, format: 'other' }, 'not-a-walk-file'],
    [{ ...good, version: WALK_FILE_VERSION + 1 }, 'newer-version'],
    [{ ...good, version: 0 }, 'damaged'],
    [{ ...good, entries: [] }, 'damaged'],
    [{ ...good, extra: 1 }, 'damaged'],
    [{ ...good, car: { ...good.car, year: 'old' } }, 'damaged'],
    [{ ...good, photos: [{ sha256: '../../etc/passwd' }] }, 'damaged'],
    [{ ...good, entries: entriesOf([begun], idOf(7)) }, 'damaged'],
  ])('tells what is wrong (%#)', (raw, problem) => {
    expect(problemOf(raw)).toBe(problem);
    const reading = readWalkFile(raw);
    if (!reading.ok) expect(reading.message.length).toBeGreaterThan(20);
  });

  it('names the place of the damage', () => {
    const reading = readWalkFile({ ...good, car: { ...good.car, country: 'XX' } });
    expect(!reading.ok && reading.message).toContain('car.country');
  });
});
