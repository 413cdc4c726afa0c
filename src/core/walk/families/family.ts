import type { z } from 'zod';
import type { PartId, Vocabulary } from '../../car';
import type { Finding, WalkState } from '../walkState';
import type { Bodies, Noters, Told } from './noters';

/** A walk while its log is replayed. */
export interface Replaying {
  state: WalkState;
  findings: Map<string, Finding>;
}

/** How the log speaks of what entries only name. */
export interface LogSpeech {
  vocabulary: Vocabulary;
  nameOf: (part: PartId) => string;
  /** "Bonnet, dent": the part and kind of a finding. */
  about: (finding: string) => string;
  titleOf: (functionId: string) => string;
  /** What a weak spot of this car is called. */
  spotTitle: (spot: string, part: PartId) => string;
}

/** Moves and settings: no line of the log, and nothing an undo button would be pressed for. */
export const silent = 'silent';

/** How the log words each kind of a family, or that it is passed over. None may be left out. */
export type Words<B extends Bodies> = {
  readonly [K in keyof B]: typeof silent | ((body: z.output<B[K]>, speech: LogSpeech) => string);
};

/** All there is to some kinds of entry that belong together. What they leave in a walk's state begins as `empty`. */
export interface Family<B extends Bodies, Part extends Partial<WalkState>> {
  empty: () => Part;
  noters: Noters<Replaying, B>;
  words: Words<B>;
}

/**
 * Checks that a family is whole. Adding a kind to its bodies without noting and wording it does not compile. The bodies are named as a type
 * alone: who replays a log need not build the shapes it is checked by.
 */
export const familyOf =
  <B extends Bodies>() =>
  <Part extends Partial<WalkState>>(whole: Family<B, Part>): Family<B, Part> =>
    whole;

/** Noters of one part of the state, as noters of the whole. */
export const inside = <Into, B extends Bodies>(
  partOf: (state: WalkState) => Into,
  noters: Noters<Into, B>,
): Noters<Replaying, B> =>
  Object.fromEntries(
    Object.entries(noters).map(([kind, note]) => [
      kind,
      ({ state }: Replaying, entry: Told<never>) => note(partOf(state), entry),
    ]),
  ) as Noters<Replaying, B>;
