import { styleOf } from '../../car';
import { UM_PER_MIL } from '../../measure';
import type { PaintClass } from '../../paint';
import type { ReportDocument } from '../reportDocument';
import { carDrawing } from './carDrawing';
import { colours, type Drawing, type Shape } from './drawing';

const fills: Record<PaintClass, string> = {
  'as-the-rest': '#cfe6d3',
  thicker: '#ffc933',
  'local-repair': '#fff3d1',
  'far-thicker': '#f2a08c',
  thin: '#c9d8f2',
  under: '#e3d7f0',
  'not-enough': '#ffffff',
  'cannot-read': '#eceee9',
};
const FIGURE = 8;

/** The outside of the car, panels tinted by how far they are from its own level, with their medians. */
export function paintDrawing({ car }: ReportDocument, paint: NonNullable<ReportDocument['paint']>): Drawing {
  const rowOf = new Map(paint.rows.map((row) => [row.part, row]));
  return carDrawing({
    says: 'Paint depth on the outside of the car, panel by panel; the table below has the same figures.',
    style: styleOf(car),
    speech: car,
    partLook: ({ id }) => {
      const row = rowOf.get(id);
      if (!row) return { fill: colours.sheet };
      return {
        fill: fills[row.class],
        stroke: colours.ink,
        ...(row.class === 'cannot-read' && { isHatched: true as const }),
      };
    },
    over: (parts, at) =>
      parts.flatMap(({ id, mark }): Shape[] => {
        const median = rowOf.get(id)?.medianUm;
        if (median === undefined) return [];
        const text = paint.unit === 'um' ? String(Math.round(median)) : (median / UM_PER_MIL).toFixed(1);
        return [{ is: 'label', at: at(mark.at), text, size: FIGURE }];
      }),
  });
}
