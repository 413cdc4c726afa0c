export {
  ageMonths,
  type DateCodeReading,
  dateCodeProblemMessage,
  type MadeIn,
  parseDateCode,
} from './dateCode';
export {
  asThirds,
  distanceLeft,
  judgeTyre,
  lowestMm,
  type MeasuredThirds,
  numberWord,
  shareLeft,
  type TreadThirds,
  type TyreFacts,
  type TyreFlag,
  type TyreVerdict,
  tyreFlags,
  tyreSummary,
  type WearPattern,
  wearCauses,
  wearPattern,
} from './judgeTyre';
export { HIGHEST_LOAD_INDEX, LOWEST_LOAD_INDEX, loadOf, speedOf } from './loadAndSpeed';
export { type Matched, type Mismatch, mismatches, pairsToMatch } from './matching';
export { limitOf, type TyreLawId, tyreLawIds, tyreLaws, usualLaw, usualNewMm } from './treadLaws';
export { parseTyreSize, type TyreSize, type TyreSizeReading, tyreSizeProblemMessage } from './tyreSize';
