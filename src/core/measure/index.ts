export {
  distanceBothWaysTold,
  distanceRangeTold,
  distanceTold,
  odometerProblemMessage,
  parseOdometer,
  speakDistance,
  speakDistanceBothWays,
} from './distance';
export {
  MAX_PAINT_UM,
  type PaintUnit,
  paintDepthTold,
  paintProblemMessage,
  paintRangeTold,
  parsePaint,
  speakPaint,
  UM_PER_MIL,
} from './paintDepth';
export {
  areaTold,
  MAX_SIZE_MM,
  parseSize,
  roughMm,
  sizeProblemMessage,
  sizeTold,
  speakSize,
  tidy,
} from './size';
export {
  MAX_CAR_TREAD_MM,
  MAX_TREAD_MM,
  NEW_CAR_TREAD_MM,
  parseTread,
  speakTread,
  type TreadDepth,
  type TreadUnit,
  treadProblemMessage,
  treadTold,
  underTold,
} from './tread';
export {
  inchesFromMm,
  KM_PER_MILE,
  kmFromMiles,
  MM_PER_INCH,
  milesFromKm,
  mmFrom32nds,
  thirtySecondsFromMm,
} from './units';
export { measureWords } from './words';
