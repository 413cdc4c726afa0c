import type { PartId } from '#core/car';
import { FEWEST_READINGS } from '#core/paint';
import type { PaintTable } from '#core/readings';
import { bareFigure, paintBacks } from '../../../map/paintTints';

interface PanelListProps {
  table: PaintTable;
  hand: PartId;
  nameOf: (part: PartId) => string;
  onPart: (part: PartId) => void;
}

/** Every panel at a glance: not read, begun, read, read twice. */
export function PanelList({ table, hand, nameOf, onPart }: PanelListProps) {
  const says = ({ um, visits, class: found }: PaintTable['rows'][number]) => {
    if (found === 'cannot-read') return 'not metal';
    if (um.length === 0) return 'not read';
    if (um.length < FEWEST_READINGS) return `${um.length} of ${FEWEST_READINGS}`;
    return visits > 1 ? `${um.length} readings, read twice` : `${um.length} readings`;
  };
  return (
    <ul className="grid grid-cols-2 gap-1.5 lg:grid-cols-1 xl:grid-cols-2">
      {table.rows.map((row) => (
        <li key={row.part}>
          <button
            type="button"
            aria-pressed={row.part === hand}
            onClick={() => onPart(row.part)}
            className="flex min-h-12 w-full items-center gap-2 rounded-md border border-line bg-sheet py-1 pr-1 pl-2 text-left aria-pressed:border-2 aria-pressed:border-accent"
          >
            <span className="min-w-0 flex-1 leading-tight">
              <span className="line-clamp-2 text-sm font-bold">{nameOf(row.part)}</span>
              <span
                className={`block text-xs ${row.um.length === 0 && row.class !== 'cannot-read' ? 'font-bold' : 'text-soft'}`}
              >
                {says(row)}
              </span>
            </span>
            {row.medianUm !== undefined && (
              <span
                className={`rounded-sm border border-line px-1.5 font-bold tabular-nums ${paintBacks[row.class]}`}
              >
                {bareFigure(row.medianUm, table.unit)}
              </span>
            )}
          </button>
        </li>
      ))}
    </ul>
  );
}
