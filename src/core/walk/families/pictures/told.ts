import type { HideBox, Mark, Place } from '../../../picture';

/** What a walk says of one picture. */
export interface PictureState {
  marks: readonly Mark[];
  /** Undefined until someone has looked whether there is anything to hide. */
  boxes?: readonly HideBox[];
  /** When that was said last. */
  hiddenAt?: string;
  /** Where findings sit on it, by finding. */
  spots: ReadonlyMap<string, Place>;
  caption?: string;
}

export interface BroughtPhoto {
  sha256: string;
  name?: string;
  /** The camera's own time. */
  takenAt?: string;
  entry: string;
}
