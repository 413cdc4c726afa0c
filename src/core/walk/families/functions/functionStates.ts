/** How a function was found. "Not tried" says why. */
export const functionStates = ['works', 'faulty', 'not-fitted', 'not-tried'] as const;
export type FunctionState = (typeof functionStates)[number];
export const functionStateWords: Record<FunctionState, string> = {
  works: 'works',
  faulty: 'faulty',
  'not-fitted': 'not fitted',
  'not-tried': 'not tried',
};

export const recordingKinds = ['sound', 'video'] as const;
export type RecordingKind = (typeof recordingKinds)[number];
/** Long enough to hear a fault, short enough to send from a yard. House rule. */
export const LONGEST_RECORDING_S = 30;
export const LARGEST_RECORDING_BYTES = 40 * 1024 * 1024;
/** A film of a whole walk that the yard keeps: it is opened whole on the server, which is a small machine. House rule. */
export const LARGEST_FILM_BYTES = 2 * 1024 ** 3;
export const LONGEST_FILM_S = 3 * 3600;
