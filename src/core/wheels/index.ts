export {
  isASet,
  type RefinishClass,
  refinishClass,
  refinishWords,
} from './refinish';
export { coveredDeg, damagedMm, type RimArc } from './rimDamage';
export {
  BRAKE_CAUTION,
  type BrakeMark,
  brakeMarks,
  brakeWords,
  finishNames,
  type WheelFinish,
  wheelFinishes,
} from './wheelFacts';
