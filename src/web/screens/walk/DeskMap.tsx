import type { ComponentProps, ReactNode } from 'react';
import { type FaceId, faceName, sentence } from '#core/car';
import { FaceMap } from '../../map/FaceMap';

type DeskMapProps = Omit<ComponentProps<typeof FaceMap>, 'face' | 'close' | 'className'> & {
  plan: ReactNode;
};

const places: Record<FaceId, string> = {
  front: 'col-span-2 row-start-1',
  top: 'col-span-2 row-start-1',
  rear: 'col-span-2 row-start-1',
  left: 'col-span-3 row-start-2',
  right: 'col-span-3 row-start-2',
};
const order: readonly FaceId[] = ['front', 'top', 'rear', 'left', 'right'];

/** At a desk all faces lie round the plan. */
export function DeskMap({ plan, ...map }: DeskMapProps) {
  return (
    <section aria-label="The car" className="flex min-h-0 min-w-0 flex-1 flex-col p-3">
      <div className="mx-auto w-full max-w-lg">{plan}</div>
      <div className="grid min-h-0 flex-1 grid-cols-6 grid-rows-[3fr_2fr] gap-2">
        {order.map((face) => (
          <figure key={face} className={`relative min-h-0 min-w-0 ${places[face]}`}>
            <FaceMap {...map} face={face} className="absolute inset-0 size-full" />
            <figcaption className="absolute top-0 left-0 text-sm text-soft">
              {sentence(faceName(face, map.speech))}
            </figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}
