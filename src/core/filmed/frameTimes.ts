/** A person shows a thing a little before and after speaking of it. */
const ROUND_S = 2;
const STEP_S = 0.5;

/**
 * Seconds of a film to look for a picture of what was said at `atS`, the likeliest first: what is spoken of is mostly in the frame while the words are said, so
 * of frames equally sharp the first stands.
 */
export function frameTimes(atS: number, filmS: number): number[] {
  // Said beyond its end: no frame of it shows that.
  if (atS > filmS + ROUND_S) return [];
  const times = [0];
  for (let away = STEP_S; away <= ROUND_S; away += STEP_S) times.push(away, -away);
  const last = Math.max(0, filmS - 0.05);
  const within = times.map((away) => Math.round(Math.max(0, Math.min(last, atS + away)) * 100) / 100);
  return [...new Set(within)];
}

/** How a frame was judged: how far its edges are smeared, and how far off its second lies. */
export interface JudgedFrame {
  atS: number;
  /** Pixels; undefined where nothing in it has an edge. */
  blurPx: number | undefined;
}

/** So much sharper a frame must be for each second that it lies farther from the words. */
const BLUR_FOR_A_SECOND_PX = 0.12;

/** The frame to propose: sharp, and near the words. */
export function bestFrame(frames: readonly JudgedFrame[], atS: number): JudgedFrame | undefined {
  const cost = ({ atS: at, blurPx }: JudgedFrame) =>
    (blurPx ?? 8) + BLUR_FOR_A_SECOND_PX * Math.abs(at - atS);
  return frames.reduce<JudgedFrame | undefined>(
    (best, frame) => (best && cost(best) <= cost(frame) ? best : frame),
    undefined,
  );
}
