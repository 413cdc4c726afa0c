export {
  alignPhotos,
  clockOffset,
  fitClock,
  type PlacedPhoto,
  type PlacingReason,
  type TimedPhoto,
  type Visit,
} from './alignPhotos';
export { type Blur, blurOf, type Region, regionAround } from './blurOf';
export { cameraMs, readCameraTime } from './cameraTime';
export { differenceHash, type Grey, hashDistance, SAME_PICTURE_BITS } from './differenceHash';
export {
  faultsOf,
  faultWords,
  JUDGED_SIDE,
  measureQuality,
  type PictureFault,
  type PictureQuality,
  pictureFaults,
  pictureQualitySchema,
  QUALITY_LIMITS,
} from './judgePicture';
export { type Proposal, proposePlaces } from './proposePlaces';
export { visitsOf } from './visitsOf';
