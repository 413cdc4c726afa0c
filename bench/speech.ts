import { readdirSync } from 'node:fs';
import { LiveTalk, readTalk } from '#core/speech';
import { readTalkFile } from '../tests/speech/corpus';
import { ms, type Row, timed, times } from './row';

/** The talks one after another until they are as long as a film of twelve minutes: some 1,800 words at the pace of a walk (common practice: 150 a minute). */
const FILM_WORDS = 1800;

/** How fast talk is read, against splitting the same text into words. */
export async function benchSpeech(): Promise<Row[]> {
  const talks = readdirSync('tests/speech/build').map((file) => readTalkFile('build', file));
  const [first] = talks;
  if (!first) throw new Error('There are no talks.');
  const lines: string[] = [];
  for (let words = 0, i = 0; words < FILM_WORDS; i++) {
    const talk = talks[i % talks.length];
    lines.push(...(talk?.lines ?? []));
    words += (talk?.lines ?? []).join(' ').split(' ').length;
  }
  const words = lines.join(' ').split(' ').length;
  const read = () =>
    readTalk(
      lines.map((text) => ({ text })),
      first,
    );
  read();
  const took: number[] = [];
  const bare: number[] = [];
  for (let i = 0; i < 15; i++) {
    took.push(await timed(async () => void read()));
    bare.push(await timed(async () => void lines.map((line) => line.toLowerCase().split(/\s+/))));
  }
  // One word more while one speaks: what a screen waits for.
  const live = new LiveTalk(first);
  const spoken = lines.join(' ').split(' ');
  const word: number[] = [];
  for (const [i, text] of spoken.entries()) {
    live.hear({ text, isOn: true });
    if (i % 25 === 0) word.push(await timed(async () => void live.drafts('and')));
  }
  const slow = word.toSorted((a, b) => a - b)[Math.floor(word.length * 0.95)] ?? Number.NaN;
  const middle = (list: number[]) => list.toSorted((a, b) => a - b)[7] ?? Number.NaN;
  return [
    {
      what: `a talk of ${words} words read into drafts`,
      measured: `${ms(middle(took))}, ${Math.round((words / middle(took)) * 1000).toLocaleString('en')} words a second`,
      baseline: `${ms(middle(bare))} (splitting it into words)`,
      ratio: times(middle(took) / middle(bare)),
      target: '≤ 150 ms, ≥ 20,000 words a second',
    },
    {
      what: 'one word more of such a talk, p95',
      measured: ms(slow),
      baseline: `${ms(middle(took))} (all of it again)`,
      ratio: times(slow / middle(took)),
      target: '≤ 5 ms',
    },
  ];
}
