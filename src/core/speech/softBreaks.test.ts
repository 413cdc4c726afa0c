import { describe, expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { readTalk } from './readTalk';

const style = bodyStyle('hatch-5');
/** What is drafted, without where its words stand. */
const told = (text: string) =>
  readTalk([{ text }], { style, speech: { country: 'GB', steering: 'right' } }).map((draft) => {
    const what = draft.is === 'finding' ? draft.kind : draft.is;
    return `${'part' in draft ? draft.part : ''} ${what}`;
  });

describe('talk without commas or full stops', () => {
  it.each([
    [
      'bonnet is fine, the nearside front wing has a dent',
      'bonnet is fine the nearside front wing has a dent',
    ],
    ['the roof has a dent. the bonnet has a scratch', 'the roof has a dent the bonnet has a scratch'],
    ['no scratches on the roof. bonnet has a chip', 'no scratches on the roof bonnet has a chip'],
    ['air con works. radio does not work', 'air con works radio does not work'],
    ['the roof is clear. then the windscreen has a chip', 'the roof is clear then the windscreen has a chip'],
  ])('says what "%s" says', (stopped, bare) => {
    expect(told(bare)).toEqual(told(stopped));
    expect(told(bare)).toHaveLength(2);
  });

  it('is not cut where one thing is still spoken of', () => {
    expect(told('there is a dent on the bonnet')).toEqual(['bonnet dent']);
    expect(told('the bonnet has a dent and a scratch')).toEqual(['bonnet dent', 'bonnet scratch']);
  });
});
