import { useTransformComponent } from 'react-zoom-pan-pinch';
import { roundLength } from '#core/picture';

/** So much of the picture's width, as it is seen, the bar takes at most. */
const MOST = 0.4;

interface ScaleBarProps {
  /** Millimetres the whole picture covers where its fault was measured. */
  mmAcross: number;
  /** Width of the whole picture on the screen before one comes nearer. */
  widthPx: number;
}

/** A bar of a round true length at the fault that was measured, redrawn as one comes nearer. */
export function ScaleBar({ mmAcross, widthPx }: ScaleBarProps) {
  const scale = useTransformComponent(({ state }) => state.scale);
  const mmSeen = mmAcross / scale;
  const length = roundLength(mmSeen * MOST);
  return (
    <div
      role="img"
      aria-label={`The bar is ${spoken(length)} long at the fault`}
      className="pointer-events-none absolute bottom-4 left-4 border-x-2 border-b-4 border-ink bg-white/90 text-center text-sm leading-6 font-bold text-ink"
      style={{ width: `${(length / mmSeen) * widthPx}px` }}
    >
      {spoken(length)}
    </div>
  );
}

const spoken = (mm: number): string => (mm >= 10 ? `${mm / 10} cm` : `${mm} mm`);
