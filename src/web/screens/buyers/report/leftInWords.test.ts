import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import { planRoute, usualRoute } from '#core/route';
import { coverage, type Fact, replay } from '#core/walk';
import { begun, entriesOf, WALK } from '../../../../../tests/builders/entries';
import { leftInWords } from './leftInWords';

const style = bodyStyle('hatch-5');
const uk = { country: 'GB', steering: 'right' } as const;
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const wordsAfter = (...parts: string[]) =>
  leftInWords(coverage(replay(WALK, entriesOf([begun, ...parts.map(clear)])), style), style, uk).map(
    ({ says }) => says,
  );

describe('what is left, in words', () => {
  it('says a whole side in one phrase', () => {
    expect(wordsAfter()).toEqual([
      'everything at the front',
      'everything at the nearside (left)',
      'everything at the rear',
      'everything at the offside (right)',
      'everything at the top',
      'everything in the cabin',
      'everything in the boot or bed',
      'everything under the bonnet',
      'everything underneath',
    ]);
  });

  it('names parts one by one where a side was begun', () => {
    const words = wordsAfter('roof');
    expect(words).toContain('aerial');
    expect(words).not.toContain('everything at the top');
  });

  it('is empty when nothing is left', () => {
    expect(wordsAfter(...planRoute(style, usualRoute).map((stop) => stop.part))).toEqual([]);
  });
});
