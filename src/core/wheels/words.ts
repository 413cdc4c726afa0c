import { namesAs } from '../told';
import { withinSentence } from '../wording';
import { finishNames } from './wheelFacts';
import words from './words.json' with { type: 'json' };

/** What is said of wheels and of the brakes seen through them. */
export const wheelWords = [
  words,
  namesAs(
    'finish',
    Object.entries(finishNames).map(([id, name]) => [id, withinSentence(name)]),
  ),
];
