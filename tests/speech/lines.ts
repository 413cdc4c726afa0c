import { readFileSync } from 'node:fs';
import { bodyStyle, type SideSpeech } from '#core/car';
import { readTalk } from '#core/speech';
import { isAlike, toldOf } from './score';

/** A line by itself, and how it was read: right, wrong (something that was not meant), or left open. */
export interface LineScore {
  line: string;
  wanted: string;
  told: string;
  how: 'right' | 'wrong' | 'open';
}

const speechOf = (country: string): SideSpeech =>
  ({ country, steering: country === 'US' ? 'left' : 'right' }) as SideSpeech;

/** Reads every line of the table by itself. */
export function scoreLines(): LineScore[] {
  return readFileSync('tests/speech/lines.txt', 'utf8')
    .split('\n')
    .filter((row) => row.includes('=>'))
    .map((row) => {
      const [, country = 'GB', line = '', meaning = ''] = /^(\w+) \| (.*) => (.*)$/.exec(row) ?? [];
      const style = bodyStyle(country === 'US' ? 'saloon' : 'hatch-5');
      const drafts = readTalk([{ text: line }], { style, speech: speechOf(country) });
      const wanted = meaning === 'none' || meaning === 'ask' ? [] : meaning.split('; ');
      const asked = drafts.filter((draft) => 'questions' in draft && draft.questions.length > 0);
      const told = drafts.filter((draft) => !asked.includes(draft)).flatMap((draft) => toldOf(draft));
      const left = [...wanted];
      const extra = told.filter((each) => {
        const at = left.findIndex((want) => isSame(want, each));
        if (at >= 0) left.splice(at, 1);
        return at < 0;
      });
      const isRight = left.length === 0 && extra.length === 0 && (meaning !== 'ask' || asked.length > 0);
      return {
        line,
        wanted: meaning,
        told: [...told, ...asked.map(() => 'ask')].join('; '),
        how: isRight ? 'right' : extra.length > 0 ? 'wrong' : 'open',
      };
    });
}

function isSame(wanted: string, told: string): boolean {
  if (wanted === told) return true;
  const [a, part, kind] = wanted.split(' ');
  const [b, other, kindTold] = told.split(' ');
  return a === 'finding' && a === b && part === other && isAlike(kind, kindTold);
}
