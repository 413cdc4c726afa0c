import { lazy, Suspense, useMemo } from 'react';
import type { PartId } from '#core/car';
import type { PaintTable } from '#core/readings';
import type { Tell } from '#core/told';
import { ROW_PX, ranked, rankingOption } from './rankingOption';

const Chart = lazy(() => import('../../../../charts/Chart'));

/** Panels ranked, and beneath them in words what each comes to. */
export function PanelRanking({
  table,
  nameOf,
  tell,
}: {
  table: PaintTable;
  nameOf: (part: PartId) => string;
  tell: Tell;
}) {
  const rows = useMemo(() => ranked(table.rows), [table]);
  const option = useMemo(() => rankingOption(table, nameOf), [table, nameOf]);
  if (rows.length === 0)
    return <p className="text-soft">No panel has readings yet. Connect a gauge, or type what yours shows.</p>;
  const apart = rows.filter(({ class: found }) => found !== 'as-the-rest' && found !== 'not-enough');
  return (
    <div className="space-y-3">
      {table.says.map((line) => (
        <p key={tell(line)}>{tell(line)}</p>
      ))}
      <Suspense fallback={<div style={{ height: rows.length * ROW_PX + 44 }} />}>
        <Chart
          label={`Readings of ${rows.length} panels, thickest first: ${rows.map((row) => `${nameOf(row.part)} ${Math.round(row.medianUm as number)} µm`).join(', ')}`}
          option={option}
          heightPx={rows.length * ROW_PX + 44}
        />
      </Suspense>
      <p className="text-sm text-soft">
        Figures in {table.unit === 'um' ? 'µm' : 'mil'}. A ring is one reading, the yellow bar what is typical
        of a panel. The green band is where untouched panels of this car lie, the line its own level.
      </p>
      {apart.length > 0 && (
        <ul className="space-y-2">
          {apart.map((row) => (
            <li key={row.part}>
              <span className="font-bold">{nameOf(row.part)}.</span> {tell(row.says)}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
