import type { Shape } from '../body/shape';
import { drawEnds } from './drawEnds';
import { drawSide } from './drawSide';
import { drawTop } from './drawTop';
import { Sheet, type Wear } from './sheet';
import { type Zones, zonesOf } from './zones';

/** Draws the whole skin of a car: what is paint, glass, rubber, lamp, and where the panels part. */
export function drawSkin(shape: Shape, paint: Wear): { sheet: Sheet; zones: Zones } {
  const zones = zonesOf(shape);
  const sheet = new Sheet(zones, paint);
  drawSide(sheet.on('side'), shape);
  drawTop(sheet.on('top'), shape);
  const tailPane = drawEnds(sheet, shape, zones);
  return { sheet, zones: { ...zones, ...(tailPane && { tailPane }) } };
}
