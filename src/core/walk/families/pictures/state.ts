import type { WalkState } from '../../walkState';
import type { PictureState } from './told';

export const barePicture: PictureState = { marks: [], spots: new Map() };

export const pictureOf = (state: Pick<WalkState, 'pictures'>, sha256: string): PictureState =>
  state.pictures.get(sha256) ?? barePicture;

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
