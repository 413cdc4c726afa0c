import { bodyStyle, type PartId } from '../../src/core/car';
import type { DemoCar } from '../yard/cars';
import type { View } from './spec';
import type { Ground } from './stage/damage/layers';

type SpotView = Extract<View, { of: 'spot' }>;

const grounds: Partial<Record<string, Ground>> = { plastic: 'plastic', glass: 'glass', alloy: 'lacquered' };

/** A place on a part of a car, with what it is made of below the coat. */
export function onPart(
  { look }: DemoCar,
  part: PartId,
  { spot, mark }: Pick<SpotView, 'spot' | 'mark'>,
): Pick<SpotView, 'of' | 'part' | 'spot' | 'mark' | 'ground'> {
  const material = bodyStyle(look.style).parts.get(part)?.material ?? 'steel';
  return { of: 'spot', part, spot, ...(mark && { mark }), ground: grounds[material] ?? 'steel' };
}
