import { describe, expect, it } from 'vitest';
import { numberAt } from './numbers';
import { talkWords } from './words';

const read = (text: string) => numberAt(talkWords([{ text }]), 0);

describe('a number as it is said', () => {
  it.each([
    ['ninety one thousand four hundred and seven', { low: 91_407, high: 91_407, used: 7 }],
    ['a hundred and thirty-two', { low: 132, high: 132, used: 5 }],
    ['forty eight thousand two hundred and thirteen miles', { low: 48_213, high: 48_213, unit: 'miles' }],
    ['one eighty three', { low: 183, high: 183 }],
    ['two forty', { low: 240, high: 240 }],
    ['47k', { low: 47_000, high: 47_000 }],
    ['six and a half', { low: 6.5, high: 6.5 }],
    ['two point two', { low: 2.2, high: 2.2 }],
    ['six to seven mil', { low: 6, high: 7, unit: 'mil' }],
    ['nine thirty-seconds', { low: 9, high: 9, unit: '32' }],
    ['4/32', { low: 4, high: 4, unit: '32' }],
    ['an inch and a half', { low: 1.5, high: 1.5, unit: 'in' }],
    ['half an inch', { low: 0.5, high: 0.5, unit: 'in' }],
    ['an eighth of an inch', { low: 0.125, high: 0.125, unit: 'in' }],
    ['a quarter inch', { low: 0.25, high: 0.25, unit: 'in' }],
    ['sixty by seventeen', { low: 60, high: 60, second: 17 }],
    ['a hundred and twenty by fifty', { low: 120, second: 50 }],
    ['four by two inches', { low: 4, second: 2, unit: 'in' }],
    ['46mm', { low: 46, unit: 'mm' }],
    ['a couple of', { low: 2 }],
    ['half a dozen', { low: 6 }],
  ] as const)('%s', (text, wanted) => {
    expect(read(text)).toMatchObject(wanted);
  });

  it('ends where the next begins', () => {
    expect(read('hundred and ten hundred and twelve')).toMatchObject({ high: 110, used: 3 });
    expect(read('six, six and a half')).toMatchObject({ high: 6, used: 1 });
    expect(read('three in the door')).toMatchObject({ high: 3, used: 1 });
  });

  it('is none where none is said', () => {
    for (const text of ['a dent', 'scratch', 'and a half', '']) expect(read(text)).toBeUndefined();
  });
});
