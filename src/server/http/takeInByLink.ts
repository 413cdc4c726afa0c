import type { Request } from 'express';
import type { Context } from '../context';
import { unprocessable } from '../problems';

/** What is kept of pictures that came by one link, whoever's it is. */
interface LinkPictures {
  has: (link: string, sha256: string) => boolean;
  count: (link: string) => number;
  note: (link: string, sha256: string, at: string) => void;
  /** So many and no more, and what to do instead. */
  most: number;
  instead: string;
}

/** Takes in a picture sent by a link; the same one again changes nothing. Throws a Problem for one too many, and for what is no picture. */
export async function takeInByLink(
  { stores, takeIn, now }: Pick<Context, 'stores' | 'takeIn' | 'now'>,
  request: Request,
  link: string,
  sha256: string,
  { has, count, note, most, instead }: LinkPictures,
): Promise<{ sha256: string }> {
  if (has(link, sha256)) {
    request.resume();
    return { sha256 };
  }
  if (count(link) >= most)
    throw unprocessable(
      'too-many-photos',
      `${most} photos have come by this link, and no more are taken. ${instead}`,
    );
  // Taken in whole even when it is known here: only who has the picture may name it.
  const record = await takeIn(request, sha256);
  const at = now().toISOString();
  if (!stores.photos.get(sha256)?.stored) stores.photos.put(record, true, at);
  note(link, sha256, at);
  return { sha256 };
}
