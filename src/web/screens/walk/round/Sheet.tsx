import { type ReactNode, useRef, useState } from 'react';
import { useBackCloses } from '../../../device/backCloses';

/** How much of a phone the deck takes: its buttons alone, less than the car has, or most of it. */
export const sheetHeights = ['low', 'half', 'full'] as const;
export type SheetHeight = (typeof sheetHeights)[number];

/** The car keeps 45 of 100 of the height, 40 on small phones: bar, strip and place row take ten rem. */
const looks: Record<SheetHeight, string> = {
  low: 'portrait:max-h-54',
  half: 'portrait:max-h-[max(14rem,calc(55dvh-10rem))] portrait:[@media(max-height:700px)]:max-h-[max(14rem,calc(60dvh-10rem))]',
  full: 'portrait:max-h-[max(14rem,72dvh)]',
};
/** So far a thumb must go to mean a drag. */
const DRAG_PX = 24;

interface SheetProps {
  label: string;
  /** As it opens; it goes back to it with every other deck. */
  opensAt: SheetHeight;
  children: ReactNode;
}

/** What to do at this stop, below the car: dragged higher or lower by its grip, tapped from one to the next; beside the car in landscape. */
export function Sheet({ label, opensAt, children }: SheetProps) {
  const [height, setHeight] = useState(opensAt);
  useBackCloses(height === 'full' && opensAt !== 'full', () => setHeight(opensAt));
  const from = useRef<number>(undefined);
  const at = sheetHeights.indexOf(height);
  const go = (to: number) => setHeight(sheetHeights[Math.max(0, Math.min(2, to))] as SheetHeight);
  const toggle = () => setHeight(height === 'full' ? 'half' : 'full');
  return (
    <section
      aria-label={label}
      className={`contain-content flex shrink-0 flex-col overflow-y-auto border-ink bg-sheet portrait:border-t landscape:w-[48%] landscape:border-l ${looks[height]}`}
    >
      <button
        type="button"
        aria-label={height === 'full' ? 'More room for the car' : 'More room for what there is to do'}
        // As high as a thumb; its lower part lies over the blank head of the deck.
        className="z-10 mx-auto -mb-4 grid h-11 w-1/2 shrink-0 touch-none justify-items-center pt-2.5 landscape:hidden"
        onPointerDown={(event) => {
          from.current = event.clientY;
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerUp={(event) => {
          const moved = event.clientY - (from.current ?? event.clientY);
          from.current = undefined;
          if (moved < -DRAG_PX) go(at + 1);
          else if (moved > DRAG_PX) go(at - 1);
          else toggle();
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowUp') go(at + 1);
          else if (event.key === 'ArrowDown') go(at - 1);
          else if (event.key === 'Enter' || event.key === ' ') toggle();
          else return;
          event.preventDefault();
          event.stopPropagation();
        }}
      >
        <span aria-hidden className="h-1.5 w-12 rounded-full bg-line forced-colors:border-2" />
      </button>
      {children}
    </section>
  );
}
