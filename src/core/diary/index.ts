export { type Corner, corners, dropPlaces } from './choices';
export { isConfirmed } from './isConfirmed';
export { isOdd } from './isOdd';
export { type KeptLook, keptLookSchema, MOST_LOOK_PHOTOS, type MorningLook, morningLookSchema } from './look';
export { lookIssue, lookIssueWords } from './lookIssue';
export { answeredByMornings, overnightLooks } from './overnight';
export { type StoodTrend, stoodOf } from './stood';
export { morningInEnglish, morningWords } from './words';
