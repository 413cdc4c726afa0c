import { namesAs } from '../told';
import { withinSentence } from '../wording';
import { paintClassWords } from './verdict';
import words from './words.json' with { type: 'json' };

/** What is said of paint depths. */
export const paintWords = [
  words,
  namesAs(
    'paintClass',
    Object.entries(paintClassWords).map(([id, name]) => [id, withinSentence(name)]),
  ),
];
