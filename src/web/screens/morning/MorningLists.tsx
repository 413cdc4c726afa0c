import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Morning } from '#core/api';
import { waitedWords } from '#core/questions';
import { shortDay } from '#core/wording';

interface Row {
  walk?: string | undefined;
  car: string;
  stockNumber: string;
  title: string;
}

interface ListProps<T extends Row> {
  title: string;
  list: { count: number; rows: readonly T[] };
  to: (row: T) => string;
  says: (row: T) => ReactNode;
  /** What is done about the rest, where not all are told. */
  all?: { to: string; label: string };
  keyOf?: (row: T) => string;
}

/** The lists that have something in them, what others wait for first. */
export function MorningLists({ morning }: { morning: Morning }) {
  const { toAnswer, chosen, different, promised, toSend, inHand, toWalk, today } = morning;
  const now = new Date();
  const isQuiet = [toAnswer, chosen, different, promised, toSend, inHand, toWalk].every(
    ({ count }) => count === 0,
  );
  if (isQuiet) return <p className="py-6">Nothing waits: no question, no promise, no car to walk.</p>;
  return (
    <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-2">
      <List
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
      <List
        title="Chosen by a buyer"
        list={chosen}
        to={({ walk }) => `/walks/${walk}/plan`}
        says={({ choices, since }) =>
          `${choices === 1 ? 'One thing' : `${choices} things`} to confirm or decline, ${waitedWords(since, now)}`
        }
      />
      <List
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
      <List
        title="Different on collection or arrival"
        list={different}
        to={({ walk }) => `/walks/${walk}/checks`}
        keyOf={({ walk, at }) => `${walk} ${at}`}
        says={({ parts, at }) =>
          `${parts === 1 ? 'One part' : `${parts} parts`} new or different, ${shortDay(at.slice(0, 10))}`
        }
      />
      <List
        title="Ready to sign and send"
        list={toSend}
        to={({ walk }) => `/walks/${walk}/report`}
        says={() => 'Walked to the end, not signed'}
      />
      <List
        title="Being walked"
        list={inHand}
        to={({ walk }) => `/walks/${walk}`}
        says={({ left }) => `${left} ${left === 1 ? 'part' : 'parts'} left`}
        all={{ to: '/?show=in-hand', label: 'All being walked' }}
      />
      <List
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

const dueWords = (due: string, today: string, isLate: boolean): string =>
  due === today ? 'due today' : isLate ? `late since ${shortDay(due)}` : `due ${shortDay(due)}`;

function List<T extends Row>({ title, list: { count, rows }, to, says, all, keyOf }: ListProps<T>) {
  if (count === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="flex items-baseline justify-between border-b-2 border-ink py-1 text-xl">
        {title} <span className="tabular-nums">{count}</span>
      </h2>
      <ul>
        {rows.map((row) => (
          <li key={keyOf ? keyOf(row) : (row.walk ?? row.car)} className="border-b border-line">
            <Link to={to(row)} className="block min-h-14 px-1 py-2 hover:bg-fill">
              <span className="block">
                <span className="font-bold">{row.stockNumber}</span>{' '}
                <span className="text-soft">{row.title}</span>
              </span>
              <span className="block text-sm">{says(row)}</span>
            </Link>
          </li>
        ))}
      </ul>
      {count > rows.length && (
        <p className="py-2 text-sm">
          {all ? (
            <Link to={all.to} className="font-bold text-accent underline underline-offset-4">
              {all.label}
            </Link>
          ) : (
            `And ${count - rows.length} more, once these are done.`
          )}
        </p>
      )}
    </section>
  );
}
