import { fetchedScreen } from '../../../../shell/RouteBoundary';

/** Pieces of the stop's deck that most stops do not show: fetched once the walk stands. */
export const knownHere = fetchedScreen(() => import('./KnownHere').then((file) => file.KnownHere));
export const treadEntry = fetchedScreen(() => import('./TreadEntry').then((file) => file.TreadEntry));
export const notThereOnly = fetchedScreen(() => import('./NotThereOnly').then((file) => file.NotThereOnly));
