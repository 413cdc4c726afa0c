import type { HideBox, Mark, Place } from '../picture';
import type { EntryOf } from './entries';
import type { WalkState } from './walkState';

/** What a walk says of one picture. */
export interface PictureState {
  marks: readonly Mark[];
  /** Undefined until someone has looked whether there is anything to hide. */
  boxes?: readonly HideBox[];
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

export const barePicture: PictureState = { marks: [], spots: new Map() };

export const pictureOf = (state: Pick<WalkState, 'pictures'>, sha256: string): PictureState =>
  state.pictures.get(sha256) ?? barePicture;

export function broughtBy({ id, body }: EntryOf<'photo-brought'>): BroughtPhoto {
  const { photo, ...rest } = body;
  return { sha256: photo, ...rest, entry: id };
}

type Saying = EntryOf<'spot-on-photo' | 'photo-marked' | 'photo-hidden' | 'photo-captioned'>;

export function withSaid(picture: PictureState, entry: Saying): PictureState {
  switch (entry.kind) {
    case 'spot-on-photo': {
      const spots = new Map(picture.spots);
      if (entry.body.at) spots.set(entry.body.finding, entry.body.at);
      else spots.delete(entry.body.finding);
      return { ...picture, spots };
    }
    case 'photo-marked':
      return { ...picture, marks: entry.body.marks };
    case 'photo-hidden':
      return { ...picture, boxes: entry.body.boxes };
    case 'photo-captioned': {
      const { caption: _, ...rest } = picture;
      return entry.body.caption ? { ...rest, caption: entry.body.caption } : rest;
    }
  }
}

/** Every picture a walk names, whatever became of it. */
export const picturesNamed = ({ photos, brought, setAside, answers }: WalkState): Set<string> =>
  new Set([
    ...photos.map(({ sha256 }) => sha256),
    ...brought.map(({ sha256 }) => sha256),
    ...[...answers.values()].flatMap((given) => given.flatMap((answer) => answer.photos)),
    ...setAside,
  ]);

/** What can only be said at the end: set-aside pictures are out of the walk, and placed ones no longer wait for a place. */
export function finishPictures(state: WalkState): void {
  state.photos = state.photos.filter(({ sha256 }) => !state.setAside.has(sha256));
  const placed = new Set(state.photos.map(({ sha256 }) => sha256));
  state.brought = state.brought.filter(({ sha256 }) => !placed.has(sha256) && !state.setAside.has(sha256));
  if (state.cover && !placed.has(state.cover)) delete state.cover;
}
