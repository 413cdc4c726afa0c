export { FEWEST_CARS, type UsualBand, usualBandSchema } from './bandOf';
export { type Counted, countWalk, type JudgedWalk } from './countWalk';
export { seededRandom } from './gamma';
export { houseTable } from './houseTable';
export { isHeavier, type Standing, standingOf, standings, type UsualFor, usualFor } from './judge';
export { learn } from './learn';
export { type MeasureId, measureForms, measureIds, measureName } from './measures';
export type { Learned } from './model';
export {
  ageBandWords,
  type Band,
  type Expectation,
  type ExpectationTable,
  expectationTableSchema,
  type Grid,
  gridOf,
  milesBandWords,
} from './table';
export { tableIssueWords } from './tableIssues';
export { readTable, tableAsJson, tableCells } from './tableText';
