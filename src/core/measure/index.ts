export { odometerProblemMessage, parseOdometer, speakDistance, speakDistanceBothWays } from './distance';
export {
  MAX_PAINT_UM,
  type PaintUnit,
  paintProblemMessage,
  parsePaint,
  speakPaint,
  UM_PER_MIL,
} from './paintDepth';
export { MAX_SIZE_MM, parseSize, sizeProblemMessage, speakSize } from './size';
export {
  MAX_CAR_TREAD_MM,
  MAX_TREAD_MM,
  NEW_CAR_TREAD_MM,
  parseTread,
  speakTread,
  speakUnder,
  type TreadDepth,
  type TreadUnit,
  treadProblemMessage,
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
