export {
  alignPhotos,
  clockOffset,
  type PlacedPhoto,
  type PlacingReason,
  type TimedPhoto,
  type Visit,
} from './alignPhotos';
export { differenceHash, type Grey, hashDistance } from './differenceHash';
export { visitsOf } from './visitsOf';
