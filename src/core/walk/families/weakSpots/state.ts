import type { z } from 'zod';
import type { PartId } from '../../../car';
import type { SpotAnswer, weakSpotBodies } from './bodies';

/** A weak spot as it was asked of this car, with what was answered. */
export interface SpotAsked
  extends Readonly<z.output<(typeof weakSpotBodies)['weak-spots-listed']>['spots'][number]> {
  answered?: { answer: SpotAnswer; finding?: string; why?: string; at: string; who: string };
}

export const spotKey = (spot: string, part: PartId): string => `${spot} ${part}`;
