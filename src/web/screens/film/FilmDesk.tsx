import { CheckCheck, Undo2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { answered, type Draft, isTakeable } from '#core/speech';
import type { FilmCaption, WalkFilm } from '#core/walk';
import { Button, buttonLook } from '../../components/Button';
import type { FilmLoad } from '../../film/useFilmFile';
import type { OpenWalk } from '../../sync/useWalk';
import { useKeys } from '../walk/useKeys';
import { DraftRow } from './DraftRow';
import { FilmMap } from './FilmMap';
import { FilmMore } from './FilmMore';
import { FilmStage, type StageHandle } from './FilmStage';
import { type Group, type GroupedDraft, groupNames, groupOf, groups } from './groups';
import { ShiftOffer } from './ShiftWords';
import { useFilmDrafts } from './useFilmDrafts';
import { useFrames } from './useFrames';
import { useTaking } from './useTaking';
import { WithoutFilm } from './WithoutFilm';

interface FilmDeskProps {
  walk: OpenWalk;
  film: WalkFilm;
  captions: readonly FilmCaption[];
  load: FilmLoad;
  onChosen: () => void;
  onAnother: () => void;
}

/** The film above, what it says beside it in the order spoken: all as said at once, the likely ones one by one, last what must be answered. */
export function FilmDesk({ walk, film, captions, load, onChosen, onAnother }: FilmDeskProps) {
  const { state, style, page } = walk;
  const read = useFilmDrafts(film, walk);
  const [changed, setChanged] = useState<ReadonlyMap<string, Draft>>(new Map());
  const [changing, setChanging] = useState<string>();
  const [chosen, setChosen] = useState<Group>();
  const [inHand, setInHand] = useState<string>();
  const [hasFailed, setFailed] = useState(false);
  const handle = useRef<StageHandle>(undefined);
  const drafts = useMemo(
    () =>
      (read ?? []).map((each): GroupedDraft => {
        const draft = changed.get(each.key);
        return groupOf(draft && each.is === 'open' ? { ...each, draft } : each, state, style, page.car);
      }),
    [read, changed, state, style, page.car],
  );
  const of = (group: Group) => drafts.filter((each) => each.group === group);
  const group = chosen ?? groups.find((each) => of(each).length > 0) ?? 'said';
  const shown = of(group);
  const current =
    shown.find(({ key }) => key === inHand) ?? (group === 'said' || group === 'done' ? undefined : shown[0]);
  const hasFilm = load.is === 'open' && !load.told.cannotSee && load.told.width !== undefined;
  const { frames, progress, takeMoment, goWithout } = useFrames(drafts, current?.key, hasFilm, film.id);
  const { take, isTaking, leaveOut, reopen, canUndo, undo } = useTaking(walk, film);

  const select = (key: string | undefined) => {
    setInHand(key);
    setChanging(undefined);
    const at = frames.get(key ?? '')?.atS ?? drafts.find((each) => each.key === key)?.draft.at;
    if (at !== undefined) handle.current?.seek(at);
  };
  /** The one after it comes in hand: nobody has to look for it. */
  const goOn = (from: GroupedDraft) => {
    const at = shown.findIndex(({ key }) => key === from.key);
    select((shown[at + 1] ?? shown[at - 1])?.key);
  };
  const toTake = (each: GroupedDraft) => ({ key: each.key, draft: each.draft, frame: frames.get(each.key) });
  const accept = (each: GroupedDraft) => {
    if (each.group === 'done' || !isTakeable(each.draft, style)) return;
    void take([toTake(each)]);
    goOn(each);
  };
  const all = of('said');
  const acceptAll = () => void take(all.map(toTake));
  const step = (by: 1 | -1) => {
    const at = shown.findIndex(({ key }) => key === current?.key);
    select(shown[Math.max(0, Math.min(shown.length - 1, at + by))]?.key);
  };
  const leave = (key: string) => {
    const each = shown.find((one) => one.key === key);
    leaveOut(key);
    if (each) goOn(each);
  };
  const actions = {
    select: (key: string) => select(key === current?.key && group === 'said' ? undefined : key),
    accept,
    answer: (each: GroupedDraft, answer: Parameters<typeof answered>[1]) => {
      const next = answered(each.draft, answer, style);
      if (!isTakeable(next, style)) return setChanged((before) => new Map(before).set(each.key, next));
      void take([{ ...toTake(each), draft: next }]);
      goOn(each);
    },
    change: (each: GroupedDraft, draft: Draft) =>
      setChanged((before) => new Map(before).set(each.key, draft)),
    leaveOut: leave,
    reopen,
    startChange: setChanging,
    goWithout,
    ...(hasFilm && { thisMoment: (key: string) => void takeMoment(key, handle.current?.now() ?? 0) }),
  };
  useKeys([
    { key: 'ArrowDown', run: () => step(1) },
    { key: 'ArrowUp', run: () => step(-1) },
    { key: 'a', run: () => current && accept(current) },
    { key: 'A', run: () => !isTaking && all.length > 0 && acceptAll() },
    { key: 'c', run: () => current && setChanging(current.key) },
    { key: 'x', run: () => current && current.group !== 'done' && leave(current.key) },
    { key: 'z', run: () => canUndo && undo() },
    { key: ' ', run: () => handle.current?.toggle() },
  ]);

  const parts =
    current && current.group === 'ask' && 'choices' in current.draft ? current.draft.choices : undefined;
  return (
    <main className="flex min-h-0 flex-1 flex-col lg:grid lg:grid-cols-[minmax(0,1fr)_27rem]">
      <div className="flex min-h-0 flex-col p-2 max-lg:max-h-[58dvh]">
        {load.is === 'open' && !hasFailed ? (
          <FilmStage
            load={load}
            captions={captions}
            shiftS={film.shiftS}
            frame={current && frames.get(current.key)}
            handle={handle}
            onMark={current ? (at, mark) => void takeMoment(current.key, at, mark) : undefined}
            onFailed={() => setFailed(true)}
          />
        ) : (
          <WithoutFilm walk={walk} film={film} load={load} hasFailed={hasFailed} onChosen={onChosen} />
        )}
        {load.is === 'open' && <ShiftOffer walk={walk} film={film} seconds={load.told.seconds} />}
        <FilmMap
          walk={walk}
          drafts={drafts}
          inHand={current}
          onPart={
            parts && current ? (part) => parts.includes(part) && actions.answer(current, { part }) : undefined
          }
        />
      </div>
      <section aria-label="What it says" className="flex min-h-0 flex-1 flex-col border-line lg:border-l">
        <div role="tablist" aria-label="What is to be done" className="grid grid-cols-4 border-b border-line">
          {groups.map((each) => (
            <button
              key={each}
              type="button"
              role="tab"
              aria-selected={each === group}
              onClick={() => {
                setChosen(each);
                setInHand(undefined);
              }}
              className="min-h-12 border-line px-1 leading-tight not-first:border-l aria-selected:bg-ink aria-selected:text-ground"
            >
              {groupNames[each]} <span className="font-bold tabular-nums">{of(each).length}</span>
            </button>
          ))}
        </div>
        <ul aria-label={groupNames[group]} className="min-h-0 flex-1 overflow-y-auto">
          {shown.map((each) => (
            <DraftRow
              key={each.key}
              walk={walk}
              each={each}
              frame={frames.get(each.key)}
              isInHand={each.key === current?.key}
              isChanging={each.key === changing}
              isBusy={isTaking}
              actions={actions}
            />
          ))}
          {shown.length === 0 && (
            <li className="p-4 text-soft">{read ? nothingIn[group] : 'Reading what was said…'}</li>
          )}
        </ul>
        <footer className="flex flex-wrap items-center gap-2 border-t border-ink p-2">
          {all.length > 0 && group === 'said' && (
            <Button look="main" className="flex-1" disabled={isTaking} onClick={acceptAll}>
              <CheckCheck aria-hidden size={20} />
              {isTaking ? 'Taking them…' : `Accept all ${all.length} as said`}
            </Button>
          )}
          {progress.done < progress.of && hasFilm && (
            <p role="status" className="text-sm text-soft tabular-nums">
              Pictures {progress.done} of {progress.of}
            </p>
          )}
          {all.length === 0 && group !== 'done' && of('look').length + of('ask').length === 0 && (
            <Link to={`/walks/${page.walk}/report`} className={`${buttonLook('main')} flex-1`}>
              What is left, and the report
            </Link>
          )}
          <FilmMore walk={walk} film={film} load={load} onAnother={onAnother} />
          <Button look="tape" className="ml-auto" disabled={!canUndo} onClick={undo}>
            <Undo2 aria-hidden size={20} /> Undo
          </Button>
        </footer>
      </section>
    </main>
  );
}

const nothingIn: Record<Group, string> = {
  said: 'Nothing more to be taken as it was said.',
  look: 'Nothing to be looked at by itself.',
  ask: 'Nothing to be answered.',
  done: 'Nothing is taken yet.',
};
