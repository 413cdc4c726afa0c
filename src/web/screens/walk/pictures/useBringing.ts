import { useCallback, useRef, useState } from 'react';
import { keepJudgement } from '../../../pictures/judgements';
import { photoProblem } from '../../../pictures/photoFiles';
import { judgePhoto } from '../../../pictures/pictureWorker';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';

export interface Bringing {
  /** Files read, of how many; undefined while none are being read. */
  progress?: { done: number; of: number };
  /** What was not taken, and why. */
  refused: readonly string[];
  /** Files that were here already. */
  known: number;
  bring: (files: readonly File[]) => void;
  cancel: () => void;
}

/**
 * Takes a folder of pictures in, one after another: kept on the device first, sent in the background. Cancelled or cut off, it goes on
 * where it stopped when the same files are dropped again.
 */
export function useBringing(walk: OpenWalk): Bringing {
  const { outbox } = useSessions();
  const [progress, setProgress] = useState<Bringing['progress']>();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const [known, setKnown] = useState(0);
  const isCancelled = useRef(false);
  const here = useRef(walk);
  here.current = walk;
  const bring = useCallback(
    async (files: readonly File[]) => {
      isCancelled.current = false;
      setKnown(0);
      // What cannot be taken is said before the long reading begins, not where its turn would come.
      const problems = await Promise.all(files.map((file) => photoProblem(file, file.name)));
      setRefused(problems.filter((problem) => problem !== undefined));
      const taken = files.filter((_, i) => !problems[i]);
      const seen = new Set<string>();
      for (const [i, file] of taken.entries()) {
        if (isCancelled.current) break;
        setProgress({ done: i, of: taken.length });
        const sha256 = await hashPhoto(file);
        if (seen.has(sha256) || isKnown(here.current, sha256)) {
          setKnown((before) => before + 1);
          continue;
        }
        seen.add(sha256);
        await outbox.addPhoto(sha256, file);
        const judged = await judgePhoto(file);
        if (judged) keepJudgement(sha256, judged);
        here.current.record({
          kind: 'photo-brought',
          body: {
            photo: sha256,
            name: file.name.slice(-120),
            ...(judged?.takenAt && { takenAt: judged.takenAt }),
          },
        });
      }
      setProgress(undefined);
    },
    [outbox],
  );
  return {
    ...(progress && { progress }),
    refused,
    known,
    bring: (files) => void outbox.takeIn(() => bring(files)),
    cancel: () => {
      isCancelled.current = true;
    },
  };
}

const isKnown = ({ state }: OpenWalk, sha256: string): boolean =>
  state.photos.some((photo) => photo.sha256 === sha256) ||
  state.brought.some((photo) => photo.sha256 === sha256) ||
  state.setAside.has(sha256);
