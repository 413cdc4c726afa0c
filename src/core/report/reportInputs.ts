import type { Car } from '../car';
import type { UsualFor } from '../judge';
import type { WalkFigure } from '../readings';
import type { Entry } from '../walk';
import type { IdentityTelling } from './identityTelling';
import type { ReportDocument } from './reportDocument';

export interface PhotoFacts {
  width: number;
  height: number;
}

/** All that a report rests on. The same inputs give the same document. */
export interface ReportInputs {
  id: string;
  revision: number;
  frozenAt: string;
  signedBy: string;
  yard: ReportDocument['yard'];
  car: Omit<Car, 'id' | 'createdAt' | 'updatedAt'>;
  /** How much of plate and identity number it tells; all of it when left out, as early reports do. */
  identity?: IdentityTelling;
  walk: string;
  /** The walk's entries up to the position frozen. */
  entries: readonly Entry[];
  /** Known photos by SHA-256; others are listed without a size. */
  photos: ReadonlyMap<string, PhotoFacts>;
  /** What other walks of the car read off its odometer. */
  otherWalks?: readonly WalkFigure[];
  /** What is usual on cars like it, by this yard's own walks. */
  usual?: UsualFor;
  /** Mornings on which it was looked at while it stood. */
  mornings?: NonNullable<ReportDocument['stood']>['looks'];
}

/** Thrown when there is nothing to freeze. */
export class EmptyWalkError extends Error {
  constructor() {
    super('The walk has not begun: there is nothing to freeze.');
  }
}
