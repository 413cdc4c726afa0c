import type { Vec2 } from '#core/picture';

/** How a picture lies on its stage. */
export interface StageView {
  /** Screen pixels per pixel of the picture. */
  zoom: number;
  left: number;
  top: number;
}

interface Size {
  width: number;
  height: number;
}

const MOST_ZOOM = 12;
/** A little smaller than all of it, so that its edges can be drawn at. */
const LEAST_OF_FIT = 0.8;

/** So large a picture fits its stage; 0 while the stage has no size. */
export const fitZoom = (stage: Size, picture: Size): number =>
  stage.width > 0 ? Math.min(stage.width / picture.width, stage.height / picture.height) : 0;

/** All of the picture, in the middle of its stage. */
export function wholeView(stage: Size, picture: Size): StageView {
  const zoom = fitZoom(stage, picture);
  return {
    zoom,
    left: (stage.width - picture.width * zoom) / 2,
    top: (stage.height - picture.height * zoom) / 2,
  };
}

/** Pixel of the picture under a place of the stage. */
export const toPicture = ({ zoom, left, top }: StageView, [x, y]: Vec2): Vec2 => [
  (x - left) / zoom,
  (y - top) / zoom,
];

/** Nearer or farther by a factor, within limits; what lies under `at` stays there. */
export function zoomedAbout(view: StageView, [x, y]: Vec2, by: number, fit: number): StageView {
  const zoom = Math.max(fit * LEAST_OF_FIT, Math.min(MOST_ZOOM, view.zoom * by));
  const scale = zoom / view.zoom;
  return { zoom, left: x - (x - view.left) * scale, top: y - (y - view.top) * scale };
}
