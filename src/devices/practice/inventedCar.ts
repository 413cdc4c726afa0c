import { numberFor, spreadFor } from './random';

/** How an invented car's paint scatters, as shares: works paint, between its panels, within one, and the gauge itself. */
const SPREAD = { between: 0.04, within: 0.06, gauge: 0.03 } as const;
/** So many of a hundred panels were painted again, and so many of those only in one place. */
const PAINTED = { share: 0.12, locally: 0.35 } as const;

/** Paint over a part of an invented car, micrometres: the `count`-th reading taken there. The same car always gives the same. */
export function inventedPaintUm(car: string, part: string, count: number): number {
  const works = 95 + 50 * numberFor(`${car}/works`);
  const panel = works * (1 + SPREAD.between * spreadFor(`${car}/${part}`));
  const chance = numberFor(`${car}/${part}/painted`);
  const times = 1.45 + 0.7 * numberFor(`${car}/${part}/times`);
  const isLocal = chance < PAINTED.share * PAINTED.locally;
  const here = `${car}/${part}/${count}`;
  const isCovered = chance < PAINTED.share && (!isLocal || numberFor(`${here}/where`) < 0.4);
  const um = panel * (isCovered ? times : 1) * (1 + SPREAD.within * spreadFor(`${here}/within`));
  return Math.max(40, um * (1 + SPREAD.gauge * spreadFor(`${here}/gauge`)));
}

/** Tread of an invented car's tyre, millimetres, at a third of it. Tyres of one axle wear alike. */
export function inventedTreadMm(car: string, tyre: string, third: string, count: number): number {
  const axle = tyre.replace(/[lr]$/, '');
  const worn = 2.6 + 4.6 * numberFor(`${car}/${axle}/worn`) + 0.25 * spreadFor(`${car}/${tyre}`);
  const isLeaning = numberFor(`${car}/${tyre}/leaning`) < 0.2;
  const edge = third === 'inner' && isLeaning ? -1.7 : 0;
  return Math.max(0.8, worn + edge + 0.1 * spreadFor(`${car}/${tyre}/${third}/${count}`));
}
