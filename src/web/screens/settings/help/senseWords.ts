import { kindName, type SideSpeech } from '#core/car';
import { functionName, warningLampName } from '#core/functions';
import { kitItemIds, kitItemName, smellName } from '#core/kit';
import type { Sense } from '#core/speech';
import {
  adviceWords,
  amountWords,
  conditionLine,
  decisionNames,
  findingKindName,
  howBadWords,
  noticeWords,
  storyNames,
  testWords,
} from '#core/walk';
import { figureNames } from '../../../heard/draftWords';

const uk: SideSpeech = { country: 'GB', steering: 'right' };
const depthWords = {
  hairline: 'as fine as a hair',
  lacquer: 'in the lacquer',
  primer: 'to the primer',
  metal: 'to the metal',
  deep: 'deep',
} as const;

/** Words that only hold talk together, by what they do. */
const ties: Partial<Record<Sense['is'], string>> = {
  fine: 'all is well: the part is clear, the thing works',
  deny: 'there is none of what follows: never taken for a fault',
  dismiss: 'what was pointed at is no fault',
  asking: 'a question: nothing is told yet',
  turn: 'from here on something is told again',
  doubt: 'not sure yet',
  correct: 'what comes next replaces what was said',
  near: 'tells where on the part: what follows is not the part itself',
  on: 'what follows is the part',
  onto: 'it goes on over the part that follows',
  likewise: 'the part that follows is like the one before',
  stranger: 'has no part in the record: kept in your words',
  spot: 'where on the part',
  both: 'both of a pair, or all',
  same: 'the same fault, or the same reading, again',
  other: 'the same part on the other side',
  one: 'one of those spoken of',
  such: 'said of such cars, not of this one',
  indeed: 'and this one too',
  looking: 'was looked for',
  rest: 'all that was not named',
  move: 'you walk on',
  gauge: 'a gauge is read',
  works: 'it works',
  fails: 'it does not work as it should',
  lamps: 'all warning lamps are out',
  serviced: 'how often it was serviced follows',
  has: 'what the car has follows',
};

/** What a phrase does, in words; nothing where it says nothing about the car. */
export function senseWords(sense: Sense): string | undefined {
  switch (sense.is) {
    case 'side': {
      const hand = sense.hand && { l: 'left', r: 'right' }[sense.hand];
      return [hand ?? sense.sideWord, sense.end].filter(Boolean).join(', ');
    }
    case 'part': {
      const names = [...new Set(sense.kinds.map((kind) => kindName(kind, uk)))].join(' or ');
      const place = [sense.end, sense.sideWord].filter(Boolean).join(', ');
      return [names, place && `(${place})`, sense.isMany && '– all of them'].filter(Boolean).join(' ');
    }
    case 'fault': {
      const names = sense.kinds.map((kind) => findingKindName(kind, 'uk').toLowerCase());
      return names.length > 0 ? [...new Set(names)].join(' or ') : 'something: asked what it is';
    }
    case 'count':
      return String(sense.count);
    case 'amount':
      return amountWords[sense.amount];
    case 'severity':
      return howBadWords[sense.howBad];
    case 'depth':
      return depthWords[sense.depth];
    case 'notice':
      return noticeWords[sense.notice].name.toLowerCase();
    case 'test': {
      const { nail, feel, wipe } = sense.of;
      return (
        (nail && testWords.nail[nail]) ?? (feel && testWords.feel[feel]) ?? (wipe && testWords.wipe[wipe])
      );
    }
    case 'cure':
      return adviceWords([{ cure: sense.cure, ...(sense.sure && { sure: sense.sure }) }], 'uk');
    case 'decision':
      return decisionNames[sense.decision].toLowerCase();
    case 'function':
      return sense.ids.map((id) => functionName(id, 'uk')).join('; ');
    case 'lamp':
      return `${warningLampName(sense.lamp, 'uk')} lamp is on`;
    case 'item': {
      const id = kitItemIds.find((each) => each === sense.item);
      return id && kitItemName(id, 'uk');
    }
    case 'figure':
      return figureNames[sense.of];
    case 'story':
      return storyNames[sense.about];
    case 'condition':
      return conditionLine(sense);
    case 'smell':
      return sense.smell ? `smells of ${smellName(sense.smell, 'uk')}` : 'no smell';
    case 'filler':
      return undefined;
    default:
      return ties[sense.is];
  }
}
