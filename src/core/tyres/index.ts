export {
  ageMonths,
  dateCodeProblemMessage,
  type MadeIn,
  parseDateCode,
} from './dateCode';
export {
  asThirds,
  distanceLeft,
  isDangerous,
  judgeTyre,
  lowestMm,
  type MeasuredThirds,
  shareLeft,
  type TyreFlag,
  type TyreVerdict,
  tyreFaults,
  tyreFlags,
  tyreMarks,
  tyreSummary,
  wearPattern,
} from './judgeTyre';
export { HIGHEST_LOAD_INDEX, LOWEST_LOAD_INDEX, loadOf, speedOf } from './loadAndSpeed';
export { type Matched, mismatches, pairsToMatch } from './matching';
export { say as sayOfTyres } from './say';
export {
  lawNameTold,
  lawTold,
  limitOf,
  type TyreLawId,
  tyreLawIds,
  usualLaw,
  usualNewMm,
} from './treadLaws';
export { type TreadLook, treadLooks, treadLookWords } from './treadLooks';
export { parseTyreSize, tyreSizeProblemMessage } from './tyreSize';
export { tyreWords } from './words';
