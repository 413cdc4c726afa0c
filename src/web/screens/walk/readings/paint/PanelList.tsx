import { memo } from 'react';
import type { PartId } from '#core/car';
import { FEWEST_READINGS } from '#core/paint';
import type { PaintTable } from '#core/readings';
import { bareFigure, paintBacks } from '../../../../map/paintTints';

interface PanelListProps {
  table: PaintTable;
  hand: PartId;
  nameOf: (part: PartId) => string;
  onPart: (part: PartId) => void;
}

/** Every panel at a glance: not read, begun, read, read twice. */
export function PanelList({ table, hand, nameOf, onPart }: PanelListProps) {
  return (
    <ul className="grid grid-cols-2 gap-1.5 lg:grid-cols-1 xl:grid-cols-2">
      {table.rows.map((row) => (
        <PanelItem
          key={row.part}
          part={row.part}
          name={nameOf(row.part)}
          says={progressWords(row)}
          isWanted={row.um.length === 0 && row.class !== 'cannot-read'}
          isInHand={row.part === hand}
          figure={row.medianUm === undefined ? '' : bareFigure(row.medianUm, table.unit)}
          back={paintBacks[row.class]}
          onPart={onPart}
        />
      ))}
    </ul>
  );
}

function progressWords({ um, visits, class: found }: PaintTable['rows'][number]): string {
  if (found === 'cannot-read') return 'not metal';
  if (um.length === 0) return 'not read';
  if (um.length < FEWEST_READINGS) return `${um.length} of ${FEWEST_READINGS}`;
  return visits > 1 ? `${um.length} readings, read twice` : `${um.length} readings`;
}

interface PanelItemProps {
  part: PartId;
  name: string;
  says: string;
  isWanted: boolean;
  isInHand: boolean;
  figure: string;
  back: string;
  onPart: (part: PartId) => void;
}

// Drawn anew only when what it says changes: readings come fast.
const PanelItem = memo(function PanelItem(props: PanelItemProps) {
  const { part, name, says, isWanted, isInHand, figure, back, onPart } = props;
  return (
    <li className="contain-content">
      <button
        type="button"
        aria-pressed={isInHand}
        onClick={() => onPart(part)}
        className="flex min-h-12 w-full items-center gap-2 rounded-md border border-line bg-sheet py-1 pr-1 pl-2 text-left aria-pressed:border-2 aria-pressed:border-accent"
      >
        <span className="min-w-0 flex-1 leading-tight">
          <span className="line-clamp-2 text-sm font-bold">{name}</span>
          <span className={`block text-xs ${isWanted ? 'font-bold' : 'text-soft'}`}>{says}</span>
        </span>
        {figure && (
          <span className={`rounded-sm border border-line px-1.5 font-bold tabular-nums ${back}`}>
            {figure}
          </span>
        )}
      </button>
    </li>
  );
});
