import { expect, it } from 'vitest';
import { HeardWhile } from './heardWhile';

it('what is heard while one films becomes captions that begin when its first word was heard', () => {
  const heard = new HeardWhile();
  expect(heard.hear({ text: 'front', isFinal: false }, 2.004)).toBe('front');
  expect(heard.hear({ text: '', isFinal: false }, 2.5)).toBe('');
  expect(heard.hear({ text: 'front door', isFinal: false }, 3)).toBe('front door');
  expect(heard.hear({ text: 'front door has a dent', isFinal: true }, 4.2)).toBe('');
  heard.hear({ text: 'roof is clear', isFinal: true }, 9);
  expect(heard.captions).toEqual([
    { text: 'front door has a dent', startS: 2, endS: 4.2 },
    { text: 'roof is clear', startS: 9, endS: 9 },
  ]);
});
