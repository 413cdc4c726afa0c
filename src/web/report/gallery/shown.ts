import type PhotoSwipe from 'photoswipe';

/** How a picture lies on the screen, in CSS pixels. */
export interface Shown {
  /** Width and height of the whole picture as near as one has come. */
  width: number;
  height: number;
  /** Its upper left corner. */
  left: number;
  top: number;
  /** What can be seen of it, the screen without the bar and the words: how far down it begins, its width and height. */
  seenTop: number;
  seenWidth: number;
  seenHeight: number;
  /** Times nearer than it opens. */
  nearer: number;
}

/** A picture that is told to be nearer by less was only touched. */
const A_TOUCH = 1.05;

export const isNear = ({ nearer }: Shown): boolean => nearer > A_TOUCH;

/** How the picture in hand lies on the screen, below a bar so high; nothing while it has no size. */
export function shownOf({ currSlide }: PhotoSwipe, barHigh: number): Shown | undefined {
  if (!currSlide || currSlide.width === 0) return undefined;
  const { width, height, currZoomLevel, pan, panAreaSize, zoomLevels } = currSlide;
  return {
    width: width * currZoomLevel,
    height: height * currZoomLevel,
    left: pan.x,
    top: pan.y,
    seenTop: barHigh,
    seenWidth: panAreaSize.x,
    seenHeight: panAreaSize.y,
    nearer: currZoomLevel / zoomLevels.initial,
  };
}

const share = (value: number): number => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;

/** The spot of a picture, as shares of its width and height, that lies in the middle of what is seen. */
export const spotInTheMiddle = ({ width, height, left, top, seenTop, seenWidth, seenHeight }: Shown) => ({
  x: share((seenWidth / 2 - left) / width),
  y: share((seenTop + seenHeight / 2 - top) / height),
});
