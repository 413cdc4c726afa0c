import type { ReportDocument } from '../reportDocument';

/** A sound or video that a report lets its readers hear or see, and what of. */
export interface RecordingTold {
  sha256: string;
  of: 'sound' | 'video';
  seconds: number;
  name: string;
}

/** Every sound and video of a report: of what was tried, and of what was said in the film of the walk. */
export const recordingsTold = ({
  functions,
  findings,
}: Pick<ReportDocument, 'functions' | 'findings'>): RecordingTold[] => [
  ...(functions?.recordings ?? []).map(({ sha256, of, seconds, name }) => ({ sha256, of, seconds, name })),
  ...findings.flatMap(({ inFilm, number, line }) =>
    inFilm?.clip ? [{ ...inFilm.clip, name: `${number} ${line}` }] : [],
  ),
];
