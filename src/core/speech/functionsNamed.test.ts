import { expect, it } from 'vitest';
import { functionsNamed } from './functionsNamed';

it('knows what is tried by the words people say for it', () => {
  expect(functionsNamed('Sat-nav ')).toEqual(['navigation']);
  expect(functionsNamed('cruise control')).toEqual(['cruise']);
  expect(functionsNamed('electric windows round the corner')).toEqual([]);
  // It says already how it does.
  expect(functionsNamed('heater blows cold')).toEqual([]);
  expect(functionsNamed('')).toEqual([]);
});
