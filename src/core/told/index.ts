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
  type Tell,
  type Text,
  type Told,
} from './text';
export { textSchema } from './textSchema';
