import type { BodyStyle, SideSpeech } from '../car';

/** The car that is spoken of, and how its sides are called where it is driven. */
export interface SpeechContext {
  style: BodyStyle;
  speech: SideSpeech;
}
