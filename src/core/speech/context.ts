import type { BodyStyle, PartId, SideSpeech } from '../car';
import type { TaughtWord } from './lexicon/lexicon';

/** The car that is spoken of, and how its sides are called where it is driven. */
export interface SpeechContext {
  style: BodyStyle;
  speech: SideSpeech;
  /** The part one stands at: what is meant until another is named. */
  here?: PartId;
  /** Typed by hand: single letters say sides. */
  isTyped?: boolean;
  /** Words of the house. */
  taught?: readonly TaughtWord[];
}
