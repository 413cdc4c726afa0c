import { SearchCheck } from 'lucide-react';
import { sameAsked } from '#core/weakSpots';
import { Button } from '../../../../components/Button';
import { spotsAskedOf, useWeakSpots } from '../../../../words/useWeakSpots';
import type { DeckProps } from './deckProps';

/** Puts what such cars are known for to their stops, where the walk was begun without it or the list has changed since. */
export function AskWeakSpots({ walk, say }: Pick<DeckProps, 'walk' | 'say'>) {
  const list = useWeakSpots();
  if (!list.data) return null;
  const asked = spotsAskedOf(list.data, walk.page.car);
  const listed = [...walk.state.weakSpots.values()].map(({ answered: _, ...spot }) => spot);
  if (sameAsked(asked, listed)) return null;
  const isFirst = listed.length === 0;
  return (
    <Button className="w-full" onClick={() => say({ kind: 'weak-spots-listed', body: { spots: asked } })}>
      <SearchCheck aria-hidden size={20} />
      {isFirst
        ? `Ask for the ${asked.length} weak spots of such cars`
        : 'The list of weak spots has changed: ask by the new one'}
    </Button>
  );
}
