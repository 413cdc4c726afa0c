export {
  type EyeEvidence,
  judgePaint,
  PAINT_LIMITS,
  type PaintClass,
  type PanelToJudge,
  type PanelVerdict,
  paintClasses,
} from './judgePaint';
export {
  FEWEST_READINGS,
  type PaintLevel,
  type PanelReadings,
  paintLevel,
  robustZ,
  Z_LIMIT,
} from './paintLevel';
