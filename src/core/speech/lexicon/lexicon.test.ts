import { describe, expect, it } from 'vitest';
import { bodyStyle, type SideSpeech } from '../../car';
import { readTalk } from '../readTalk';
import { taughtWordSchema } from '../taughtWords';
import { lexiconOf, senseOf, tables } from './lexicon';
import { patternAt } from './patterns';
import { phrasesIn } from './sense';

const gb: SideSpeech = { country: 'GB', steering: 'right' };
const style = bodyStyle('hatch-5');

describe('the lexicon', () => {
  it('has one place for a phrase', () => {
    const seen = new Map<string, string>();
    const twice: string[] = [];
    for (const [name, table] of Object.entries(tables))
      for (const row of table)
        for (const phrase of phrasesIn(row)) {
          const before = seen.get(phrase);
          if (before !== undefined) twice.push(`${phrase}: ${before}, ${name}`);
          seen.set(phrase, name);
        }
    expect(twice).toEqual([]);
    expect(seen.size).toBeGreaterThan(4000);
  });

  it('is looked up in lower case, without empty phrases or double spaces', () => {
    for (const table of Object.values(tables))
      for (const row of table)
        for (const phrase of phrasesIn(row)) expect(phrase).toMatch(/^[^A-Z\s]+( [^A-Z\s]+)*$/);
  });

  it('knows phrases that are put together of small words', () => {
    const is = (said: string) => patternAt(said)?.sense.is;
    expect(is("can't really see any dents")).toBe('deny');
    expect(is("haven't found a single scratch")).toBe('deny');
    expect(is("can't find anything wrong with it")).toBe('fine');
    expect(is('in really nice condition all round')).toBe('fine');
    expect(is("it's just a bit of dirt")).toBe('dismiss');
    expect(is("i'll have that painted")).toBe('cure');
    expect(is('size of a ten pence piece')).toBe('filler');
    expect(is("doesn't come back up")).toBe('fails');
    expect(is('just water marks')).toBeUndefined();
  });

  it('tells of a phrase whether a longer one begins so', () => {
    const { goesOn } = lexiconOf({});
    expect(goesOn('rear quarter')).toBe(true);
    expect(goesOn('rear quarter panel cover')).toBe(false);
  });
});

describe('words of the house', () => {
  const taught = [{ word: 'gubbins', means: 'wiper' }];

  it('mean what they were taught by', () => {
    const read = (text: string) => readTalk([{ text }], { style, speech: gb, taught });
    expect(read('gubbins are split')).toMatchObject([{ is: 'finding', part: 'wipers', kind: 'worn' }]);
    expect(lexiconOf({ taught }).senseOf('gubbins')).toEqual(senseOf('wiper'));
  });

  it.each([
    [{ word: 'door', means: 'wiper' }, 'That word is understood already.'],
    [{ word: 'gubbins', means: 'whatsit' }, 'Choose a part or a fault that is understood'],
    [{ word: 'gubbins', means: 'and' }, 'Choose a part or a fault that is understood'],
    [{ word: '  ', means: 'wiper' }, 'Type the word.'],
    [{ word: 'g'.repeat(41), means: 'wiper' }, 'A word may hold 40 characters.'],
  ])('are refused in words where they make no sense: %o', (body, why) => {
    const { error } = taughtWordSchema.safeParse(body);
    expect(error?.issues.map(({ message }) => message).join()).toContain(why);
  });
});
