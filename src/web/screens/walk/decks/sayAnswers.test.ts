import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import { parseShorthand } from '#core/shorthand';
import { answersTo, without } from './sayAnswers';

const speech = { country: 'GB', steering: 'right' } as const;
const style = bodyStyle('hatch-5');
const read = (line: string) => parseShorthand(line, { style, speech });

describe('answers in one tap', () => {
  it('say the side and the end in turn until nothing is open', () => {
    let line = 'door dent 30mm';
    for (const label of ['Offside (right)', 'Rear']) {
      const [question] = read(line).questions;
      if (!question) throw new Error('nothing was asked');
      const answer = answersTo(question, speech).find((each) => each.label === label);
      line = answer?.change(line) ?? line;
    }
    expect(read(line)).toMatchObject({ part: 'door-rr', kind: 'dent', questions: [] });
  });

  it('take the other of two back', () => {
    const [question] = read('left right wing scratch').questions;
    if (!question) throw new Error('nothing was asked');
    const [left, right] = answersTo(question, speech);
    expect(read(left?.change('left right wing scratch') ?? '').part).toBe('wing-fl');
    expect(read(right?.change('left right wing scratch') ?? '').part).toBe('wing-fr');
  });

  it('are none where only words will do', () => {
    expect(answersTo({ code: 'which-kind' }, speech)).toEqual([]);
  });
});

describe('taking a phrase back', () => {
  it.each([
    ['left wing scratch', 'left', 'wing scratch'],
    ['scratch, 140 mm, left wing', '140 mm', 'scratch, , left wing'],
    ['leftover left', 'left', 'leftover'],
  ])('from “%s” takes “%s”', (line, phrase, rest) => expect(without(line, phrase)).toBe(rest));
});
