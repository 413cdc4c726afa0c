import type { OverlayShape } from '#core/picture';

/** What is drawn over a picture, from the same data that is burned into what leaves the yard. */
export function OverlayShapes({ shapes }: { shapes: readonly OverlayShape[] }) {
  // biome-ignore lint/suspicious/noArrayIndexKey: a shape is its place in the drawing.
  return shapes.map((shape, i) => <Shape key={i} shape={shape} />);
}

function Shape({ shape }: { shape: OverlayShape }) {
  switch (shape.is) {
    case 'box':
      return <rect x={shape.x} y={shape.y} width={shape.width} height={shape.height} fill={shape.colour} />;
    case 'circle':
      return <circle cx={shape.x} cy={shape.y} r={shape.radius} {...strokeOf(shape)} />;
    case 'line':
      return (
        <line x1={shape.from[0]} y1={shape.from[1]} x2={shape.to[0]} y2={shape.to[1]} {...strokeOf(shape)} />
      );
    default:
      return shape satisfies never;
  }
}

const strokeOf = ({ colour, thick }: { colour: string; thick: number }) =>
  ({ fill: 'none', stroke: colour, strokeWidth: thick, strokeLinecap: 'round' }) as const;
