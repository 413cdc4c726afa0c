import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { FilmDraft } from '#core/filmed';
import type { Mark, Place } from '#core/picture';
import type { Draft } from '#core/speech';
import { bestFrameAt, frameAt } from '../../film/filmWorker';

/** A picture of the film for a statement. */
export interface ChosenFrame {
  atS: number;
  jpeg: Blob;
  url: string;
  /** Where on it the fault is, when somebody marked it: share of its width and height; the radius of its width. */
  mark?: { at: Place; radius: number };
}

export const ringOf = ({ at, radius }: NonNullable<ChosenFrame['mark']>): Mark => ({
  kind: 'ring',
  at,
  radius,
});

/** Faults and the odometer are shown; that a part is clear is not. */
export const wantsFrame = (draft: Draft): boolean =>
  draft.is === 'finding' || (draft.is === 'figure' && draft.of === 'odometer');

/** The pictures of an open film, pulled one after another in the order spoken, the statement in hand first. */
export function useFrames(
  drafts: readonly FilmDraft[],
  inHand: string | undefined,
  hasFilm: boolean,
  film: string | undefined,
) {
  const [frames, setFrames] = useState<ReadonlyMap<string, ChosenFrame>>(new Map());
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [missing, setMissing] = useState<ReadonlySet<string>>(new Set());
  const isPulling = useRef(false);
  const made = useRef<string[]>([]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another film has other pictures.
  useEffect(
    () => () => {
      for (const url of made.current) URL.revokeObjectURL(url);
      made.current = [];
      setFrames(new Map());
      setMissing(new Set());
    },
    [film],
  );
  const keep = useCallback((key: string, atS: number, jpeg: Blob, mark?: ChosenFrame['mark']) => {
    const url = URL.createObjectURL(jpeg);
    made.current.push(url);
    setFrames((before) => new Map(before).set(key, { atS, jpeg, url, ...(mark && { mark }) }));
  }, []);

  const wanted = useMemo(
    () =>
      drafts.filter(
        ({ is, draft, key }) =>
          is === 'open' && wantsFrame(draft) && draft.at !== undefined && !without.has(key),
      ),
    [drafts, without],
  );
  const lacking = useMemo(
    () => wanted.filter(({ key }) => !frames.has(key) && !missing.has(key)),
    [wanted, frames, missing],
  );
  useEffect(() => {
    const next = lacking.find(({ key }) => key === inHand) ?? lacking[0];
    if (!hasFilm || isPulling.current || next?.draft.at === undefined) return;
    isPulling.current = true;
    const { key, draft } = next;
    const pull = async () => {
      const frame = await bestFrameAt(draft.at ?? 0);
      isPulling.current = false;
      if (frame) keep(key, frame.atS, frame.jpeg);
      else setMissing((before) => new Set(before).add(key));
    };
    void pull();
  }, [lacking, inHand, hasFilm, keep]);

  return {
    frames,
    /** How many of the pictures are here, of how many. */
    progress: { done: wanted.length - lacking.length, of: wanted.length },
    /** Takes this moment of the film for a statement, with a ring where it was drawn. */
    takeMoment: async (key: string, atS: number, mark?: ChosenFrame['mark']) => {
      const frame = await frameAt(atS);
      if (!frame) return;
      setWithout((before) => new Set([...before].filter((each) => each !== key)));
      keep(key, frame.atS, frame.jpeg, mark);
    },
    goWithout: (key: string) => {
      setWithout((before) => new Set(before).add(key));
      setFrames((before) => new Map([...before].filter(([each]) => each !== key)));
    },
  };
}
