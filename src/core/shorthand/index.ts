export { askMessage } from './askMessage';
export {
  type Chip,
  parseShorthand,
  type Question,
  type Shorthand,
  type ShorthandContext,
} from './parseShorthand';
export { MAX_LINE } from './words';
