import type { RequestHandler, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { Problem } from '../problems';

/** Wrong links and passphrases from one address, in so much time. Right ones do not count. */
const MOST = 60;
const WINDOW_MS = 10 * 60 * 1000;

/** Marks an answer as one to a wrong link or passphrase. A picture that is still to come is no guess. */
export const noteGuess = (response: Response): void => {
  response.locals.isGuess = true;
};

const refuse: RequestHandler = (_request, _response, next) => {
  const problem = new Problem(
    429,
    'too-many-tries',
    'Too many wrong tries',
    'Links or passphrases were tried that do not fit. Wait ten minutes, then open the link as the yard sent it.',
  );
  next(problem);
};

/** Somebody guesses: the page is shown without a word of any report, and tells them why itself. */
export const goOnWithoutWords: RequestHandler = (_request, response, next) => {
  response.locals.isGuessing = true;
  next();
};
export const isGuessing = (response: Response): boolean => response.locals.isGuessing === true;

/** Slows down whoever guesses links or passphrases. */
export const guessLimit = (answer: RequestHandler = refuse): RequestHandler =>
  rateLimit({
    windowMs: WINDOW_MS,
    limit: MOST,
    skipSuccessfulRequests: true,
    requestWasSuccessful: (_request, { locals }) => locals.isGuess !== true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (request, response, next) => answer(request, response, next),
  });
