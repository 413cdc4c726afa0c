import { describe, expect, it } from 'vitest';
import { details } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import { type EntryBody, type Fact, replay } from '../walk';
import { toLookAtAgain } from './toLookAtAgain';

const promise = (n: number): Fact => ({
  kind: 'finding-amended',
  body: { finding: idOf(0xf000 + n), changes: { decision: { is: 'promised' } } },
});
const checked = (n: number, found: EntryBody<'mend-checked'>['found']): Fact => ({
  kind: 'mend-checked',
  body: { about: { of: 'finding', finding: idOf(0xf000 + n) }, found },
});
const listed = (facts: readonly Fact[], worked: readonly string[] = []) =>
  toLookAtAgain(
    replay(WALK, entriesOf([begun, ...facts])),
    styleOf({ bodyStyle: 'hatch-5', steering: 'right' }),
    details,
    new Set(worked),
  );

describe('what is looked at again', () => {
  it('is what was promised and what was worked on, not what nobody touches', () => {
    const facts = [noted(1), noted(2, 'roof'), noted(3, 'bonnet'), promise(1)];
    expect(listed(facts).map(({ number }) => number)).toEqual([1]);
    expect(listed(facts, [`finding ${idOf(0xf003)}`]).map(({ number }) => number)).toEqual([1, 3]);
  });

  it('stays listed with what was found, also when it is gone; what was said to be put right where it was found is not asked again', () => {
    const facts = [noted(1), promise(1), noted(2, 'roof'), promise(2)];
    expect(listed([...facts, checked(1, 'gone')]).map(({ checked: found }) => found?.found)).toEqual([
      'gone',
      undefined,
    ]);
    const said: Fact = { kind: 'put-right', body: { finding: idOf(0xf001), says: 'pressed out' } };
    expect(listed([...facts, said]).map(({ number }) => number)).toEqual([2]);
  });

  it('is no finding that turned out to be none, and has what is promised beside the findings', () => {
    const nothing: Fact = {
      kind: 'finding-dismissed',
      body: { finding: idOf(0xf001), why: 'meant to be so' },
    };
    const tyre: Fact = {
      kind: 'remedy-noted',
      body: { about: { of: 'part', part: 'tyre-fl' }, decision: { is: 'promised', by: '2026-04-01' } },
    };
    expect(listed([noted(1), promise(1), nothing, tyre])).toEqual([
      expect.objectContaining({ id: 'part tyre-fl', where: 'Nearside front tyre (left)', says: '' }),
    ]);
  });
});
