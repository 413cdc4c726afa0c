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
  THIN_PAD_MM,
  type WheelFinish,
  wheelFinishes,
} from './wheelFacts';
