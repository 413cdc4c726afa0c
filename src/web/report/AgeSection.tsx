import { axisOf, bandedRows, bandKey, type ReportDocument, standingNames } from '#core/report';
import { sentence } from '#core/wording';
import { Section } from './Section';

type ForItsAge = NonNullable<ReportDocument['forItsAge']>;

/** Where the car lies among others of its age and distance, a band for each thing counted. */
export function AgeSection({ told }: { told: ForItsAge }) {
  const banded = bandedRows(told.rows);
  const others = told.rows.filter((row) => !banded.includes(row));
  return (
    <Section title="For its age and distance" chapter="age" folds>
      <p className="mb-3">At {told.at}:</p>
      <ul className="space-y-4">
        {banded.map((row) => (
          <li key={row.measure}>
            <p className="flex flex-wrap justify-between gap-x-3 leading-tight">
              <span className="font-bold">{row.name}</span>
              <span className={row.standing === 'more' ? 'font-bold text-warn' : 'font-bold'}>
                {standingNames[row.standing]}
              </span>
            </p>
            <Band row={row} />
            {/* Age and distance stand above, once for all. */}
            <p className="text-sm">{sentence(row.says.replace(` at ${told.at}`, ''))}.</p>
          </li>
        ))}
      </ul>
      {told.cabin && <p className="mt-4">{told.cabin}.</p>}
      {others.length > 0 && (
        <ul className="mt-4 text-sm">
          {others.map(({ measure, name, standing, says }) => (
            <li key={measure} className="mt-1">
              <b>{name}.</b> {standingNames[standing]}: {says}.
            </li>
          ))}
        </ul>
      )}
      <p className="mt-4 text-sm text-soft">
        {banded.length > 0 && `${bandKey} `}
        {told.rests}.
      </p>
    </Section>
  );
}

function Band({ row }: { row: ForItsAge['rows'][number] }) {
  const { low, high, middle, count = 0 } = row;
  const at = (value: number) => `${(value / axisOf(row)) * 100}%`;
  return (
    <div aria-hidden className="relative mx-4 mt-1 mb-1 h-9 text-sm tabular-nums">
      <div className="absolute inset-x-0 top-5 border-t border-line" />
      <div
        className="absolute top-3 h-4 min-w-1 border border-soft bg-fill"
        style={{ left: at(low), width: at(Math.max(high - low, 0)) }}
      />
      <div className="absolute top-3 h-4 border-l border-soft" style={{ left: at(middle) }} />
      <span className="absolute -top-1 -translate-x-1/2 text-xs text-soft" style={{ left: at(low) }}>
        {low}
      </span>
      {high > low && (
        <span className="absolute -top-1 -translate-x-1/2 text-xs text-soft" style={{ left: at(high) }}>
          {high}
        </span>
      )}
      <span
        className="absolute top-2.5 grid h-5 min-w-7 -translate-x-1/2 place-items-center border border-ink bg-tape px-1 font-bold text-night"
        style={{ left: at(count) }}
      >
        {count}
      </span>
    </div>
  );
}
