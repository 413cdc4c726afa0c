import type { Morning } from '#core/api';
import { waitedWords } from '#core/questions';
import { shortDay } from '#core/wording';
import { BoardSays } from './BoardSays';
import type { BoardLists } from './boardLists';
import { MorningList } from './MorningList';

/** The lists that have something in them, what others wait for first. */
export function MorningLists({ morning, board }: { morning: Morning; board?: BoardLists }) {
  const { toAnswer, chosen, different, promised, toSend, inHand, toWalk, today } = morning;
  const now = new Date();
  if (isQuiet(morning) && (board?.waiting.length ?? 0) === 0)
    return <p className="py-6">Nothing waits: no question, no promise, no car to walk.</p>;
  return (
    <div className="gap-x-8 lg:columns-2">
      <MorningList
        title="To answer"
        list={toAnswer}
        to={({ walk }) => `/walks/${walk}/questions`}
        keyOf={({ askedAt, text }) => `${askedAt} ${text}`}
        says={({ text, from, askedAt }) => (
          <>
            “{text}”{' '}
            <span className="text-soft">
              {from}, {waitedWords(askedAt, now)}
            </span>
          </>
        )}
      />
      <MorningList
        title="Chosen by a buyer"
        list={chosen}
        to={({ walk }) => `/walks/${walk}/plan`}
        says={({ choices, since }) =>
          `${choices === 1 ? 'One thing' : `${choices} things`} to confirm or decline, ${waitedWords(since, now)}`
        }
      />
      <MorningList
        title="Promised and due"
        list={promised}
        to={({ walk }) => `/walks/${walk}/plan`}
        says={({ promises, due, isLate }) => (
          <span className={isLate ? 'font-bold text-warn' : undefined}>
            {promises === 1 ? 'One thing' : `${promises} things`} promised
            {due ? `, ${dueWords(due, today, isLate)}` : ', no day said'}
          </span>
        )}
      />
      {board && <BoardSays board={board} />}
      <MorningList
        title="Different on collection or arrival"
        list={different}
        to={({ walk }) => `/walks/${walk}/checks`}
        keyOf={({ walk, at }) => `${walk} ${at}`}
        says={({ parts, at }) =>
          `${parts === 1 ? 'One part' : `${parts} parts`} new or different, ${shortDay(at.slice(0, 10))}`
        }
      />
      <MorningList
        title="Ready to sign and send"
        list={toSend}
        to={({ walk }) => `/walks/${walk}/report`}
        says={() => 'Walked to the end, not signed'}
      />
      <MorningList
        title="Being walked"
        list={inHand}
        to={({ walk }) => `/walks/${walk}`}
        says={({ left }) => `${left} ${left === 1 ? 'part' : 'parts'} left`}
        all={{ to: '/?show=in-hand', label: 'All being walked' }}
      />
      <MorningList
        title="To walk"
        list={toWalk}
        to={({ car }) => `/cars/${car}`}
        says={({ daysInStock }) =>
          daysInStock === 0 ? 'Came today' : `${daysInStock} ${daysInStock === 1 ? 'day' : 'days'} in stock`
        }
        all={{ to: '/?show=to-walk', label: 'All not walked' }}
      />
    </div>
  );
}

/** Nothing waits for anybody, as far as the cars tell. */
export const isQuiet = ({ today: _, ...lists }: Morning): boolean =>
  Object.values(lists).every(({ count }) => count === 0);

const dueWords = (due: string, today: string, isLate: boolean): string =>
  due === today ? 'due today' : isLate ? `late since ${shortDay(due)}` : `due ${shortDay(due)}`;
