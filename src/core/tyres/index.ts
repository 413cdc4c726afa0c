export {
  ageMonths,
  type DateCodeReading,
  dateCodeProblemMessage,
  type MadeIn,
  parseDateCode,
} from './dateCode';
export {
  distanceLeft,
  judgeTyre,
  lowestMm,
  shareLeft,
  type TreadLaw,
  type TreadThirds,
  type TyreFacts,
  type TyreFlag,
  type TyreVerdict,
  treadLaws,
  tyreFlags,
  tyreSummary,
  type WearPattern,
  wearCauses,
  wearPattern,
} from './judgeTyre';
export { HIGHEST_LOAD_INDEX, LOWEST_LOAD_INDEX, loadOf, speedOf } from './loadAndSpeed';
export { type Matched, type Mismatch, mismatches, pairsToMatch } from './matching';
export { parseTyreSize, type TyreSize, type TyreSizeReading, tyreSizeProblemMessage } from './tyreSize';
