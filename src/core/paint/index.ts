export { judgePaint, PAINT_LIMITS, type PanelToJudge } from './judgePaint';
export { modifiedZ, strayReadings, Z_LIMIT } from './modifiedZ';
export {
  FEWEST_READINGS,
  median,
  type PaintLevel,
  paintLevel,
  robustZ,
} from './paintLevel';
export { coarseTold, doubtTold, levelTold, roofTold } from './paintTold';
export { say as sayOfPaint } from './say';
export {
  type EyeEvidence,
  type PaintClass,
  type PanelVerdict,
  paintClasses,
  paintClassWords,
} from './verdict';
export { paintWords } from './words';
