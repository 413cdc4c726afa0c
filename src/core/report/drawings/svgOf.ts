import { escapeXml } from '../../wording';
import type { Drawing, Shape } from './drawing';

const n = (value: number): string => String(Math.round(value * 100) / 100);

/** A drawing as SVG, without anything from outside. */
export function svgOf({ says, width, height, shapes }: Drawing): string {
  const hatch = shapes.some((shape) => shape.is === 'polygon' && shape.isHatched)
    ? '<defs><pattern id="hatch" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V4" stroke="#4a535b" stroke-width=".8"/></pattern></defs>'
    : '';
  return `<svg viewBox="0 0 ${n(width)} ${n(height)}" role="img" aria-label="${escapeXml(says)}">${hatch}${shapes.map(shapeOf).join('')}</svg>`;
}

function shapeOf(shape: Shape): string {
  switch (shape.is) {
    case 'polygon': {
      const points = shape.points.map(([x, y]) => `${n(x)},${n(y)}`).join(' ');
      const own = `<polygon points="${points}"${lookOf(shape)}/>`;
      return shape.isHatched ? `${own}<polygon points="${points}" fill="url(#hatch)"/>` : own;
    }
    case 'circle':
      return `<circle cx="${n(shape.at[0])}" cy="${n(shape.at[1])}" r="${n(shape.radius)}"${lookOf(shape)}/>`;
    case 'line':
      return `<line x1="${n(shape.from[0])}" y1="${n(shape.from[1])}" x2="${n(shape.to[0])}" y2="${n(shape.to[1])}"${lookOf(shape)}/>`;
    case 'label':
      return `<text x="${n(shape.at[0])}" y="${n(shape.at[1])}" dy=".35em" text-anchor="${shape.begins ? 'start' : 'middle'}" font-size="${n(shape.size)}" font-weight="700" fill="#14181c">${escapeXml(shape.text)}</text>`;
    default:
      return shape satisfies never;
  }
}

const lookOf = ({ fill = 'none', stroke, line = 1, isDashed }: Exclude<Shape, { is: 'label' }>): string =>
  ` fill="${fill}"${stroke ? ` stroke="${stroke}" stroke-width="${n(line)}"${isDashed ? ' stroke-dasharray="2 1.5"' : ''}` : ''}`;
