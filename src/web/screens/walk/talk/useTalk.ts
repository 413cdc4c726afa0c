import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import {
  type Answer,
  answered,
  type Draft,
  factsOf,
  followTalk,
  isTakeable,
  LiveTalk,
  placeOf,
  type Taken,
} from '#core/speech';
import { buzz } from '../../../device/habits';
import { useTaughtWords } from '../../../heard/useTaughtWords';
import type { Piece } from '../../../listening/listener';
import type { OpenWalk } from '../../../sync/useWalk';

/** Silent for so long, one has finished what one was saying. */
const SILENCE_MS = 3500;

/** A statement on the screen, and how it stands. */
export interface Statement {
  place: string;
  draft: Draft;
  is: 'heard' | 'taken' | 'open';
}

/** Follows a talk: what is said stands on the screen at once, goes into the record when it cannot be meant otherwise, and is taken back when it is corrected. */
export function useTalk(walk: OpenWalk, isPractice: boolean) {
  const { style, page } = walk;
  const taught = useTaughtWords();
  const live = useRef<LiveTalk>(undefined);
  const heardWords = useRef(0);
  const [perhaps, setPerhaps] = useState('');
  const [drafts, setDrafts] = useState<readonly Draft[]>([]);
  const [taken, setTaken] = useState<ReadonlyMap<string, Taken>>(new Map());
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  /** Taken by a tap: the talk neither takes it again nor takes it back. */
  const [settled, setSettled] = useState<readonly (Taken & { place: string })[]>([]);
  const latest = useRef({ walk, taken, leftOut, isPractice });
  latest.current = { walk, taken, leftOut, isPractice };

  const follow = useCallback((said: readonly Draft[], isSilent: boolean) => {
    const { walk: now, taken: before, leftOut: out, isPractice: isOnlyPractice } = latest.current;
    if (isOnlyPractice) return;
    const { take, takeBack } = followTalk(said, heardWords.current, isSilent, before, out);
    if (take.length === 0 && takeBack.length === 0) return;
    const after = new Map(before);
    for (const { draft, entries } of takeBack) {
      now.record(...entries.map((entry) => ({ kind: 'undone' as const, body: { entry } })));
      after.delete(placeOf(draft));
    }
    let { lampsOn } = now.state.functions;
    for (const draft of take) {
      const facts = factsOf([draft], { style: now.style, newId, lampsOn });
      if (facts.length === 0) continue;
      // Each lamp is told with all that are on.
      for (const fact of facts) if (fact.kind === 'lamps-noted') lampsOn = fact.body.on;
      after.set(placeOf(draft), { draft, entries: now.record(...facts).map(({ id }) => id) });
      buzz();
    }
    latest.current.taken = after;
    setTaken(after);
  }, []);

  const silence = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(silence.current), []);
  const hear = useCallback(
    ({ text, isFinal }: Piece) => {
      live.current ??= new LiveTalk({ style, speech: page.car, taught });
      if (isFinal && text !== '') {
        live.current.hear({ text });
        heardWords.current += text.split(/\s+/).length;
      }
      const open = isFinal ? '' : text;
      const said = live.current.drafts(open);
      setPerhaps(open);
      setDrafts(said);
      // What may still change is shown, and taken when it stands.
      if (isFinal) follow(said, false);
      clearTimeout(silence.current);
      silence.current = setTimeout(() => follow(live.current?.drafts() ?? [], true), SILENCE_MS);
    },
    [style, page.car, taught, follow],
  );

  const leave = (place: string) => setLeftOut((before) => new Set(before).add(place));
  const takeNow = (draft: Draft, place: string) => {
    const facts = factsOf([draft], { style, newId, lampsOn: walk.state.functions.lampsOn });
    if (isPractice || facts.length === 0) return;
    const entries = walk.record(...facts).map(({ id }) => id);
    leave(place);
    setSettled((before) => [...before, { place, draft, entries }]);
  };
  const undo = () => {
    const byHand = settled.at(-1);
    const [place, last] = byHand ? [byHand.place, byHand] : ([...taken].at(-1) ?? []);
    if (!place || !last) return;
    walk.record(...last.entries.map((entry) => ({ kind: 'undone' as const, body: { entry } })));
    leave(place);
    setSettled((before) => before.filter((each) => each.place !== place));
    setTaken((before) => new Map([...before].filter(([key]) => key !== place)));
  };

  const statements = useMemo(
    () => statementsOf(drafts, taken, leftOut, settled),
    [drafts, taken, leftOut, settled],
  );
  return {
    statements,
    perhaps,
    hear,
    undo,
    canUndo: taken.size + settled.length > 0,
    take: takeNow,
    leaveOut: leave,
    answer: (draft: Draft, place: string, answer: Answer) => {
      const next = answered(draft, answer, style);
      if (isTakeable(next, style)) takeNow(next, place);
    },
  };
}

function statementsOf(
  drafts: readonly Draft[],
  taken: ReadonlyMap<string, Taken>,
  leftOut: ReadonlySet<string>,
  settled: readonly (Taken & { place: string })[],
): Statement[] {
  return drafts.flatMap((draft): Statement[] => {
    const place = placeOf(draft);
    const byHand = settled.find((each) => each.place === place);
    if (byHand) return [{ place, draft: byHand.draft, is: 'taken' }];
    if (leftOut.has(place)) return [];
    if (taken.has(place)) return [{ place, draft, is: 'taken' }];
    return [{ place, draft, is: draft.sure === 'said' ? 'heard' : 'open' }];
  });
}
