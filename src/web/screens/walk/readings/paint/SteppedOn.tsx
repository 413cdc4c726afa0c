import { type PartId, partTitles } from '#core/car';
import type { PaintTable } from '#core/readings';
import type { Fact, PaintRead } from '#core/walk';
import { inputLook } from '../../../../components/Field';
import { bareFigure } from '../../../../map/paintTints';
import type { OpenWalk } from '../../../../sync/useWalk';
import type { PaintReader } from './usePaintReader';

interface SteppedOnProps {
  walk: OpenWalk;
  route: readonly PartId[];
  stepped: NonNullable<PaintReader['stepped']>;
  unit: PaintTable['unit'];
}

/** Readings on another panel than they were taken for: taken back there, told here, where on the panel is no longer known. */
export const moveReads = (reads: readonly PaintRead[], to: PartId): Fact[] =>
  reads.flatMap(({ entry, um, source }): Fact[] => [
    { kind: 'undone', body: { entry } },
    { kind: 'paint-read', body: { part: to, um: [...um], source } },
  ]);

/** Says that it stepped on, with which readings, and puts them on another panel where the hand was elsewhere. */
export function SteppedOn({ walk, route, stepped: { from, before }, unit }: SteppedOnProps) {
  const { state, style, page, record } = walk;
  const nameOf = partTitles(style, page.car);
  const reads = (state.paint.get(from) ?? []).filter(({ entry }) => !before.has(entry));
  if (reads.length === 0) return null;
  const figures = reads.flatMap(({ um }) => um);
  return (
    <div
      role="status"
      className="flex items-center gap-2 rounded-md border border-ink bg-tape-pale px-3 py-1"
    >
      <p className="min-w-0 flex-1 leading-tight">
        <b>{nameOf(from)}</b>: {figures.map((um) => bareFigure(um, unit)).join(', ')}. Stepped on.
      </p>
      <select
        aria-label="Move these to another panel"
        className={`${inputLook} w-40!`}
        value=""
        onChange={(event) => event.target.value && record(...moveReads(reads, event.target.value))}
      >
        <option value="">Move these to…</option>
        {route
          .filter((id) => id !== from)
          .map((id) => (
            <option key={id} value={id}>
              {nameOf(id)}
            </option>
          ))}
      </select>
    </div>
  );
}
