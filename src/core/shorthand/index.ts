export { askMessage } from './askMessage';
export { grammar, meaningOf } from './lexicon';
export type { Meaning } from './meaning';
export {
  type Chip,
  parseShorthand,
  type Question,
  type Shorthand,
} from './parseShorthand';
