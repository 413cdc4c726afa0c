import { expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { followTalk, placeOf, type Taken } from './followTalk';
import { LiveTalk } from './liveTalk';

const context = { style: bodyStyle('hatch-5'), speech: { country: 'GB', steering: 'right' } as const };

/** Says lines one after another, with a breath between them, and keeps what was taken. */
function talkOf(lines: readonly string[]) {
  const live = new LiveTalk(context);
  const taken = new Map<string, Taken>();
  const leftOut = new Set<string>();
  let heard = 0;
  const follow = (isSilent: boolean) => {
    const { take, takeBack } = followTalk(live.drafts(), heard, isSilent, taken, leftOut);
    for (const { draft } of takeBack) taken.delete(placeOf(draft));
    for (const draft of take) taken.set(placeOf(draft), { draft, entries: [placeOf(draft)] });
    return takeBack.length;
  };
  const say = (text: string, isSilent = false) => {
    live.hear({ text });
    heard += text.split(' ').length;
    return follow(isSilent);
  };
  for (const line of lines) say(line);
  return { say, taken, leftOut, follow };
}

it('takes nothing at once: what takes it back may be said next', () => {
  const { taken, say } = talkOf(['nearside front door has a dent']);
  expect(taken.size).toBe(0);
  say('no that is just a shadow', true);
  expect(taken.size).toBe(0);
});

it('takes what lies far enough back, and all of it once one is silent', () => {
  const { taken, say } = talkOf(['nearside front door has a dent', 'and the nearside rear door is fine']);
  expect(taken.size).toBe(0);
  say('now I walk round to the rear of it and look at what there is over here');
  expect([...taken.values()].map(({ draft }) => draft.is)).toEqual(['finding', 'clear']);
  say('tailgate has a scratch', true);
  expect(taken.size).toBe(3);
});

it('takes back what was taken and is then said otherwise', () => {
  const { taken, say } = talkOf([]);
  say('nearside front door has a dent', true);
  expect([...taken.values()].map(({ draft }) => draft.is === 'finding' && draft.part)).toEqual(['door-fl']);
  expect(say('sorry that is the nearside rear door', true)).toBe(1);
  expect([...taken.values()].map(({ draft }) => draft.is === 'finding' && draft.part)).toEqual(['door-rl']);
});

it('does not take again what a person left out, nor what must be asked', () => {
  const { taken, say, leftOut, follow } = talkOf([]);
  say('nearside front door has a dent', true);
  const [place = ''] = taken.keys();
  leftOut.add(place);
  taken.delete(place);
  follow(true);
  expect(taken.size).toBe(0);
  const open = talkOf([]);
  open.say('there is a dent in the door', true);
  expect(open.taken.size).toBe(0);
});
