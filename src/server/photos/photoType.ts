import { open } from 'node:fs/promises';
import { unprocessable } from '../problems';
import { type PhotoMime, sniff } from './sniff';

/** What a file is by its first bytes. Throws a Problem for what is no photo Zelk reads. */
export async function photoTypeOf(file: string): Promise<PhotoMime> {
  const handle = await open(file, 'r');
  try {
    const head = Buffer.alloc(16);
    await handle.read(head, 0, 16, 0);
    const type = sniff(head);
    if (type === 'heic') {
      throw unprocessable(
        'photo-heic',
        'HEIC photos cannot be read. Set the phone’s camera to “most compatible” (JPEG), or send the photo as JPEG.',
      );
    }
    if (type === 'not-a-photo') {
      throw unprocessable(
        'photo-unknown-type',
        'This is not a photo, whatever its name says. Send a JPEG, PNG or WebP.',
      );
    }
    return type;
  } finally {
    await handle.close();
  }
}
