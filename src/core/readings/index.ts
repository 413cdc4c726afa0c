export {
  type FunctionRow,
  type FunctionTable,
  functionFault,
  functionTable,
  functionTitle,
} from './functionTable';
export { countWords, type KitRow, type KitTable, kitTable } from './kitTable';
export { type OthersLeft, othersLeft, papersLeft } from './othersLeft';
export {
  CHANGED,
  type PaintChange,
  type PaintHistory,
  paintChanges,
  paintHistorySchema,
  paintOfWalk,
} from './paintHistory';
export { type PaintRow, type PaintTable, paintTable, panelsToGauge } from './paintTable';
export { type PapersTable, papersTable } from './papersTable';
export {
  repairWords,
  ruleOf,
  type ScreenRow,
  type ScreenTable,
  screenPlannedOf,
  screenTable,
} from './screenTable';
export { nextThird, type TyreRow, type TyreTable, tyresOf, tyreTable } from './tyreTable';
export { odometerOfWalks, type WalkFigure, walkFigureSchema } from './walkFigures';
export { type WheelRow, type WheelTable, wheelTable } from './wheelTable';
