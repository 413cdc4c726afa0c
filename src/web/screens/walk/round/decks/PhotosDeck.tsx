import { useState } from 'react';
import { partNameForAnyone } from '#core/car';
import { Choice } from '../../../../components/Choice';
import { PhotoInputs } from '../../../../pictures/PhotoInputs';
import { PhotoThumb } from '../../../../pictures/PhotoThumb';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** Photos that belong to this part, or to the whole car, rather than to one finding. */
export function PhotosDeck({ walk, here, setDeck, say }: DeckProps) {
  const { state, style, page } = walk;
  const part = style.parts.get(here);
  const [of, setOf] = useState<'part' | 'car'>('part');
  const photos = state.photos.filter((photo) =>
    of === 'car' ? photo.role === 'whole-car' : photo.part === here && !photo.finding,
  );
  return (
    <>
      <DeckHead title="Photos" onClose={() => setDeck({ mode: 'stop' })} />
      <div className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        <Choice
          legend="They show"
          value={of}
          options={[
            { value: 'part', label: part ? `the ${partNameForAnyone(part, page.car)}` : 'this part' },
            { value: 'car', label: 'the whole car' },
          ]}
          onChange={setOf}
        />
        {of === 'car' ? (
          <PhotoInputs walk={walk} shows="whole-car" say={say} />
        ) : (
          <PhotoInputs walk={walk} shows="where" part={here} say={say} />
        )}
        <div className="flex flex-wrap gap-2">
          {photos.map((photo) => (
            <PhotoThumb
              key={photo.entry}
              walk={walk.page.walk}
              photo={photo}
              onRemove={() => say({ kind: 'undone', body: { entry: photo.entry } })}
            />
          ))}
        </div>
      </div>
    </>
  );
}
