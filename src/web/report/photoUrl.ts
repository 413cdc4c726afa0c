import type { CoverNote } from '#core/report';

/** Where a page may fetch a photo; the yard and a buyer's link reach it by different ways. */
export type PhotoUrl = (sha256: string, width: 320 | 1600) => string;

/** Where a page may fetch photos and recordings. */
export interface ReportFiles {
  photoUrl: PhotoUrl;
  recordingUrl: (sha256: string) => string;
  logoUrl: (sha256: string) => string;
  /** What was hidden of the pictures since the report was frozen. */
  covered?: readonly CoverNote[];
}
