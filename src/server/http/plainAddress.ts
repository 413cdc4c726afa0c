import type { RequestHandler } from 'express';
import { isPlainText } from '../plainText';
import { badRequest } from '../problems';

/** Addresses and searches are text from outside too. */
export const plainAddressOnly: RequestHandler = (request, _response, next) => {
  const address = decoded(request.originalUrl);
  if (address === undefined || !isPlainText(address))
    throw badRequest('bad-address', 'The address holds a character that cannot be shown. Check the link.');
  next();
};

function decoded(address: string): string | undefined {
  try {
    return decodeURIComponent(address);
  } catch {
    return undefined;
  }
}
