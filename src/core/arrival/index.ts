export {
  type ArrivalAnswer,
  type ArrivalCheck,
  arrivalCheckSchema,
  type CheckedPart,
  type FilledCheck,
  filledCheckSchema,
  MOST_PHOTOS_A_CHECK,
  MOST_PHOTOS_A_PART,
  type Occasion,
  occasions,
  type Signature,
  type Verdict,
  verdicts,
} from './arrivalCheckSchema';
export { composeCheck } from './composeCheck';
export { type OnTheWay, onTheWay } from './onTheWay';
export { checkSummary, occasionWords, verdictWords } from './words';
