import type { Drawing, Shape } from '#core/report';
import type { Sheet } from './sheet';

type Polygon = Extract<Shape, { is: 'polygon' }>;

/** A drawing is made smaller by so much at most to fit on the page begun. */
export const SMALLEST = 0.6;

/** A drawing as vectors, as wide as the sheet at most. */
export function drawDrawing(sheet: Sheet, { says, width, height, shapes }: Drawing): void {
  const widest = Math.min(1, sheet.width / width);
  // Somewhat smaller rather than leave a third of a page empty.
  const fits = (sheet.room - 8) / height;
  const scale = fits < widest && fits >= widest * SMALLEST ? fits : widest;
  sheet.need(height * scale + 8);
  const { pdf, left, y } = sheet;
  sheet.figure(says, () => {
    pdf.save().translate(left, y).scale(scale);
    for (const shape of shapes) if (shape.is !== 'label') drawShape(sheet, shape);
    // Words last: a font is chosen once for all of them.
    for (const shape of shapes)
      if (shape.is === 'label') sheet.label(shape.text, shape.at[0], shape.at[1], shape.size, shape.begins);
    pdf.restore();
  });
  sheet.y = y + height * scale + 8;
}

function drawShape(sheet: Sheet, shape: Exclude<Shape, { is: 'label' }>): void {
  const { pdf } = sheet;
  const { fill, stroke, line = 1, isDashed } = shape;
  pdf.lineWidth(line);
  if (isDashed) pdf.dash(2, { space: 1.5 });
  switch (shape.is) {
    case 'polygon':
      pdf.polygon(...shape.points.map(([x, y]) => [x, y]));
      break;
    case 'circle':
      pdf.circle(...shape.at, shape.radius);
      break;
    case 'line':
      pdf.moveTo(...shape.from).lineTo(...shape.to);
      break;
    default:
      shape satisfies never;
  }
  if (fill && stroke) pdf.fillAndStroke(fill, stroke);
  else if (fill) pdf.fill(fill);
  else if (stroke) pdf.stroke(stroke);
  if (isDashed) pdf.undash();
  if (shape.is === 'polygon' && shape.isHatched) hatch(sheet, shape);
}

/** Slanted lines within an outline. */
function hatch({ pdf }: Sheet, { points }: Polygon): void {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  pdf
    .save()
    .polygon(...points.map(([x, y]) => [x, y]))
    .clip();
  for (let x = x0 - (y1 - y0); x < x1; x += 4) pdf.moveTo(x, y1).lineTo(x + (y1 - y0), y0);
  pdf.lineWidth(0.4).stroke('#4a535b').restore();
}
