import type { ReportDocument } from '../reportDocument';
import { colours, type Drawing, type Place, type Shape } from './drawing';

type Row = NonNullable<ReportDocument['forItsAge']>['rows'][number];

const WIDTH = 480;
const NAMES = 190;
const ROW = 30;
const RIGHT = 36;

/** Rows that have a band to lie in. */
export const bandedRows = (rows: readonly Row[]): Row[] =>
  rows.filter(
    ({ standing, count }) => count !== undefined && ['better', 'in-line', 'more'].includes(standing),
  );

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
  const at = (value: number) => NAMES + (value / axisOf(row)) * (WIDTH - NAMES - RIGHT);
  const [from, to] = [at(low), Math.max(at(high), at(low) + 3)];
  const centre = top + 18;
  return [
    { is: 'label', at: [0, centre], text: name, size: 9, begins: true },
    { is: 'line', from: [NAMES, centre], to: [WIDTH - RIGHT, centre], stroke: colours.rule, line: 1 },
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
    { is: 'label', at: [from, centre - 11], text: String(low), size: 7 },
    ...(high > low ? [{ is: 'label', at: [to, centre - 11], text: String(high), size: 7 } as const] : []),
    {
      is: 'polygon',
      points: box(at(count) - 9, centre - 6.5, 18, 13),
      fill: colours.tape,
      stroke: colours.ink,
      line: 0.8,
    },
    { is: 'label', at: [at(count), centre], text: String(count), size: 9 },
  ];
}

const box = (x: number, y: number, width: number, height: number): Place[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
