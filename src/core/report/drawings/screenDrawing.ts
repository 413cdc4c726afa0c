import type { ReportDocument } from '../reportDocument';
import { colours, type Drawing, type Place, type Shape } from './drawing';

const WIDTH = 300;

/** The screen to scale: swept area, the driver's band within it, and every damage. */
export function screenDrawing(screen: NonNullable<ReportDocument['screen']>): Drawing {
  const scale = WIDTH / screen.widthMm;
  const height = screen.heightMm * scale;
  const at = ([x, y]: readonly [number, number]): Place => [x * scale, (screen.heightMm - y) * scale];
  const band = screen.bandMm.map((x) => x * scale) as [number, number];
  return {
    says: 'The screen from outside, to scale, with every damage by its number.',
    width: WIDTH,
    height,
    shapes: [
      { is: 'polygon', points: rectangle(0, 0, WIDTH, height), stroke: colours.ink, line: 1 },
      { is: 'polygon', points: screen.swept.map(at), fill: '#e3eef1', stroke: colours.soft, line: 0.5 },
      ...within(screen.swept.map(at), band),
      ...screen.rows.flatMap((row): Shape[] => {
        const [x, y] = at(row.at);
        const stroke = row.fails ? colours.warn : colours.ink;
        const radius = Math.max(1.5, (row.acrossMm / 2) * scale);
        const left = x + (row.acrossMm / 2) * scale + 4;
        return [
          row.to
            ? { is: 'line', from: [x, y], to: at(row.to), stroke, line: 1.5 }
            : { is: 'circle', at: [x, y], radius, stroke, line: 1.2 },
          { is: 'polygon', points: rectangle(left, y - 14, 16, 11), fill: colours.tape },
          { is: 'label', at: [left + 8, y - 8.5], text: String(row.number), size: 8 },
        ];
      }),
    ],
  };
}

const rectangle = (x: number, y: number, width: number, height: number): Place[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

/** The part of an outline between two verticals: cut at one, then at the other (Sutherland and Hodgman, 1974). */
function within(outline: readonly Place[], [from, to]: readonly [number, number]): Shape[] {
  const cut = (points: readonly Place[], x: number, keeps: (at: number) => boolean): Place[] =>
    points.flatMap((point, i) => {
      const next = points[(i + 1) % points.length] as Place;
      const share = (x - point[0]) / (next[0] - point[0]);
      const crossing: Place[] =
        keeps(point[0]) === keeps(next[0]) ? [] : [[x, point[1] + share * (next[1] - point[1])]];
      return [...(keeps(point[0]) ? [point] : []), ...crossing];
    });
  const left = cut(outline, from, (x) => x >= from);
  const band = cut(left, to, (x) => x <= to);
  return band.length < 3
    ? []
    : [{ is: 'polygon', points: band, fill: '#fff3d1', stroke: colours.ink, line: 0.5 }];
}
