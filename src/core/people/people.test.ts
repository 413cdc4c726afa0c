import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { entryKinds } from '../walk/entries';
import { mayNote } from './mayNote';
import { acts, mayAppoint, mayDo, roles } from './roles';
import { passwordProblem, pinProblem } from './secrets';

const common = (password: string) => ['password123', 'qwertyuiop'].includes(password);

describe('roles', () => {
  it('may do what the house says, and nothing else', () => {
    expect(Object.fromEntries(roles.map((role) => [role, acts.filter((act) => mayDo(role, act))]))).toEqual({
      walk: ['look', 'walk', 'work', 'plan', 'send'],
      workshop: ['look', 'work'],
      manager: ['look', 'walk', 'work', 'plan', 'send', 'manage', 'people'],
      owner: ['look', 'walk', 'work', 'plan', 'send', 'manage', 'people', 'owners'],
    });
  });

  it('managers look after those who walk and work alone, owners after everybody', () => {
    const table = roles.map((role) => [role, roles.filter((to) => mayAppoint(role, to))]);
    expect(table).toEqual([
      ['walk', []],
      ['workshop', []],
      ['manager', ['walk', 'workshop']],
      ['owner', ['walk', 'workshop', 'manager', 'owner']],
    ]);
  });

  it('the workshop writes down its own jobs, who walks everything', () => {
    expect(entryKinds.filter((kind) => mayNote('workshop', kind)).toSorted()).toEqual([
      'photo-attached',
      'put-right',
      'undone',
    ]);
    for (const role of ['walk', 'manager', 'owner'] as const)
      expect(entryKinds.every((kind) => mayNote(role, kind))).toBe(true);
  });
});

describe('a password', () => {
  it.each([
    ['salt marsh lantern', undefined],
    ['παρασκευή βράδυ', undefined],
    ['short', '10 characters'],
    ['Password123', 'list of guesses'],
    ['aaaaaaaaaaaa', 'list of guesses'],
    ['nell-harrick', 'the name'],
    ['x'.repeat(129), '128 characters'],
  ])('“%s” is answered with %s', (password, problem) => {
    const says = passwordProblem(password, 'Nell Harrick', common);
    if (problem === undefined) expect(says).toBeUndefined();
    else expect(says).toContain(problem);
  });
});

describe('a PIN', () => {
  it.each(['123456', '654321', '000000', '111111', '121212', '777777', '345678', '482482'])(
    'that is tried first is refused: %s',
    (pin) => expect(pinProblem(pin)).toContain('tried first'),
  );

  it.each(['12345', '1234567', 'abcdef', '', '12 456'])('of other than six digits is none: “%s”', (pin) =>
    expect(pinProblem(pin)).toContain('6 digits'),
  );

  it('is taken nearly always when it is drawn by lot', () => {
    const pins = fc.sample(fc.stringMatching(/^\d{6}$/), { numRuns: 3000, seed: 7 });
    const refused = pins.filter((pin) => pinProblem(pin) !== undefined).length;
    expect(refused).toBeLessThan(40);
  });
});
