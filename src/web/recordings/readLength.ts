import type { RecordingKind } from '#core/walk';

/** What the browser's own player makes of a file; undefined when it cannot play it. */
export function readLength(file: Blob): Promise<{ of: RecordingKind; seconds: number } | undefined> {
  return new Promise((resolve) => {
    const player = document.createElement('video');
    const url = URL.createObjectURL(file);
    const done = (seconds: number | undefined) => {
      URL.revokeObjectURL(url);
      const isPicture = player.videoWidth > 0;
      player.removeAttribute('src');
      resolve(
        seconds === undefined || seconds <= 0 ? undefined : { of: isPicture ? 'video' : 'sound', seconds },
      );
    };
    player.onerror = () => done(undefined);
    player.onloadedmetadata = () => {
      if (Number.isFinite(player.duration)) {
        done(player.duration);
        return;
      }
      // What was recorded live does not tell its length until the player has been sent past its end.
      player.ondurationchange = () => {
        if (Number.isFinite(player.duration)) done(player.duration);
      };
      player.currentTime = 1e7;
    };
    player.preload = 'metadata';
    player.src = url;
  });
}
