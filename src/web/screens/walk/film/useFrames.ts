import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { FilmDraft } from '#core/filmed';
import type { Mark, Place } from '#core/picture';
import type { Draft } from '#core/speech';
import type { FrameSource } from '../../../film/frameSource';

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
  /** Where they come from; absent where there is no film at hand. */
  source: FrameSource | undefined,
) {
  const [frames, setFrames] = useState<ReadonlyMap<string, ChosenFrame>>(new Map());
  // Words that were moved are said at other seconds: what was found for the old ones is not of them.
  const secondsOf = drafts.find(({ draft }) => draft.at !== undefined)?.draft.at;
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [missing, setMissing] = useState<ReadonlySet<string>>(new Set());
  const isPulling = useRef(false);
  const opened = useRef(0);
  const made = useRef<string[]>([]);
  /** Moments that were chosen by hand and are being pulled. */
  const choosing = useRef(new Map<string, Promise<ChosenFrame | undefined>>());
  // biome-ignore lint/correctness/useExhaustiveDependencies: another film has other pictures, and so have words that were moved; what was opened anew is asked anew.
  useEffect(
    () => () => {
      for (const url of made.current) URL.revokeObjectURL(url);
      made.current = [];
      opened.current++;
      isPulling.current = false;
      choosing.current.clear();
      setFrames(new Map());
      setMissing(new Set());
    },
    [source, secondsOf],
  );
  const keep = useCallback(
    (key: string, atS: number, jpeg: Blob, mark?: ChosenFrame['mark']): ChosenFrame => {
      const url = URL.createObjectURL(jpeg);
      made.current.push(url);
      const frame = { atS, jpeg, url, ...(mark && { mark }) };
      setFrames((before) => new Map(before).set(key, frame));
      return frame;
    },
    [],
  );

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
    if (!source || isPulling.current || next?.draft.at === undefined) return;
    isPulling.current = true;
    const asked = opened.current;
    const { key, draft } = next;
    const pull = async () => {
      const frame = await source.best(draft.at ?? 0);
      // The film was closed meanwhile, or its words were moved.
      if (opened.current !== asked) return;
      isPulling.current = false;
      if (frame) keep(key, frame.atS, frame.jpeg);
      else setMissing((before) => new Set(before).add(key));
    };
    void pull();
  }, [lacking, inHand, source, keep]);

  return {
    frames,
    /** How many of the pictures are here, of how many. */
    progress: source ? { done: wanted.length - lacking.length, of: wanted.length } : { done: 0, of: 0 },
    /** Takes this moment of the film for a statement, with a ring where it was drawn. */
    takeMoment: (key: string, atS: number, mark?: ChosenFrame['mark']) => {
      const pulling = (source?.one(atS) ?? Promise.resolve(undefined)).then((frame) => {
        if (!frame) return undefined;
        setWithout((before) => new Set([...before].filter((each) => each !== key)));
        return keep(key, frame.atS, frame.jpeg, mark);
      });
      choosing.current.set(key, pulling);
    },
    /** The picture a statement is taken with, waited for where it is still being looked for. */
    frameFor: async ({ key, draft }: Pick<FilmDraft, 'key' | 'draft'>): Promise<ChosenFrame | undefined> => {
      const chosen = await choosing.current.get(key);
      if (chosen) return chosen;
      if (without.has(key) || missing.has(key) || !source || draft.at === undefined || !wantsFrame(draft))
        return undefined;
      const here = frames.get(key);
      if (here) return here;
      const frame = await source.best(draft.at);
      return frame && keep(key, frame.atS, frame.jpeg);
    },
    goWithout: (key: string) => {
      choosing.current.delete(key);
      setWithout((before) => new Set(before).add(key));
      setFrames((before) => new Map([...before].filter(([each]) => each !== key)));
    },
  };
}
