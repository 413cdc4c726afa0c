export { aboutTold, aboutWords } from './aboutWords';
export { type EquipmentTable, equipmentTable, equipmentTold } from './equipmentTable';
export {
  type FunctionRow,
  type FunctionTable,
  functionFault,
  functionTable,
  functionTitle,
  isTriedFirst,
} from './functionTable';
export { type KitLines, kitLines } from './kitLines';
export { type KitRow, type KitTable, kitTable } from './kitTable';
export { leftElsewhere } from './leftElsewhere';
export { papersLeft } from './othersLeft';
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
export { lineOf } from './papersTold';
export { contradictions, partConcerns } from './partConcerns';
export { type PlaceOfWalk, type PlaceProgress, placesOfWalk } from './placesOfWalk';
export { readingWords, tellFor } from './readingWords';
export { say as sayOfReadings } from './say';
export { type ScreenRow, type ScreenTable, screenRepairTold, screenTable } from './screenTable';
export { faultTold, functionTold } from './tellFunction';
export {
  alterationTold,
  countTold,
  itemTold,
  smellsTold,
  smellTold,
  strongSmells,
} from './tellKit';
export { nextThird, type TyreRow, type TyreTable, tyresOf, tyreTable } from './tyreTable';
export { odometerOfWalks, type WalkFigure, walkFigureSchema } from './walkFigures';
export {
  type LeftCode,
  type LeftItem,
  type LeftScreen,
  leftOf,
  type WhatIsLeft,
  whatIsLeft,
} from './whatIsLeft';
export { type WheelRow, type WheelTable, wheelTable } from './wheelTable';
export { tellAtStop } from './words';
