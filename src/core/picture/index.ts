export {
  drawOverlay,
  OVERLAY_INK,
  OVERLAY_YELLOW,
  type OverlayShape,
  overlaySvg,
  type PlacedText,
} from './drawOverlay';
export { type Homography, project, type Vec2 } from './homography';
export {
  type HideBox,
  type HideReason,
  hideBoxesSchema,
  hideReasons,
  isBare,
  type Mark,
  marksSchema,
  type Overlay,
  type PictureSpot,
  type Place,
  placeSchema,
} from './marks';
export {
  type Measurement,
  measurementSchema,
} from './measurementSchema';
export {
  CARD_MM,
  COINS_MM,
  type Measured,
  type MeasureWarning,
  measureOnPicture,
  type PictureMark,
  type PictureScale,
  type PictureSize,
  PLACING_PX,
  warningsOf,
} from './measureOnPicture';
export { orderCorners } from './orderCorners';
export { refineCard } from './refineCard';
export { mmPerPixelAt, roundLength } from './scaleAt';
