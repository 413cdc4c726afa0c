import { type Speech, vocabularyOf } from '../car';
import { screenWords } from '../glass';
import { paintWords } from '../paint';
import { paperWords } from '../papers';
import { englishOf, inWords, namesAs, sayer, type Tell } from '../told';
import { numberPlaceWords } from '../walk';
import { withinSentence } from '../wording';
import { stopWords } from './words';

/** All that is said of a walk and its readings: paint, screen and papers too. */
export const readingWords = [
  ...stopWords,
  ...paintWords,
  ...screenWords,
  ...paperWords,
  namesAs(
    'numberPlace',
    Object.entries(numberPlaceWords).map(([id, name]) => [id, withinSentence(name)]),
  ),
];

export const sayOfPlace = sayer<`numberPlace.${keyof typeof numberPlaceWords}`>();

const english = englishOf(...readingWords);

/** Puts what is said of readings into the words of the car's country. */
export const tellFor =
  (car: Speech): Tell =>
  (text) =>
    inWords(text, english[vocabularyOf(car)]);
