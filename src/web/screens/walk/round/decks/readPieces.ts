import { fetchedScreen } from '../../../../shell/RouteBoundary';

/** Pieces of the stop's deck that carry the words of readings: fetched once the walk stands, since most stops show neither. */
export const knownHere = fetchedScreen(() => import('./KnownHere').then((file) => file.KnownHere));
export const treadEntry = fetchedScreen(() => import('./TreadEntry').then((file) => file.TreadEntry));
