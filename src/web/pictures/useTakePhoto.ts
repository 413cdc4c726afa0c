import { useCallback } from 'react';
import type { PartId } from '#core/car';
import type { Fact, PhotoRole } from '#core/walk';
import { hashPhoto } from '../sync/hashPhoto';
import { useSessions } from '../sync/SyncContext';
import { keepJudgement } from './judgements';
import { photoProblem } from './photoFiles';
import { judgePhoto } from './pictureWorker';

type PhotoFunction = NonNullable<Extract<Fact, { kind: 'photo-attached' }>['body']['function']>;

/** What a photo is taken for. */
export interface Purpose {
  shows: PhotoRole;
  part?: PartId;
  finding?: string;
  /** What it shows not working. */
  function?: string;
}

export type Taken = { ok: true; sha256: string } | { ok: false; problem: string };

/** Keeps a photo on the device, says what it shows, and has it judged while the person goes on. */
export function useTakePhoto(say: (fact: Fact) => void) {
  const { outbox } = useSessions();
  return useCallback(
    async (file: Blob, name: string, { shows, part, finding, function: works }: Purpose): Promise<Taken> => {
      const problem = await photoProblem(file, name);
      if (problem) return { ok: false, problem };
      const sha256 = await hashPhoto(file);
      // Kept before anything is said about it: an entry must not name a photo that a crash can take away.
      await outbox.addPhoto(sha256, file);
      say({
        kind: 'photo-attached',
        body: {
          photo: sha256,
          role: shows,
          ...(part && { part }),
          ...(finding && { finding }),
          ...(works && { function: works as PhotoFunction }),
        },
      });
      void judgePhoto(file).then((judged) => judged && keepJudgement(sha256, judged));
      return { ok: true, sha256 };
    },
    [outbox, say],
  );
}
