import { mmFrom32nds, type TreadUnit } from '#core/measure';

export interface TreadKeys {
  /** Depths one tap away, in the unit spoken. */
  depths: readonly number[];
  /** What one more tap adds to the reading just given. */
  plus: number;
  plusLabel: string;
}

/** Keys for the depths people meet: whole millimetres and a half more; 32nds one by one; coarser steps on heavy vehicles. */
export function treadKeys(unit: TreadUnit, isHeavy: boolean): TreadKeys {
  if (isHeavy)
    return {
      depths: unit === 'mm' ? [1, 2, 4, 6, 8, 10, 12, 14, 16, 18] : [2, 4, 6, 8, 10, 12, 14, 16, 18, 20],
      plus: 1,
      plusLabel: '+1',
    };
  return unit === 'mm'
    ? { depths: [1, 2, 3, 4, 5, 6, 7, 8, 9, 0], plus: 0.5, plusLabel: '+½' }
    : { depths: [2, 3, 4, 5, 6, 7, 8, 9, 10, 1], plus: 1, plusLabel: '+1' };
}

export const toMm = (depth: number, unit: TreadUnit): number =>
  Math.round((unit === 'mm' ? depth : mmFrom32nds(depth)) * 1e4) / 1e4;
