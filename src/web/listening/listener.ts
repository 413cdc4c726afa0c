/** A piece of what was heard: what may still change, and what stands. */
export interface Piece {
  text: string;
  isFinal: boolean;
}

/** Something that turns speech into words. */
export interface Listener {
  start: () => void;
  stop: () => void;
}

export interface Hearing {
  onPiece: (piece: Piece) => void;
  /** It stopped by itself: why, in words, where that is no wish of the speaker’s. */
  onEnd: (problem?: string) => void;
}
