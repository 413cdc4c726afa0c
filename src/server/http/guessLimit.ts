import type { Request, RequestHandler } from 'express';
import { type Guesses, tooManyTries } from '../guessing/guesses';

/** Who asks. Of IPv6 the network: one line has as many addresses as it likes. */
export const addressOf = ({ ip = '' }: Request): string =>
  ip.includes('.') ? ip : ip.split(':').slice(0, 4).join(':');

/** Slows down whoever guesses links or passphrases. */
export const guessLimit =
  (guesses: Guesses): RequestHandler =>
  async (request, _response, next) => {
    next((await guesses.isGuessing(addressOf(request))) ? tooManyTries() : undefined);
  };
