import type { WorkSaid } from '#core/schedule';
import { putPhoto, sendJson } from '../api/client';
import { hashPhoto } from '../sync/hashPhoto';

/** How a job sheet reaches its server: the yard's own people by their session, a trade by its link. */
export interface SheetActions {
  say: (task: string, said: WorkSaid | null) => Promise<unknown>;
  /** Sends a picture; gives back the name it goes by. */
  sendPhoto: (file: Blob) => Promise<string>;
  photoUrl: (sha256: string, width: 320 | 1600) => string;
}

export const yardSheetActions: SheetActions = {
  say: (task, said) => sendJson('PUT', '/api/board/work', { task, said }),
  sendPhoto: async (file) => {
    const sha256 = await hashPhoto(file);
    await putPhoto(sha256, file);
    return sha256;
  },
  photoUrl: (sha256, width) => `/api/photos/${sha256}/${width}`,
};
