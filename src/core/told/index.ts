export { type Catalogue, englishOf, namesAs } from './catalogue';
export { inWords } from './inWords';
export { retell, settle } from './settle';
export {
  inside,
  isNothing,
  listed,
  type Message,
  orEmpty,
  own,
  sayer,
  starting,
  type Text,
  type Told,
  type Untold,
  untold,
} from './text';
export { textSchema } from './textSchema';
