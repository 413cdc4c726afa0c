import { LARGEST_RECORDING_BYTES, LONGEST_RECORDING_S } from '#core/walk';

/** Why a file's size cannot be taken, before anything of it is read; undefined when it can. */
export function sizeProblem({ size }: Pick<Blob, 'size'>, name: string): string | undefined {
  if (size === 0) return `${name} is empty. Choose the file again.`;
  if (size > LARGEST_RECORDING_BYTES)
    return `${name} has ${sizeWords(size)}; at most 40 MB. Record the fault alone, or set the camera to a smaller size.`;
  return undefined;
}

/** Why a length cannot be taken. */
export const lengthProblem = (seconds: number, name: string): string | undefined =>
  seconds > LONGEST_RECORDING_S + 1
    ? `${name} is ${Math.round(seconds)} seconds long; at most ${LONGEST_RECORDING_S}. Cut it, or record the fault alone.`
    : undefined;

export const notPlayable = (name: string): string =>
  `${name} cannot be played: it is neither sound nor video, whatever its name says. Choose an MP4, WebM, M4A, MP3, Ogg or WAV.`;

export const sizeWords = (bytes: number): string =>
  bytes >= 1e9 ? `${(bytes / 1e9).toFixed(1)} GB` : `${Math.round(bytes / 1e6)} MB`;
