import { type RefObject, useEffect, useMemo, useState } from 'react';
import { type Answer, answered, type Draft, isTakeable } from '#core/speech';
import type { WalkFilm } from '#core/walk';
import type { FrameSource } from '../../../film/frameSource';
import type { OpenWalk } from '../../../sync/useWalk';
import type { DraftActions } from './DraftRow';
import type { StageHandle } from './FilmStage';
import { type Group, type GroupedDraft, groupOf, groups } from './groups';
import { useFilmDrafts } from './useFilmDrafts';
import { type ChosenFrame, useFrames } from './useFrames';
import { useTaking } from './useTaking';

/** What is in hand of a film's statements, and all that can be done with it: by buttons, by keys, on the map and on the film alike. */
export function useFilmDesk(
  walk: OpenWalk,
  film: WalkFilm,
  /** Where the film’s pictures come from; absent where it has none here. */
  source: FrameSource | undefined,
  stage: RefObject<StageHandle | undefined>,
) {
  const { state, style, page } = walk;
  const { drafts: read, passedOver } = useFilmDrafts(film, walk);
  const [changed, setChanged] = useState<ReadonlyMap<string, Draft>>(new Map());
  const [changing, setChanging] = useState<string>();
  const [chosen, setChosen] = useState<Group>();
  const [inHand, setInHand] = useState<string>();
  const drafts = useMemo(
    () =>
      (read ?? []).map((each): GroupedDraft => {
        const draft = changed.get(each.key);
        return groupOf(draft && each.is === 'open' ? { ...each, draft } : each, state, style, page.car);
      }),
    [read, changed, state, style, page.car],
  );
  const of = (wanted: Group) => drafts.filter((each) => each.group === wanted);
  const first = groups.find((each) => of(each).length > 0) ?? 'said';
  const group = chosen && of(chosen).length > 0 ? chosen : first;
  const shown = of(group);
  const isOneByOne = group === 'look' || group === 'ask';
  const current = shown.find(({ key }) => key === inHand) ?? (isOneByOne ? shown[0] : undefined);
  const { frames, progress, takeMoment, frameFor, goWithout } = useFrames(drafts, current?.key, source);
  const taking = useTaking(walk, film);

  // What is in hand is looked at: the film goes where it was said.
  const currentKey = current?.key;
  const at = frames.get(currentKey ?? '')?.atS ?? current?.draft.at;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a picture that arrives later does not move the film under somebody's eyes.
  useEffect(() => {
    if (at !== undefined) stage.current?.seek(at);
  }, [currentKey, stage]);

  const select = (key: string | undefined) => {
    setInHand(key);
    setChanging(undefined);
  };
  /** The one after it comes in hand: nobody has to look for it. */
  const goOn = (from: string) => {
    const index = shown.findIndex(({ key }) => key === from);
    select((shown[index + 1] ?? shown[index - 1])?.key);
  };
  const toTake = (each: GroupedDraft) => ({
    key: each.key,
    draft: each.draft,
    frame: () => frameFor(each),
  });
  const change = (each: GroupedDraft, draft: Draft) =>
    setChanged((before) => new Map(before).set(each.key, draft));
  const actions: DraftActions = {
    select: (key) => select(key === currentKey && !isOneByOne ? undefined : key),
    accept: (each) => {
      if (each.group === 'done' || !isTakeable(each.draft, style)) return;
      void taking.take([toTake(each)]);
      goOn(each.key);
    },
    answer: (each, answer: Answer) => {
      const next = answered(each.draft, answer, style);
      if (!isTakeable(next, style)) return change(each, next);
      void taking.take([{ ...toTake(each), draft: next }]);
      goOn(each.key);
    },
    change,
    leaveOut: (key) => {
      taking.leaveOut(key);
      goOn(key);
    },
    reopen: taking.reopen,
    startChange: setChanging,
    goWithout,
    ...(source !== undefined && { thisMoment: (key: string) => takeMoment(key, stage.current?.now() ?? 0) }),
  };
  const said = of('said');
  return {
    isRead: read !== undefined,
    /** What was said and led to no statement. */
    passedOver,
    drafts,
    counts: { said: said.length, look: of('look').length, ask: of('ask').length, done: of('done').length },
    group,
    setGroup: (wanted: Group) => {
      setChosen(wanted);
      setInHand(undefined);
    },
    shown,
    current,
    changing,
    frames,
    progress,
    actions,
    isTaking: taking.isTaking,
    canUndo: taking.canUndo,
    undo: taking.undo,
    acceptAll: () => void taking.take(said.map(toTake)),
    step: (by: 1 | -1) => {
      const index = shown.findIndex(({ key }) => key === currentKey);
      select(shown[Math.max(0, Math.min(shown.length - 1, index + by))]?.key);
    },
    mark: (atS: number, mark: NonNullable<ChosenFrame['mark']>) =>
      currentKey !== undefined && takeMoment(currentKey, atS, mark),
  };
}

export type FilmDeskState = ReturnType<typeof useFilmDesk>;
