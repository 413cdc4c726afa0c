import { type Speech, vocabularyOf } from '../car';
import { equipmentIds, equipmentName } from '../equipment';
import {
  ADDED_FUNCTION,
  allFunctions,
  functionGroupIds,
  functionGroups,
  functionIds,
  functionName,
  functionOf,
  warningLampIds,
  warningLampName,
  warningLampOf,
} from '../functions';
import {
  ADDED_ITEM,
  ALTERATION_NOTE,
  alterationKinds,
  alterationName,
  kitConditions,
  kitItemIds,
  kitItemName,
  smellIds,
  smellName,
  smellOf,
  standardPartWords,
} from '../kit';
import { englishOf, inWords, namesAs, type Tell, type Text } from '../told';
import { tyreWords } from '../tyres';
import { walkWords } from '../walk';
import { wheelWords } from '../wheels';
import { withinSentence } from '../wording';
import words from './words.json' with { type: 'json' };

/** Names of one table in both vocabularies, as they stand within a sentence. */
const named = <Id extends string>(ids: readonly Id[], nameOf: (id: Id, vocabulary: 'uk' | 'us') => string) =>
  ids.map((id) => [id, withinSentence(nameOf(id, 'uk')), withinSentence(nameOf(id, 'us'))] as const);

/** What is to be heeded of those of a table that ask for it. */
const cautions = <Id extends string>(ids: readonly Id[], factsOf: (id: Id) => { caution?: string }) =>
  ids.flatMap((id) => {
    const { caution } = factsOf(id);
    return caution ? [[id, caution] as const] : [];
  });

/** What is said at a stop, of tyres, wheels, functions, equipment and what comes with a car, beside all that is said of a walk. Apart from the words of paint, screen and papers, which a stop does not need. */
export const stopWords = [
  ...walkWords,
  ...tyreWords,
  ...wheelWords,
  words,
  namesAs('function', [['added', ADDED_FUNCTION], ...named(functionIds, functionName)]),
  namesAs(
    'functionWrong',
    allFunctions.flatMap(({ id, facts: { wrong, wrongUs } }) =>
      wrong ? [[id, withinSentence(wrong), wrongUs && withinSentence(wrongUs)] as const] : [],
    ),
  ),
  namesAs(
    'functionCaution',
    cautions(functionIds, (id) => functionOf(id).facts),
  ),
  namesAs(
    'functionGroup',
    functionGroupIds.map((id) => [id, functionGroups[id].name]),
  ),
  namesAs('lamp', named(warningLampIds, warningLampName)),
  namesAs('lampCaution', cautions(warningLampIds, warningLampOf)),
  namesAs('smell', named(smellIds, smellName)),
  namesAs('smellCaution', cautions(smellIds, smellOf)),
  namesAs('item', [['added', ADDED_ITEM], ...named(kitItemIds, kitItemName)]),
  namesAs(
    'condition',
    kitConditions.map((id) => [id, id]),
  ),
  namesAs('alteration', [['note', ALTERATION_NOTE], ...named(alterationKinds, alterationName)]),
  namesAs('standardPart', Object.entries(standardPartWords)),
  namesAs('equipment', named(equipmentIds, equipmentName)),
];

const english = englishOf(...stopWords);
export const inEnglish = (text: Text, vocabulary: 'uk' | 'us'): string => inWords(text, english[vocabulary]);

/** Puts what is said at a stop into the words of the car's country. */
export const tellAtStop =
  (car: Speech): Tell =>
  (text) =>
    inEnglish(text, vocabularyOf(car));
