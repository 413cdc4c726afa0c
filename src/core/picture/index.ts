export { fitHomography, type Homography, inverse, project, stretchAt, type Vec2 } from './homography';
export {
  CARD_MM,
  COINS_MM,
  type Measured,
  type MeasureWarning,
  measureOnPicture,
  type PictureMark,
  type PictureScale,
  PLACING_PX,
} from './measureOnPicture';
