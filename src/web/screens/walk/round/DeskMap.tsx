import type { ComponentProps, ReactNode } from 'react';
import { type FaceId, faceName, insideFaces } from '#core/car';
import { sentence } from '#core/wording';
import { FaceMap } from '../../../map/FaceMap';

type DeskMapProps = Omit<ComponentProps<typeof FaceMap>, 'close' | 'className'> & {
  plan: ReactNode;
  /** What was said last, with the way to take it back. */
  said: ReactNode;
};

type OutsideFace = 'front' | 'left' | 'rear' | 'right' | 'top';
const places: Record<OutsideFace, string> = {
  front: 'col-span-2 row-start-1',
  top: 'col-span-2 row-start-1',
  rear: 'col-span-2 row-start-1',
  left: 'col-span-3 row-start-2',
  right: 'col-span-3 row-start-2',
};
const order: readonly OutsideFace[] = ['front', 'top', 'rear', 'left', 'right'];

/** At a desk all outside faces lie round the plan; a place inside fills the room alone. */
export function DeskMap({ plan, said, face, ...map }: DeskMapProps) {
  const isInside = insideFaces.some((each) => each === face);
  const figure = (each: FaceId, className: string) => (
    <figure key={each} className={`relative min-h-0 min-w-0 ${className}`}>
      <FaceMap {...map} face={each} className="absolute inset-0 size-full touch-none" />
      {/* Beside the bonnet, where the drawing leaves room. */}
      <figcaption className={`absolute top-0 text-sm text-soft ${each === 'right' ? 'right-0' : 'left-0'}`}>
        {sentence(faceName(each, map.speech))}
      </figcaption>
    </figure>
  );
  return (
    <section aria-label="The car" className="relative flex min-h-0 min-w-0 flex-1 flex-col p-3 pb-16">
      <div className="mx-auto w-full max-w-xl">{plan}</div>
      <div className="absolute inset-x-3 bottom-3">{said}</div>
      {isInside ? (
        <div className="mt-2 grid min-h-0 flex-1">{figure(face, '')}</div>
      ) : (
        <div className="grid min-h-0 flex-1 grid-cols-6 grid-rows-[3fr_2fr] gap-2">
          {order.map((each) => figure(each, places[each]))}
        </div>
      )}
    </section>
  );
}
