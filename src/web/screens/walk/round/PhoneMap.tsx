import { Maximize2, Minimize2 } from 'lucide-react';
import type { ComponentProps, ReactNode } from 'react';
import { FaceMap } from '../../../map/FaceMap';

interface PhoneMapProps {
  map: Omit<ComponentProps<typeof FaceMap>, 'face' | 'close' | 'className'>;
  face: ComponentProps<typeof FaceMap>['face'];
  /** The drawing fills the map with the part one stands at. */
  isDrawnClose: boolean;
  isClose: boolean;
  /** The part one stands at is on this face, and can be seen large or in its side. */
  canZoom: boolean;
  onZoom: () => void;
  /** The way round the car, where it is shown. */
  plan: ReactNode;
  /** What was said last, with the way to take it back. */
  said: ReactNode;
}

/** The face of the car one stands at, as wide as the phone. */
export function PhoneMap({ map, face, isDrawnClose, isClose, canZoom, onZoom, plan, said }: PhoneMapProps) {
  return (
    <section aria-label="The car" className="flex min-h-0 flex-1 flex-col px-2 pt-1">
      {plan}
      <div className="relative min-h-0 flex-1 contain-strict">
        <FaceMap
          {...map}
          face={face}
          close={isDrawnClose}
          className="absolute inset-0 size-full touch-none"
        />
        {said}
        {canZoom && (
          <button
            type="button"
            aria-label={isClose ? 'Show the whole side' : 'Show this part large'}
            onClick={onZoom}
            className="absolute right-0 bottom-1 grid size-12 place-items-center rounded-md border border-line bg-ground/90"
          >
            {isClose ? <Minimize2 aria-hidden size={22} /> : <Maximize2 aria-hidden size={22} />}
          </button>
        )}
      </div>
    </section>
  );
}
