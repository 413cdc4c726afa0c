import { unprocessable } from '../problems';

export const damaged = () =>
  unprocessable(
    'recording-damaged',
    'The recording is damaged or cut short and cannot be played. Record it again.',
  );

/** Tracks beside sound and picture hold what nobody can see in them, like where the phone was. */
export const tellsMore = () =>
  unprocessable(
    'recording-tells-more',
    'The recording carries tracks beside sound and picture, which may tell where and by whom it was made. Record the fault here in Zelk instead.',
  );
