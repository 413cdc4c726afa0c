import type { Request } from 'express';

/** Where a browser is, as passkeys are bound to it: to the name in its address. */
export function hereOf(request: Request): { expectedOrigin: string; expectedRPID: string } {
  const expectedOrigin = `${request.protocol}://${request.get('host')}`;
  return { expectedOrigin, expectedRPID: new URL(expectedOrigin).hostname };
}
