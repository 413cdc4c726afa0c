import { bodyStyleIds, bodyStyleNames, type Vocabulary } from '../car';
import { morningWords } from '../diary';
import { measureForms, measureIds, measureName } from '../judge';
import type { sayOfPaint } from '../paint';
import { readingWords, type sayOfReadings } from '../readings';
import { type Catalogue, englishOf, namesAs, sayer } from '../told';
import { functionStateWords, type sayOfWalk } from '../walk';
import { BRAKE_CAUTION, type sayOfWheels } from '../wheels';
import { withinSentence } from '../wording';
import words from './words.json' with { type: 'json' };

/** All that a report is told by, in the two vocabularies of English. */
const english = englishOf(
  ...readingWords,
  ...morningWords,
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
  namesAs('functionState', Object.entries(functionStateWords)),
  namesAs('caution', [['brake', BRAKE_CAUTION]]),
);
export const englishOfReport = (vocabulary: Vocabulary): Catalogue => english[vocabulary];

type Ids =
  | Parameters<typeof sayOfWalk>[0]
  | Parameters<typeof sayOfReadings>[0]
  | Parameters<typeof sayOfPaint>[0]
  | Parameters<typeof sayOfWheels>[0];
export const say = sayer<
  | keyof typeof words.uk
  | `${'body' | 'measure' | 'measureOne' | 'measureMany' | 'functionState'}.${string}`
  | Ids
>();
