export { askMessage } from './askMessage';
export { grammar } from './lexicon';
export type { Meaning } from './meaning';
export {
  type Chip,
  parseShorthand,
  type Question,
  type Shorthand,
  type ShorthandContext,
} from './parseShorthand';
export { MAX_LINE } from './words';
