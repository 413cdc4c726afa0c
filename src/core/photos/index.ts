export {
  alignPhotos,
  fitClock,
  type TimedPhoto,
  type Visit,
} from './alignPhotos';
export { regionAround } from './blurOf';
export { cameraMs, readCameraTime } from './cameraTime';
export { differenceHash, type Grey, hashDistance, SAME_PICTURE_BITS } from './differenceHash';
export {
  faultsOf,
  faultWords,
  JUDGED_SIDE,
  measureQuality,
  type PictureFault,
  type PictureQuality,
  pictureQualitySchema,
} from './judgePicture';
export { type Proposal, proposePlaces } from './proposePlaces';
export { visitsOf } from './visitsOf';
