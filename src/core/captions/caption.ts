/** A stretch of a film's talk. Seconds from the beginning of what it was made of; without times where its file had none. */
export interface Caption {
  text: string;
  startS?: number;
  endS?: number;
}

export const captionFormats = ['webvtt', 'subrip', 'json', 'timed-text', 'plain-text'] as const;
export type CaptionFormat = (typeof captionFormats)[number];

/** What was odd of a file that was taken all the same. */
export type CaptionNote =
  | { code: 'put-in-order'; count: number }
  | { code: 'time-unreadable'; count: number }
  | { code: 'overlaps'; count: number }
  | { code: 'no-times' };

/** Why a file is not taken. */
export type CaptionIssue =
  | { code: 'empty' }
  | { code: 'no-words' }
  | { code: 'not-text' }
  | { code: 'json-broken' }
  | { code: 'json-unknown' }
  | { code: 'too-long'; captions: number; most: number }
  | { code: 'too-many-words'; words: number; most: number };

export type CaptionsRead =
  | { ok: true; format: CaptionFormat; captions: Caption[]; notes: CaptionNote[] }
  | { ok: false; issue: CaptionIssue };
