import type { Response } from 'express';
import type { Overlay } from '#core/picture';
import type { Context } from '../../context';
import type { DerivativeWidth } from '../../photos/photoFiles';
import { notFound } from '../../problems';
import { sendFile } from './sendFile';

/** A photo is named by its content, so what a name gives never changes. */
const FOREVER = 'private, max-age=31536000, immutable';

/** Sends what may be shown of a photo. The caller has decided that it may. */
export async function sendPhoto(
  { stores, burned }: Context,
  response: Response,
  sha256: string,
  width: DerivativeWidth,
  { cache = FOREVER, overlay }: { cache?: string; overlay?: Overlay } = {},
): Promise<void> {
  if (!stores.photos.get(sha256)?.stored)
    throw notFound('photo', 'It may not have been sent from the phone yet.');
  const file = await burned(sha256, overlay ?? {}, width);
  response.set({
    'Cache-Control': cache,
    'Content-Type': 'image/jpeg',
    ...(!overlay && { ETag: `"${sha256}-${width}"` }),
  });
  await sendFile(response, file);
}
