import type { Response } from 'express';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { sendFile } from './sendFile';

/** Sends a sound or video to be played, in pieces where the player asks so. The caller has decided that it may. */
export async function sendRecording(
  { files, stores, away }: Context,
  response: Response,
  sha256: string,
): Promise<void> {
  const known = stores.recordings.get(sha256);
  if (!known?.stored) throw notFound('recording', 'It may not have been sent from the phone yet.');
  if (!(await away.bringHere(files.recording(sha256))))
    throw notFound(
      'recording',
      'Its file is missing on Zelk’s server. Send it again from where it was made.',
    );
  response.set({
    'Cache-Control': 'private, max-age=31536000, immutable',
    'Content-Type': known.record.mime,
    'Content-Disposition': 'inline',
  });
  await sendFile(response, files.recording(sha256));
}
