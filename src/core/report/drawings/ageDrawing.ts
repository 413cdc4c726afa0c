import type { ReportDocument } from '../reportDocument';
import { colours, type Drawing, type Place, type Shape } from './drawing';

type Row = NonNullable<ReportDocument['forItsAge']>['rows'][number];

const WIDTH = 380;
/** Room beside an axis, for the mark of a car at its very end. */
const BESIDE = 14;
/** A name over its band: beside it, names of any length and letters of any font would not fit, and on a phone they would be too small to read. */
const ROW = 42;

/** Rows that have a band to lie in. */
export const isBanded = ({ standing, count }: Pick<Row, 'standing' | 'count'>): boolean =>
  count !== undefined && ['better', 'in-line', 'more'].includes(standing);
export const bandedRows = (rows: readonly Row[]): Row[] => rows.filter(isBanded);

/** How far an axis of a row goes: its band and the car, with some room. */
export const axisOf = ({ high, count = 0 }: Pick<Row, 'high' | 'count'>): number =>
  Math.max(high, count, 1) * 1.15;

/** Where this car lies in the band of each thing counted; undefined where nothing has a band. */
export function ageDrawing(rows: readonly Row[]): Drawing | undefined {
  const shown = bandedRows(rows);
  if (shown.length === 0) return undefined;
  return {
    says: `Where this car lies: ${shown.map(({ name, count, low, high }) => `${name} ${count}, usual ${low} to ${high}`).join('; ')}.`,
    width: WIDTH,
    height: shown.length * ROW + 4,
    shapes: shown.flatMap((row, i) => rowShapes(row, i * ROW)),
  };
}

function rowShapes(row: Row, top: number): Shape[] {
  const { name, low, high, middle, count = 0 } = row;
  const at = (value: number) => BESIDE + (value / axisOf(row)) * (WIDTH - 2 * BESIDE);
  const [from, to] = [at(low), Math.max(at(high), at(low) + 3)];
  const [figures, centre] = [top + 21, top + 32];
  return [
    { is: 'label', at: [0, top + 8], text: name, size: 11, begins: true },
    { is: 'line', from: [BESIDE, centre], to: [WIDTH - BESIDE, centre], stroke: colours.rule, line: 1 },
    {
      is: 'polygon',
      points: box(from, centre - 6, to - from, 12),
      fill: '#cfe0e3',
      stroke: colours.soft,
      line: 0.5,
    },
    {
      is: 'line',
      from: [at(middle), centre - 6],
      to: [at(middle), centre + 6],
      stroke: colours.soft,
      line: 1,
    },
    { is: 'label', at: [from, figures], text: String(low), size: 8.5 },
    ...(high > low ? [{ is: 'label', at: [to, figures], text: String(high), size: 8.5 } as const] : []),
    {
      is: 'polygon',
      points: box(at(count) - 10, centre - 7, 20, 14),
      fill: colours.tape,
      stroke: colours.ink,
      line: 0.8,
    },
    { is: 'label', at: [at(count), centre], text: String(count), size: 10 },
  ];
}

const box = (x: number, y: number, width: number, height: number): Place[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
