import { bodyStyleIds, bodyStyleNames, type Vocabulary } from '../car';
import { measureForms, measureIds, measureName } from '../judge';
import { paintClassWords } from '../paint';
import { readingWords, type sayOfReadings } from '../readings';
import { type Catalogue, englishOf, namesAs, sayer } from '../told';
import { functionStateWords, hidingWords, type sayOfWalk } from '../walk';
import { BRAKE_CAUTION, finishNames } from '../wheels';
import { withinSentence } from '../wording';
import words from './words.json' with { type: 'json' };

const within = (names: Readonly<Record<string, string>>) =>
  Object.entries(names).map(([id, name]) => [id, withinSentence(name)] as const);

/** All that a report is told by, in the two vocabularies of English. */
const english = englishOf(
  ...readingWords,
  words,
  namesAs(
    'body',
    bodyStyleIds.map((id) => [
      id,
      withinSentence(bodyStyleNames[id].uk),
      withinSentence(bodyStyleNames[id].us),
    ]),
  ),
  namesAs(
    'measure',
    measureIds.map((id) => [
      id,
      withinSentence(measureName(id, 'uk')),
      withinSentence(measureName(id, 'us')),
    ]),
  ),
  namesAs(
    'measureOne',
    measureIds.map((id) => [id, measureForms(id, 'uk').one, measureForms(id, 'us').one]),
  ),
  namesAs(
    'measureMany',
    measureIds.map((id) => [id, measureForms(id, 'uk').many, measureForms(id, 'us').many]),
  ),
  namesAs(
    'hides',
    Object.entries(hidingWords).map(([id, uk]) => [id, uk, uk.replaceAll('colour', 'color')]),
  ),
  namesAs('functionState', Object.entries(functionStateWords)),
  namesAs('caution', [['brake', BRAKE_CAUTION]]),
  namesAs('paintClass', within(paintClassWords)),
  namesAs('finish', within(finishNames)),
);
export const englishOfReport = (vocabulary: Vocabulary): Catalogue => english[vocabulary];

type Ids = Parameters<typeof sayOfWalk>[0] | Parameters<typeof sayOfReadings>[0];
export const say = sayer<
  | keyof typeof words.uk
  | `${'body' | 'measure' | 'measureOne' | 'measureMany' | 'paintClass' | 'finish' | 'hides' | 'functionState'}.${string}`
  | Ids
>();
