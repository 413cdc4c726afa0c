import { sayer } from '../told';
import type words from './words.json';

type Named =
  | 'function'
  | 'functionWrong'
  | 'functionCaution'
  | 'functionGroup'
  | 'lamp'
  | 'lampCaution'
  | 'smell'
  | 'smellCaution'
  | 'item'
  | 'condition'
  | 'alteration'
  | 'standardPart'
  | 'equipment';

/** Apart from the words themselves, so that what only says something does not carry them. */
export const say = sayer<keyof (typeof words)['uk'] | `${Named}.${string}`>();
