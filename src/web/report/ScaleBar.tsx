import { roundLength } from '#core/picture';

/** So much of what is seen of the picture the bar takes at most. */
const MOST = 0.4;

interface ScaleBarProps {
  /** Millimetres the whole picture covers where its fault was measured. */
  mmAcross: number;
  /** Width of the whole picture as near as one has come, and of what is seen of it. */
  width: number;
  seenWidth: number;
}

/** A bar of a round true length at the fault that was measured, redrawn as one comes nearer. */
export function ScaleBar({ mmAcross, width, seenWidth }: ScaleBarProps) {
  const mmPerPixel = mmAcross / width;
  const length = roundLength(Math.min(width, seenWidth) * mmPerPixel * MOST);
  return (
    <div
      role="img"
      aria-label={`The bar is ${spoken(length)} long at the fault`}
      className="pointer-events-none absolute top-16 left-4 z-10 border-x-2 border-b-4 border-night bg-paper/90 text-center text-sm leading-6 font-bold text-night"
      style={{ width: `${length / mmPerPixel}px` }}
    >
      {spoken(length)}
    </div>
  );
}

const spoken = (mm: number): string => (mm >= 10 ? `${mm / 10} cm` : `${mm} mm`);
