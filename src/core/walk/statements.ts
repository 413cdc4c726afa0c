import type { FaceId, PartId, Vocabulary } from '../car';
import type { StatementMade } from './families/course/sweep';

const words: Record<Exclude<StatementMade['is'], 'one-repair' | 'other'>, string> = {
  'light-scratches': 'light scratches all round',
  'lines-up': 'panels line up',
  'original-paint': 'looks all original paint, judged by eye',
  'straight-for-age': 'straight for its age',
};

/** The statements of the usual list, as a button says them. */
export const statementNames = {
  ...words,
  'one-repair': 'one repair over several parts',
  other: 'something else',
} as const;

export interface StatementSpeech {
  vocabulary: Vocabulary;
  nameOf: (part: PartId) => string;
  /** "Nearside (left)"; "left" where it is left out. */
  sideOf?: (face: FaceId) => string;
}

/** A statement as a reader is told it: "Nearside (left): panels line up", "One repair over a and b: haze over both". */
export function statementSays({ over, is, says = '' }: StatementMade, speech: StatementSpeech): string {
  const { nameOf, sideOf = (face: FaceId) => face } = speech;
  const where =
    over.of === 'car' ? 'Whole car' : over.of === 'side' ? sideOf(over.face) : listed(over.parts.map(nameOf));
  if (is === 'one-repair') return `One repair over ${where}: ${says}`;
  if (is === 'other') return `${where}: ${says}`;
  return `${where}: ${words[is]}${says ? `; ${says}` : ''}`;
}

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
