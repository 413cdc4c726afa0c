import { expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { answered, kindChoices } from './answered';
import type { Draft } from './drafts';
import { isTakeable } from './factsOf';
import { readTalk } from './readTalk';

const style = bodyStyle('hatch-5');
const only = (text: string, here?: string): Draft => {
  const drafts = readTalk([{ text }], {
    style,
    speech: { country: 'GB', steering: 'right' },
    ...(here && { here }),
  });
  expect(drafts).toHaveLength(1);
  return drafts[0] as Draft;
};

it('takes the side of a fault, and it may be logged then', () => {
  const asked = only('headlamp is cracked');
  expect(asked).toMatchObject({ sure: 'ask', choices: ['headlamp-l', 'headlamp-r'] });
  expect(isTakeable(asked, style)).toBe(false);
  const told = answered(asked, { part: 'headlamp-r' }, style);
  expect(told).toMatchObject({ part: 'headlamp-r', kind: 'lamp-crack', sure: 'said', questions: [] });
  expect(isTakeable(told, style)).toBe(true);
});

it('takes the side of a part that is clear', () => {
  const asked = only('the headlamp is fine');
  expect(asked).toMatchObject({ is: 'clear', sure: 'ask' });
  expect(answered(asked, { part: 'headlamp-l' }, style)).toMatchObject({
    is: 'clear',
    part: 'headlamp-l',
    sure: 'said',
  });
});

it('offers to leave it a mark where nobody can say yet what it is', () => {
  const asked = only('there is a mark on the bonnet');
  if (asked?.is !== 'finding') throw new Error('no finding');
  expect(kindChoices(asked, style).at(-1)).toBe('mark');
  const mark = answered(asked, { kind: 'mark' }, style);
  expect(mark).toMatchObject({ kind: 'mark', questions: [], sure: 'said' });
});

it('asks on for what is still open: a mark of no kind on the part that was chosen', () => {
  const asked = only('there is a mark on the headlamp');
  const withPart = answered(asked, { part: 'headlamp-l' }, style);
  expect(withPart).toMatchObject({ part: 'headlamp-l', sure: 'ask', questions: ['which-kind'] });
  const [kind] = withPart.is === 'finding' ? kindChoices(withPart, style) : [];
  expect(kind).toBeDefined();
  expect(answered(withPart, { ...(kind && { kind }) }, style)).toMatchObject({
    kind,
    sure: 'said',
    questions: [],
  });
});

it('leaves as it was what no answer fits', () => {
  const clear = only('the headlamp is fine');
  expect(answered(clear, { part: 'no-such-part' }, style)).toEqual(clear);
  expect(answered(clear, {}, style)).toEqual(clear);
  const keys = only('two keys');
  expect(answered(keys, { part: 'headlamp-l' }, style)).toEqual(keys);
});

it('takes the back door for the one that is there: of three doors the one it is loaded by', () => {
  const partOf = (bodyStyleId: 'suv' | 'suv-3') => {
    const [draft] = readTalk([{ text: 'nearside, back door has a dent in it' }], {
      style: bodyStyle(bodyStyleId),
      speech: { country: 'GB', steering: 'right' },
    });
    return draft?.is === 'finding' ? draft.part : undefined;
  };
  expect(partOf('suv')).toBe('door-rl');
  expect(partOf('suv-3')).toBe('swingdoor');
});
