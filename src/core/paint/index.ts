export {
  type EyeEvidence,
  judgePaint,
  PAINT_LIMITS,
  type PaintClass,
  type PanelToJudge,
  type PanelVerdict,
  paintClasses,
} from './judgePaint';
export { modifiedZ, strayReadings, Z_LIMIT } from './modifiedZ';
export {
  FEWEST_READINGS,
  median,
  type PaintLevel,
  type PanelReadings,
  paintLevel,
  robustZ,
} from './paintLevel';
export { levelSentence, paintClassWords, roofSentence } from './paintWords';
