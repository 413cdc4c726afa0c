import { Fold } from '../../../components/Fold';
import type { OpenWalk } from '../../../sync/useWalk';
import { type DraftActions, DraftRow } from './DraftRow';
import { clockOf, type Group, groupNames, groups } from './groups';
import type { FilmDeskState } from './useFilmDesk';
import { useGrowing } from './useGrowing';

interface DraftListProps {
  walk: OpenWalk;
  desk: FilmDeskState;
  /** Added to the times of the words. */
  shiftS: number;
  /** Goes where something was said, seconds into the film. */
  onGo: (atS: number) => void;
  cutFor?: DraftActions['cutFor'] | undefined;
}

/** The statements of a film by what is to be done with them, in the order spoken. */
export function DraftList({ walk, desk, shiftS, cutFor, onGo }: DraftListProps) {
  const { group, counts } = desk;
  return (
    <>
      <div
        role="tablist"
        aria-label="What is to be done"
        className="grid shrink-0 grid-cols-4 border-b border-line"
      >
        {groups.map((each) => (
          <button
            key={each}
            type="button"
            role="tab"
            aria-selected={each === group}
            onClick={() => desk.setGroup(each)}
            className="min-h-12 border-line px-1 leading-tight not-first:border-l aria-selected:bg-ink aria-selected:text-ground"
          >
            {groupNames[each]} <span className="font-bold tabular-nums">{counts[each]}</span>
          </button>
        ))}
      </div>
      <Rows key={group} walk={walk} desk={desk} shiftS={shiftS} cutFor={cutFor} onGo={onGo} />
    </>
  );
}

function Rows({ walk, desk, shiftS, cutFor, onGo }: DraftListProps) {
  const { group, shown: all, current, changing, frames, actions, isTaking, isRead, passedOver } = desk;
  const { shown, onScroll } = useGrowing(
    all,
    all.findIndex(({ key }) => key === current?.key),
  );
  return (
    <ul aria-label={groupNames[group]} className="min-h-0 flex-1 overflow-y-auto" onScroll={onScroll}>
      {shown.map((each) => (
        <DraftRow
          key={each.key}
          walk={walk}
          each={each}
          frame={frames.get(each.key)}
          isInHand={each.key === current?.key}
          isChanging={each.key === changing}
          isBusy={isTaking}
          actions={{ ...actions, cutFor }}
        />
      ))}
      {shown.length === all.length && passedOver.length > 0 && (
        <li className="p-2">
          <Fold title={`Said, and led to nothing: ${passedOver.length}`}>
            <p className="pb-1 text-sm text-soft">
              What of it belongs into the walk is logged by hand, or taught as a word of the house on the
              walk’s own line.
            </p>
            <ul>
              {passedOver.map((caption) => (
                <li key={`${caption.startS} ${caption.text}`}>
                  <button
                    type="button"
                    className="flex min-h-11 w-full items-center gap-2 text-left"
                    onClick={() => onGo((caption.startS ?? 0) + shiftS)}
                  >
                    <span className="w-10 shrink-0 text-sm text-soft tabular-nums">
                      {caption.startS === undefined ? '' : clockOf(Math.max(0, caption.startS + shiftS))}
                    </span>
                    <q className="italic">{caption.text}</q>
                  </button>
                </li>
              ))}
            </ul>
          </Fold>
        </li>
      )}
      {shown.length === 0 && (
        <li className="p-4 text-soft">{isRead ? nothingIn[group] : 'Reading what was said…'}</li>
      )}
    </ul>
  );
}

const nothingIn: Record<Group, string> = {
  said: 'Nothing was understood of these words that goes into a walk. Bring other words, or talk it through on the walk.',
  look: 'Nothing to be looked at by itself.',
  ask: 'Nothing to be answered.',
  done: 'Nothing is taken yet.',
};
