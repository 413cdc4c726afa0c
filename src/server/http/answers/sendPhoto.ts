import type { Response } from 'express';
import type { Overlay } from '#core/picture';
import type { Context } from '../../context';
import { drawingOf } from '../../photos/burn';
import type { DerivativeWidth } from '../../photos/photoFiles';
import { notFound } from '../../problems';
import { sendFile } from './sendFile';

/** A photo is named by its content and a drawing by what is drawn, so what both together give never changes. */
const FOREVER = 'private, max-age=31536000, immutable';

/** Sends what may be shown of a photo. The caller has decided that it may. `drawn` is the drawing it was asked for by. */
export async function sendPhoto(
  { stores, burned }: Context,
  response: Response,
  sha256: string,
  width: DerivativeWidth,
  { overlay, drawn }: { overlay?: Overlay; drawn?: string | undefined } = {},
): Promise<void> {
  if (!stores.photos.get(sha256)?.stored)
    throw notFound('photo', 'It may not have been sent from the phone yet.');
  const drawing = overlay && drawingOf(overlay);
  // Asked for by another drawing than today's, or by none: whoever keeps it asks again whether it still is that.
  const isNamed = overlay === undefined || drawn === drawing;
  response.set({
    'Cache-Control': isNamed ? FOREVER : 'private, no-cache',
    'Content-Type': 'image/jpeg',
    ETag: `"${[sha256, drawing, width].filter(Boolean).join('-')}"`,
  });
  if (response.req.fresh) {
    response.status(304).end();
    return;
  }
  const file = await burned(sha256, overlay ?? {}, width);
  await sendFile(response, file);
}
