import { describe, expect, it } from 'vitest';
import { hideReasons } from './hideReasons';
import { hideBoxesSchema, hideBoxSchema, markSchema, marksSchema, placeSchema } from './marksSchema';
import { isBare } from './overlay';

const says = (
  schema: { safeParse: (raw: unknown) => { success: boolean; error?: { issues: { message: string }[] } } },
  raw: unknown,
) => {
  const parsed = schema.safeParse(raw);
  return parsed.success ? 'taken' : parsed.error?.issues[0]?.message;
};
const at = { x: 0.5, y: 0.5 };

describe('a mark', () => {
  it('lies on the picture', () => {
    for (const place of [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
    ])
      expect(says(placeSchema, place)).toBe('taken');
    for (const place of [
      { x: -0.01, y: 0.5 },
      { x: 0.5, y: 1.01 },
    ])
      expect(says(placeSchema, place)).toBe('A place must lie on the picture.');
    expect(says(placeSchema, { x: 0.5 })).not.toBe('taken');
    expect(says(placeSchema, { ...at, z: 1 })).not.toBe('taken');
  });

  it('is of one of four kinds, each with what it needs', () => {
    const good = [
      { kind: 'ring', at, radius: 0.005 },
      { kind: 'ring', at, radius: 1 },
      { kind: 'arrow', from: at, to: at },
      { kind: 'line', from: at, to: at },
      { kind: 'line', from: at, to: at, label: '42 mm' },
      { kind: 'text', at, label: 'x' },
    ];
    for (const mark of good) expect(says(markSchema, mark)).toBe('taken');
    const bad = [
      { kind: 'ring', at, radius: 0.004 },
      { kind: 'ring', at, radius: 1.1 },
      { kind: 'arrow', from: at },
      { kind: 'text', at },
      { kind: 'star', at },
      { kind: 'ring', at, radius: 0.1, colour: 'red' },
    ];
    for (const mark of bad) expect(says(markSchema, mark)).not.toBe('taken');
  });

  it('says something, in 60 characters at most, without blanks around it', () => {
    const label = (words: string) => says(markSchema, { kind: 'text', at, label: words });
    expect(label('W'.repeat(60))).toBe('taken');
    expect(label('W'.repeat(61))).toBe('A label may hold 60 characters.');
    expect(label('   ')).toBe('Type what it should say.');
    expect(markSchema.parse({ kind: 'text', at, label: '  a dent ' })).toMatchObject({ label: 'a dent' });
  });

  it('is one of 50 at most', () => {
    const many = (n: number) => Array.from({ length: n }, () => ({ kind: 'ring', at, radius: 0.1 }));
    expect(says(marksSchema, many(50))).toBe('taken');
    expect(says(marksSchema, many(51))).toBe('A picture may carry 50 marks.');
  });
});

describe('a box that hides', () => {
  const box = (more: object = {}) => ({ x: 0.2, y: 0.3, width: 0.4, height: 0.5, hides: 'plate', ...more });
  it('has a size, a reason, and ends on the picture', () => {
    for (const hides of hideReasons) expect(says(hideBoxSchema, box({ hides }))).toBe('taken');
    expect(says(hideBoxSchema, box({ hides: 'rust' }))).not.toBe('taken');
    expect(says(hideBoxSchema, box({ width: 0.002, height: 0.002 }))).toBe('taken');
    expect(says(hideBoxSchema, box({ width: 0.001 }))).toBe('A box must have a width.');
    expect(says(hideBoxSchema, box({ height: 0.001 }))).toBe('A box must have a height.');
    expect(says(hideBoxSchema, box({ x: 0.6, y: 0.5 }))).toBe('taken');
    expect(says(hideBoxSchema, box({ x: 0.601 }))).toBe('A box must lie on the picture.');
    expect(says(hideBoxSchema, box({ y: 0.501 }))).toBe('A box must lie on the picture.');
    expect(says(hideBoxSchema, box({ x: 0, y: 0, width: 1, height: 1 }))).toBe('taken');
    expect(says(hideBoxSchema, box({ x: 0, width: 1.1 }))).not.toBe('taken');
    expect(says(hideBoxSchema, box({ y: 0, height: 1.1 }))).not.toBe('taken');
  });

  it('is one of 50 at most', () => {
    expect(
      says(
        hideBoxesSchema,
        Array.from({ length: 50 }, () => box()),
      ),
    ).toBe('taken');
    expect(
      says(
        hideBoxesSchema,
        Array.from({ length: 51 }, () => box()),
      ),
    ).toBe('A picture may carry 50 boxes.');
  });
});

it('a picture is bare when nothing at all lies over it', () => {
  expect(isBare({})).toBe(true);
  expect(isBare({ marks: [], boxes: [], spots: [] })).toBe(true);
  expect(isBare({ marks: [{ kind: 'ring', at, radius: 0.1 }] })).toBe(false);
  expect(isBare({ boxes: [{ x: 0, y: 0, width: 1, height: 1, hides: 'face' }] })).toBe(false);
  expect(isBare({ spots: [{ number: 1, at }] })).toBe(false);
});
