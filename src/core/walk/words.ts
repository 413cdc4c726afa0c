import { carWords, type Vocabulary } from '../car';
import { measureWords } from '../measure';
import { englishOf, inWords, namesAs, sayer, type Text } from '../told';
import { withinSentence } from '../wording';
import { repairWords, testWords } from './choices';
import { conditionWords } from './conditions';
import { cures, cureWordsOf } from './cures';
import { filmWords } from './families/build/filmCovers';
import { foundWords } from './families/remedies/foundWords';
import { driveGroupNames, storyNames } from './families/story/storyWords';
import { holeCautions } from './findingCaution';
import { findingKindIds, findingKindOf, findingKinds } from './findingKinds';
import { howBadWords } from './howBad';
import { lookIds, lookOf } from './lookTable';
import { amountWords, PLAIN_WORDS, severities } from './severity';
import { statementNames } from './statements';
import words from './words.json' with { type: 'json' };

type Names = readonly (readonly [id: string, uk: string, us?: string | undefined])[];
const within = (names: Names): Names =>
  names.map(([id, uk, us]) => [id, withinSentence(uk), us && withinSentence(us)]);
const table = (names: Readonly<Record<string, string>>): Names => within(Object.entries(names));
const { name: _nail, ...nail } = testWords.nail;
const { name: _feel, ...feel } = testWords.feel;
const { name: _wipe, ...wipe } = testWords.wipe;

const howFar = findingKindIds.flatMap((kind) => {
  const { howFar: far = PLAIN_WORDS, howFarUs } = findingKindOf(kind);
  return severities.map((severity, i) => [`${kind}.${severity}`, far[i] as string, howFarUs?.[i]] as const);
});

/** What is said of findings, remedies, statements and conditions. */
export const walkWords = [
  ...carWords,
  ...measureWords,
  words,
  namesAs('kind', within(findingKindIds.map((id) => [id, findingKinds[id].uk, findingKinds[id].us]))),
  namesAs('howFar', howFar),
  namesAs('howBad', table(howBadWords)),
  namesAs('amount', table(amountWords)),
  namesAs('repair', table(repairWords)),
  namesAs('nail', table(nail)),
  namesAs('feel', table(feel)),
  namesAs('wipe', table(wipe)),
  namesAs('cure', within(cures.map((id) => [id, cureWordsOf(id, 'uk').name, cureWordsOf(id, 'us').name]))),
  namesAs(
    'cureDoes',
    cures.map((id) => [id, cureWordsOf(id, 'uk').does, cureWordsOf(id, 'us').does]),
  ),
  namesAs('found', [['gone', foundWords.gone.told]]),
  namesAs(
    'look',
    lookIds.map((id) => [id, lookOf(id).uk, lookOf(id).us]),
  ),
  namesAs('statement', table(statementNames)),
  namesAs('story', table(storyNames)),
  namesAs('drive', table(driveGroupNames)),
  namesAs('film', table(filmWords)),
  namesAs('light', table(conditionWords.light)),
  namesAs('wet', table(conditionWords.wet)),
  namesAs('dirt', table(conditionWords.dirt)),
  namesAs('caution', [
    ...Object.entries(holeCautions),
    ...findingKindIds.flatMap((id) => {
      const { caution } = findingKindOf(id);
      return caution ? [[id, caution] as const] : [];
    }),
  ]),
];

type Named =
  | 'kind'
  | 'howFar'
  | 'howBad'
  | 'amount'
  | 'repair'
  | 'nail'
  | 'feel'
  | 'wipe'
  | 'cure'
  | 'cureDoes'
  | 'found'
  | 'look'
  | 'statement'
  | 'story'
  | 'drive'
  | 'film'
  | 'light'
  | 'wet'
  | 'dirt'
  | 'caution';
export const say = sayer<keyof typeof words.uk | `${Named}.${string}`>();

const english = englishOf(...walkWords);
export const inEnglish = (text: Text, vocabulary: Vocabulary): string => inWords(text, english[vocabulary]);
