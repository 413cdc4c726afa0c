export { judgePaint, PAINT_LIMITS, type PanelToJudge } from './judgePaint';
export { modifiedZ, strayReadings, Z_LIMIT } from './modifiedZ';
export {
  FEWEST_READINGS,
  median,
  type PaintLevel,
  paintLevel,
  robustZ,
} from './paintLevel';
export { coarseSentence, doubtSentence, levelSentence, paintClassWords, roofSentence } from './paintWords';
export { type EyeEvidence, type PaintClass, type PanelVerdict, paintClasses } from './verdict';
