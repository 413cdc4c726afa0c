import { z } from 'zod';
import { type Vocabulary, vocabularyOf } from '../car';
import type { HideBox, Overlay } from '../picture';
import { type AttachedPhoto, sha256Schema, type WalkState } from '../walk';
import { longDay } from '../wording';
import type { ReportDocument, ReportPhoto } from './reportDocument';

/** What the yard hides of a picture by now: parts of it, or all of it. Frozen reports keep their words; their pictures follow this at once. */
export interface PhotoCover {
  boxes: readonly HideBox[];
  /** When the boxes were drawn. */
  hiddenAt?: string;
  /** When the whole picture was withdrawn. */
  withdrawnAt?: string;
}
export type PhotoCovers = ReadonlyMap<AttachedPhoto['sha256'], PhotoCover>;

/** Every picture of a walk of which something is hidden now. */
export function photoCovers({ pictures, withdrawn }: Pick<WalkState, 'pictures' | 'withdrawn'>): PhotoCovers {
  const covers = new Map<string, PhotoCover>();
  for (const [sha256, { boxes = [], hiddenAt }] of pictures)
    if (boxes.length > 0) covers.set(sha256, { boxes, ...(hiddenAt && { hiddenAt }) });
  for (const [sha256, withdrawnAt] of withdrawn)
    covers.set(sha256, { boxes: [], ...covers.get(sha256), withdrawnAt });
  return covers;
}

/** What is drawn over a picture before it leaves the yard: what it was frozen with, and all that was hidden since. Nothing is uncovered by a report that hid it. */
export function covered(drawn: Overlay, cover: PhotoCover | undefined): Overlay {
  const { marks, boxes = [], spots } = drawn;
  const more = hiddenSince(drawn, cover);
  return {
    ...(marks && { marks }),
    ...(boxes.length + more.length > 0 && { boxes: [...boxes, ...more] }),
    ...(spots && { spots }),
  };
}

const hiddenSince = ({ boxes = [] }: Overlay, cover: PhotoCover | undefined): readonly HideBox[] => {
  const had = new Set(boxes.map((box) => JSON.stringify(box)));
  return (cover?.boxes ?? []).filter((box) => !had.has(JSON.stringify(box)));
};

/** A frozen report as its pictures may be shown now. Its words, its numbers and its fingerprint stay those of the frozen one. */
export const withCovers = (report: ReportDocument, covers: PhotoCovers): ReportDocument => ({
  ...report,
  photos: report.photos.map((photo) => {
    const { boxes } = covered(photo, covers.get(photo.sha256));
    return { ...photo, ...(boxes && { boxes: [...boxes] }) };
  }),
});

/** What a reader is told of a picture that was covered after the report was frozen. */
export const coverNoteSchema = z.object({
  sha256: sha256Schema,
  number: z.int().positive(),
  isWithdrawn: z.boolean(),
  says: z.string(),
});
export type CoverNote = z.output<typeof coverNoteSchema>;

/** One for each picture of the report that shows less than when it was frozen, in the report's order. */
export const coverNotes = (report: ReportDocument, covers: PhotoCovers): CoverNote[] =>
  report.photos.flatMap((photo): CoverNote[] => {
    const cover = covers.get(photo.sha256);
    if (!cover || !isCoveredSince(photo, cover)) return [];
    const { sha256, number } = photo;
    const says = noteWords(photo, cover, vocabularyOf(report.car));
    return [{ sha256, number, isWithdrawn: cover.withdrawnAt !== undefined, says }];
  });

const isCoveredSince = (photo: ReportPhoto, cover: PhotoCover): boolean =>
  cover.withdrawnAt !== undefined || hiddenSince(photo, cover).length > 0;

function noteWords({ number }: ReportPhoto, cover: PhotoCover, vocabulary: Vocabulary): string {
  if (cover.withdrawnAt) return `Photo ${number} was withdrawn on ${longDay(cover.withdrawnAt)}.`;
  const made = vocabulary === 'us' ? 'unrecognizable' : 'unrecognisable';
  const on = cover.hiddenAt ? ` on ${longDay(cover.hiddenAt)}` : '';
  return `Part of photo ${number} was made ${made}${on}.`;
}
