import type { ReactNode } from 'react';
import { Link } from 'react-router';

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

/** Cars that wait for the same thing, each one tap away. Nothing where there are none. */
export function MorningList<T extends Row>({
  title,
  list: { count, rows },
  to,
  says,
  all,
  keyOf,
}: ListProps<T>) {
  if (count === 0) return null;
  return (
    <section aria-label={title} className="mb-6 break-inside-avoid">
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
