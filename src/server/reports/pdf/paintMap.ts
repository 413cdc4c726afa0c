import { type Face, type FaceId, type Point, styleOf } from '#core/car';
import { UM_PER_MIL } from '#core/measure';
import type { PaintClass } from '#core/paint';
import type { ReportDocument } from '#core/report';
import { ink, rule, type Sheet, soft } from './sheet';

type Paint = NonNullable<ReportDocument['paint']>;

const fills: Record<PaintClass, string> = {
  'as-the-rest': '#cfe6d3',
  thicker: '#ffc933',
  'local-repair': '#fff3d1',
  'far-thicker': '#f2a08c',
  thin: '#c9d8f2',
  'not-enough': '#ffffff',
  'cannot-read': '#eceee9',
};

/** Faces in rows, each with its share of the sheet's width. */
const rows: readonly { heightPt: number; faces: readonly [FaceId, number][] }[] = [
  {
    heightPt: 120,
    faces: [
      ['front', 0.3],
      ['top', 0.4],
      ['rear', 0.3],
    ],
  },
  {
    heightPt: 90,
    faces: [
      ['left', 0.5],
      ['right', 0.5],
    ],
  },
];
const AIR = 6;
const FIGURE_PT = 8;

/** The outside of the car as vectors, panels tinted by how far they are from its own level, with their medians. */
export function paintMap(sheet: Sheet, report: ReportDocument, paint: Paint): void {
  const style = styleOf(report.car);
  sheet.need(rows.reduce((sum, { heightPt }) => sum + heightPt + AIR, 0));
  for (const { heightPt, faces } of rows) {
    let x = sheet.left;
    for (const [id, share] of faces) {
      const width = share * sheet.width;
      drawFace(sheet, style.faces[id], id, style, paint, {
        x: x + AIR,
        y: sheet.y,
        width: width - 2 * AIR,
        height: heightPt,
      });
      x += width;
    }
    sheet.y += heightPt + AIR;
  }
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

function drawFace(
  sheet: Sheet,
  face: Face,
  id: FaceId,
  style: ReturnType<typeof styleOf>,
  paint: Paint,
  box: Box,
): void {
  const { pdf } = sheet;
  const scale = Math.min(box.width / face.width, box.height / face.height);
  const [left, top] = [
    box.x + (box.width - face.width * scale) / 2,
    box.y + (box.height - face.height * scale) / 2,
  ];
  const at = ([x, y]: Point): [number, number] => [
    left + (face.mirrored ? face.width - x : x) * scale,
    top + y * scale,
  ];
  const parts = [...style.parts.values()].filter((part) => part.face === id);
  for (const part of parts) {
    const row = paint.rows.find((each) => each.part === part.id);
    pdf
      .lineWidth(0.5)
      .polygon(...part.outline.map(at))
      .fillAndStroke(row ? fills[row.class] : '#ffffff', row ? ink : rule);
    if (row?.class === 'cannot-read') hatch(sheet, part.outline.map(at));
  }
  for (const part of parts) {
    const row = paint.rows.find((each) => each.part === part.id);
    if (row?.medianUm === undefined) continue;
    const [x, y] = at(part.mark.at);
    const figure =
      paint.unit === 'um' ? String(Math.round(row.medianUm)) : (row.medianUm / UM_PER_MIL).toFixed(1);
    sheet.label(figure, x, y, FIGURE_PT);
  }
}

/** Slanted lines within an outline: not metal. */
function hatch({ pdf }: Sheet, outline: readonly [number, number][]): void {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  pdf
    .save()
    .polygon(...outline)
    .clip();
  for (let x = x0 - (y1 - y0); x < x1; x += 4) pdf.moveTo(x, y1).lineTo(x + (y1 - y0), y0);
  pdf.lineWidth(0.4).stroke(soft).restore();
}
