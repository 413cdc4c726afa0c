export {
  type Corner,
  corners,
  dropPlaces,
  type KeptLook,
  keptLookSchema,
  lookIssue,
  lookIssueWords,
  type MorningLook,
  morningLookSchema,
} from './look';
export { overnightLooks } from './overnight';
export { type Looked, type Stood, type StoodTrend, stoodOf } from './stood';
