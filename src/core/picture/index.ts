export {
  drawOverlay,
  OVERLAY_INK,
  OVERLAY_YELLOW,
  type OverlayShape,
  overlaySvg,
  type PlacedText,
} from './drawOverlay';
export { type HideReason, hideReasons } from './hideReasons';
export { type Homography, project, type Vec2 } from './homography';
export {
  type HideBox,
  hideBoxesSchema,
  type Mark,
  marksSchema,
  type Place,
  placeSchema,
} from './marksSchema';
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
export { isBare, type Overlay, type PictureSpot } from './overlay';
export { refineCard } from './refineCard';
export { mmPerPixelAt, roundLength } from './scaleAt';
