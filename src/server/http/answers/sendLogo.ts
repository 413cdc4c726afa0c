import type { Response } from 'express';
import type { Context } from '../../context';
import { notFound } from '../../problems';

/** Sends a logo. The caller has decided that it may. */
export function sendLogo({ stores }: Pick<Context, 'stores'>, sha256: string, response: Response): void {
  const png = stores.people.logo(sha256);
  if (!png) throw notFound('logo');
  response.set({ 'Cache-Control': 'private, max-age=31536000, immutable' }).type('png').send(png);
}
