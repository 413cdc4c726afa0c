export {
  ageMonths,
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
  type TyreFlag,
  type TyreVerdict,
  tyreFlags,
  tyreSummary,
  wearPattern,
} from './judgeTyre';
export { HIGHEST_LOAD_INDEX, LOWEST_LOAD_INDEX, loadOf, speedOf } from './loadAndSpeed';
export { type Matched, mismatches, pairsToMatch } from './matching';
export { limitOf, type TyreLawId, tyreLawIds, tyreLaws, usualLaw, usualNewMm } from './treadLaws';
export { parseTyreSize, tyreSizeProblemMessage } from './tyreSize';
