import { z } from 'zod';
import { type DerivativeWidth, derivativeWidths } from '../photos/photoFiles';

/** The widths photos are shown in. */
export const widthSchema = z.coerce
  .number()
  .refine(
    (width): width is DerivativeWidth => derivativeWidths.includes(width as DerivativeWidth),
    'Photos come 320 or 1600 pixels wide.',
  );
