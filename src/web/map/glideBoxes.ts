import type { Box } from '#core/car';

/** How a drawing that shows one box is shifted and scaled, from its upper left corner, to look as if it showed another: shifts are shares of its size. */
export interface Shift {
  x: number;
  y: number;
  scaleX: number;
  scaleY: number;
}

export const shiftTo = (shown: Box, looks: Box): Shift => ({
  x: (shown.x - looks.x) / looks.width,
  y: (shown.y - looks.y) / looks.height,
  scaleX: shown.width / looks.width,
  scaleY: shown.height / looks.height,
});

/** Which box a drawing looks to show when `progress`, 0 to 1, of such a shift is gone. */
export function boxUnder(shown: Box, { x, y, scaleX, scaleY }: Shift, progress: number): Box {
  const at = (from: number, to: number) => from + (to - from) * progress;
  const width = shown.width / at(scaleX, 1);
  const height = shown.height / at(scaleY, 1);
  return { x: shown.x - at(x, 0) * width, y: shown.y - at(y, 0) * height, width, height };
}
