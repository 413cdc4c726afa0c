import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import type { FilmDraft } from '#core/filmed';
import { readTalk } from '#core/speech';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, noted, WALK } from '../../../../../tests/builders/entries';
import { clockOf, groupOf } from './groups';

const style = bodyStyle('hatch-5');
const groupsOf = (text: string, facts: Fact[] = [], is: FilmDraft['is'] = 'open') =>
  readTalk([{ text }], { style, speech: testCar }).map(
    (draft) =>
      groupOf({ key: 'k', draft, is }, replay(WALK, entriesOf([begun, ...facts])), style, testCar).group,
  );

describe('what is to be done with a statement', () => {
  it.each<[string, string, Fact[], string]>([
    ['said plainly is taken with all others', 'nearside front door has a dent', [], 'said'],
    ['that only denies one fault is looked at', 'no kerbing on the nearside front wheel', [], 'look'],
    ['without its side is asked', 'the headlamp is cracked', [], 'ask'],
    [
      'that the walk says otherwise is looked at',
      'nearside front door is clear',
      [noted(1, 'door-fl')],
      'look',
    ],
    ['that goes elsewhere is looked at, and not logged', 'it is raining and the car is wet', [], 'look'],
  ])('%s', (_name, text, facts, group) => {
    expect(groupsOf(text, facts)).toEqual([group]);
  });

  it('that was dealt with is done, whatever it was', () => {
    expect(groupsOf('the headlamp is cracked', [], 'left-out')).toEqual(['done']);
  });
});

it('a second of a film is told in minutes', () => {
  expect([clockOf(0), clockOf(67.9), clockOf(3661)]).toEqual(['0:00', '1:07', '61:01']);
});
