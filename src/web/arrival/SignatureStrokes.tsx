import type { Signature } from '#core/arrival';

/** The pad is twice as wide as high; measures of the drawing, not of the screen. */
export const PAD = { width: 400, height: 200 } as const;

/** What a finger wrote. */
export const SignatureStrokes = ({ strokes }: { strokes: Signature }) =>
  strokes.map((stroke, i) => (
    <polyline
      // Strokes are only ever added.
      // biome-ignore lint/suspicious/noArrayIndexKey: a stroke has no other name
      key={i}
      points={stroke.map(([u, v]) => `${u * PAD.width},${v * PAD.height}`).join(' ')}
      fill="none"
      className="stroke-ink"
      strokeWidth={3}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  ));
