export { brakeTold } from './brakeTold';
export {
  type RefinishClass,
  refinishClass,
  refinishTold,
  setTold,
} from './refinish';
export { coveredDeg, damagedMm, type RimArc } from './rimDamage';
export { say as sayOfWheels } from './say';
export {
  BRAKE_CAUTION,
  type BrakeMark,
  brakeMarks,
  finishNames,
  THIN_PAD_MM,
  type WheelFinish,
  wheelFinishes,
} from './wheelFacts';
export { wheelWords } from './words';
