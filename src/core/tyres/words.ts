import { namesAs } from '../told';
import { treadLookWords } from './treadLooks';
import words from './words.json' with { type: 'json' };

/** What is said of tyres: their tread, age and faults, what is to be done, and the law they are held against. */
export const tyreWords = [words, namesAs('treadLook', Object.entries(treadLookWords))];
