import { sayer } from '../told';
import type words from './words.json';

/** Apart from the words themselves, so that what only says something does not carry them. */
export const say = sayer<keyof (typeof words)['uk']>();
