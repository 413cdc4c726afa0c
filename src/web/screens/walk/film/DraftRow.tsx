import { Check, ImageOff, Pencil, Ruler, Undo2, X } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { type Answer, askMessage, type Draft } from '#core/speech';
import { Button, buttonLook } from '../../../components/Button';
import { draftWords } from '../../../heard/draftWords';
import { Choices, whyNotLogged } from '../../../heard/HeardRow';
import type { OpenWalk } from '../../../sync/useWalk';
import { ChangeDraft } from './ChangeDraft';
import { clockOf, type GroupedDraft } from './groups';
import { type ChosenFrame, wantsFrame } from './useFrames';

export interface DraftActions {
  select: (key: string) => void;
  accept: (each: GroupedDraft) => void;
  answer: (each: GroupedDraft, answer: Answer) => void;
  change: (each: GroupedDraft, draft: Draft) => void;
  leaveOut: (key: string) => void;
  reopen: (key: string) => void;
  /** Takes the moment the film stands at for its picture. */
  thisMoment?: ((key: string) => void) | undefined;
  goWithout: (key: string) => void;
  /** Cuts a moment of the film for the readers of a finding that was taken; absent without the film. */
  cutFor?: ((finding: string, atS: number) => ReactNode) | undefined;
  startChange: (key: string | undefined) => void;
}

interface DraftRowProps {
  walk: OpenWalk;
  each: GroupedDraft;
  frame: ChosenFrame | undefined;
  isInHand: boolean;
  isChanging: boolean;
  isBusy: boolean;
  actions: DraftActions;
}

/** A statement of the film as it was understood: one line, and all that can be done with it while it is in hand. */
export function DraftRow({ walk, each, frame, isInHand, isChanging, isBusy, actions }: DraftRowProps) {
  const { style, page } = walk;
  const { draft, key, group } = each;
  const says = draftWords(draft, style, page.car);
  const finding = each.taken && findingOf(walk, each.taken.entries);
  const photo = finding && walk.state.photos.find((one) => one.finding === finding);
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isInHand) row.current?.scrollIntoView({ block: 'nearest' });
  }, [isInHand]);
  return (
    <li
      ref={row}
      data-key={key}
      aria-current={isInHand || undefined}
      className="border-b border-line aria-[current]:border-l-4 aria-[current]:border-l-accent aria-[current]:bg-sheet"
    >
      <button
        type="button"
        onClick={() => actions.select(key)}
        className="flex min-h-14 w-full items-center gap-2 px-2 py-1 text-left"
      >
        <span className="w-10 shrink-0 text-sm text-soft tabular-nums">
          {draft.at === undefined ? '' : clockOf(draft.at)}
        </span>
        <span className="min-w-0 flex-1 leading-tight">
          <span className={isInHand ? 'font-bold' : ''}>{says}</span>
          {each.is === 'taken' && <span className="block text-sm text-soft">Logged</span>}
          {each.is === 'left-out' && <span className="block text-sm text-soft">Left out</span>}
        </span>
        {frame && group !== 'done' && (
          <img
            src={frame.url}
            data-at={frame.atS}
            alt=""
            className="h-11 w-18 shrink-0 rounded-sm object-cover"
          />
        )}
      </button>
      {isInHand &&
        (group === 'done' ? (
          <div className="flex flex-wrap gap-2 px-2 pb-2">
            <Button onClick={() => actions.reopen(key)}>
              <Undo2 aria-hidden size={20} /> {each.is === 'taken' ? 'Take it back' : 'Open it again'}
            </Button>
            {finding && actions.cutFor?.(finding, draft.at ?? 0)}
            {photo && (
              <Link to={`/walks/${page.walk}/pictures/${photo.sha256}`} className={buttonLook()}>
                <Ruler aria-hidden size={18} /> Measure on its picture
              </Link>
            )}
          </div>
        ) : (
          <InHand {...{ walk, each, frame, isChanging, isBusy, actions }} />
        ))}
    </li>
  );
}

function InHand({ walk, each, frame, isChanging, isBusy, actions }: Omit<DraftRowProps, 'isInHand'>) {
  const { style, page } = walk;
  const { draft, key } = each;
  const question = askMessage(draft, style, page.car);
  const why =
    whyNotLogged(draft, style) ??
    (draft.sure === 'likely' ? `Look at it: ${draft.why.join('; ')}` : undefined);
  if (isChanging)
    return (
      <ChangeDraft
        walk={walk}
        draft={draft}
        onChange={(next) => actions.change(each, next)}
        onClose={() => actions.startChange(undefined)}
      />
    );
  return (
    <div className="space-y-2 px-2 pb-2">
      <p className="text-soft italic">“{draft.said || draft.text}”</p>
      {each.against && <p className="font-bold text-warn">{each.against}</p>}
      {why && <p className="text-soft">{why}</p>}
      {question && (
        <fieldset className="flex flex-wrap gap-2">
          <legend className="pb-1 font-bold">{question}</legend>
          <Choices
            draft={draft}
            style={style}
            car={page.car}
            onAnswer={(said) => actions.answer(each, said)}
          />
        </fieldset>
      )}
      <div className="grid auto-cols-fr grid-flow-col gap-2 *:px-1">
        {!question && !each.isNotLogged && (
          <Button look="main" disabled={isBusy} onClick={() => actions.accept(each)}>
            <Check aria-hidden size={20} /> Accept
          </Button>
        )}
        {isChangeable(draft) && (
          <Button onClick={() => actions.startChange(key)}>
            <Pencil aria-hidden size={18} /> Change
          </Button>
        )}
        <Button onClick={() => actions.leaveOut(key)}>
          <X aria-hidden size={20} /> Leave out
        </Button>
      </div>
      {wantsFrame(draft) && actions.thisMoment && (
        <div className="flex flex-wrap items-center gap-2 text-sm">
          <span className="text-soft">{frame ? `Its picture: ${clockOf(frame.atS)}` : 'No picture.'}</span>
          <Button onClick={() => actions.thisMoment?.(key)}>Use this moment</Button>
          {frame && (
            <Button aria-label="Without a picture" onClick={() => actions.goWithout(key)}>
              <ImageOff aria-hidden size={18} />
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

/** The finding that a statement became. */
const findingOf = ({ entries }: OpenWalk, made: readonly string[]): string | undefined => {
  const noted = entries.find(({ id, kind }) => kind === 'finding-noted' && made.includes(id));
  return noted?.kind === 'finding-noted' ? noted.body.finding : undefined;
};

/** What was misheard of it can be set right here; the rest is left out, and logged where it belongs. */
const isChangeable = ({ is }: Draft): boolean =>
  is === 'finding' || is === 'clear' || is === 'figure' || is === 'tread' || is === 'function';
