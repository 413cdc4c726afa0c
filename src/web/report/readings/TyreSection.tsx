import { type Vocabulary, vocabularyOf } from '#core/car';
import type { ReportDocument } from '#core/report';
import { thirdName } from '#core/walk';
import { Section } from '../Section';

type Tyres = NonNullable<ReportDocument['tyres']>;
const whenLook = { now: 'bg-warn-fill text-warn', soon: 'bg-tape-pale', later: 'bg-clear' } as const;
const whenWord = { now: 'Replace now', soon: 'Within the year', later: 'Good' } as const;

/** Every tyre with its depths and what follows; an older report has depths alone. */
export function TyreSection({ report, title }: { report: ReportDocument; title: string }) {
  const { tyres, treads } = report;
  if (!tyres)
    return treads.length === 0 ? null : (
      <Section title={title} chapter="tyres" folds>
        <ul>
          {treads.map(({ part, name, depth }) => (
            <li key={part} className="border-b border-line py-1.5 tabular-nums">
              {name}: {depth}
            </li>
          ))}
        </ul>
      </Section>
    );
  return (
    <Section title={title} chapter="tyres" folds>
      {tyres.summary && <p className="mb-2 border-l-8 border-tape pl-3 text-lg">{tyres.summary}.</p>}
      <ul>
        {tyres.rows.map((row) => (
          <TyreItem key={row.part} row={row} vocabulary={vocabularyOf(report.car)} />
        ))}
      </ul>
      {tyres.matching.map((line) => (
        <p key={line} className="mt-2">
          Do not match. {line}.
        </p>
      ))}
      <p className="mt-2 text-soft">Limit used: {tyres.law}.</p>
    </Section>
  );
}

function TyreItem({ row, vocabulary }: { row: Tyres['rows'][number]; vocabulary: Vocabulary }) {
  const thirds = [
    ['whole', row.whole],
    ['outer', row.outer],
    [thirdName('centre', vocabulary), row.centre],
    ['inner', row.inner],
  ].filter(([, depth]) => depth);
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <p className="min-w-0 flex-1 font-bold">{row.name}</p>
        {row.when && (
          <p className={`rounded-sm px-2 font-bold ${whenLook[row.when]}`}>{whenWord[row.when]}</p>
        )}
      </div>
      {thirds.length > 0 && (
        <p className="flex flex-wrap gap-x-4 tabular-nums">
          {thirds.map(([third, depth]) => (
            <span key={third}>
              {third !== 'whole' && <span className="text-soft">{third} </span>}
              {depth}
            </span>
          ))}
          {row.left !== undefined && <span className="text-soft">{row.left} % of its life left</span>}
        </p>
      )}
      <p>{row.says}.</p>
      {(row.make || row.made) && (
        <p className="text-soft">{[row.make, row.made].filter(Boolean).join('. ')}.</p>
      )}
    </li>
  );
}
