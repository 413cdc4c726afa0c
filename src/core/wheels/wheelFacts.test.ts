import { expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { brakeMarks, brakeTold, finishNames, wheelFinishes } from '.';

it('what is seen of a brake is said in the words of the country, mark by mark', () => {
  expect(said(brakeTold({}), 'uk')).toBe('');
  expect(said(brakeTold({ lip: 'deep', grooves: 'slight', discRust: 'none', padMm: 2 }), 'uk')).toBe(
    'disc lip deep, grooves slight, rust on the disc not seen, pad about 2 mm as seen: thin, have it checked',
  );
  expect(said(brakeTold({ lip: 'none', discRust: 'deep' }), 'us')).toBe(
    'rotor lip not seen, rust on the rotor deep',
  );
  for (const mark of brakeMarks)
    expect(said(brakeTold({ grooves: mark }), 'uk')).toBe(`grooves ${mark === 'none' ? 'not seen' : mark}`);
});

it('a pad of three millimetres is a figure; under it, it is said to be thin', () => {
  expect(said(brakeTold({ padMm: 3 }), 'uk')).toBe('pad about 3 mm as seen');
  expect(said(brakeTold({ padMm: 2.9 }), 'uk')).toContain('2.9 mm as seen: thin, have it checked');
  expect(said(brakeTold({ padMm: 0 }), 'uk')).toContain('pad about 0 mm as seen: thin');
});

it('every finish has a name of its own', () => {
  const names = wheelFinishes.map((finish) => finishNames[finish]);
  expect(new Set(names).size).toBe(wheelFinishes.length);
  expect(names).not.toContain('');
});
