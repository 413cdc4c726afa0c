export { type DrawnOverlay, drawOverlay, type PlacedText } from './drawOverlay';
export { fitHomography, type Homography, inverse, project, stretchAt, type Vec2 } from './homography';
export {
  type HideBox,
  type HideReason,
  hideBoxesSchema,
  hideBoxSchema,
  hideReasons,
  isBare,
  LINE_SHARE,
  type Mark,
  markSchema,
  marksSchema,
  type Overlay,
  type PictureSpot,
  type Place,
  placeSchema,
  SPOT_RADIUS_SHARE,
  TEXT_SHARE,
} from './marks';
export {
  type Measurement,
  measurementSchema,
  pictureMarkSchema,
  pictureScaleSchema,
} from './measurementSchema';
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
export { orderCorners } from './orderCorners';
export { refineCard } from './refineCard';
export { mmPerPixelAt, roundLength } from './scaleAt';
