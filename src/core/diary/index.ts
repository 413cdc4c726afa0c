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
export { answeredByMornings, overnightLooks } from './overnight';
export { type StoodTrend, stoodOf } from './stood';
