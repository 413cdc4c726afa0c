import type { PartId } from '#core/car';
import { type PaintUnit, UM_PER_MIL } from '#core/measure';
import { type PaintClass, paintClassWords } from '#core/paint';
import type { PartTint } from './TintFigures';

const fills: Record<PaintClass, string> = {
  'as-the-rest': 'fill-clear',
  thicker: 'fill-tape',
  'local-repair': 'fill-tape-pale',
  'far-thicker': 'fill-thick',
  thin: 'fill-thin',
  under: 'fill-under',
  'not-enough': 'fill-sheet',
  'cannot-read': 'fill-[url(#not-seen)]',
};

/** The same classes as backgrounds, for lists. */
export const paintBacks: Record<PaintClass, string> = {
  'as-the-rest': 'bg-clear',
  thicker: 'bg-tape',
  'local-repair': 'bg-tape-pale',
  'far-thicker': 'bg-thick',
  thin: 'bg-thin',
  under: 'bg-under',
  'not-enough': 'bg-sheet',
  'cannot-read': 'bg-fill',
};

/** A reading without its unit, as it stands on maps and in rows. */
export const bareFigure = (um: number, unit: PaintUnit): string =>
  unit === 'um' ? String(Math.round(um)) : (um / UM_PER_MIL).toFixed(1);

interface Tinted {
  part: PartId;
  class: PaintClass;
  medianUm?: number | undefined;
}

/** How panels are filled on the map: by how far they are from the car's own level, with their figure. */
export function paintTints({
  rows,
  unit,
}: {
  rows: readonly Tinted[];
  unit: PaintUnit;
}): Map<PartId, PartTint> {
  return new Map(
    rows.map((row) => [
      row.part,
      {
        fill: fills[row.class],
        figure: row.medianUm === undefined ? '' : bareFigure(row.medianUm, unit),
        says: `${paintClassWords[row.class].toLowerCase()}${row.medianUm === undefined ? '' : `, ${bareFigure(row.medianUm, unit)} ${unit === 'um' ? 'µm' : 'mil'}`}`,
      },
    ]),
  );
}
