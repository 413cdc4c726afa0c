import { ChevronRight } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { vocabularyOf } from '#core/car';
import { type PlaceOfWalk, type PlaceProgress, placesOfWalk } from '#core/readings';
import type { DeckProps } from './deckProps';

const names: Record<PlaceOfWalk, { uk: string; us?: string }> = {
  outside: { uk: 'Outside' },
  cabin: { uk: 'Cabin' },
  boot: { uk: 'Boot', us: 'Trunk' },
  engine: { uk: 'Under the bonnet', us: 'Under the hood' },
  under: { uk: 'Underneath' },
  'weak-spots': { uk: 'What such cars are known for' },
  pictures: { uk: 'Pictures' },
  tyres: { uk: 'Tyres', us: 'Tires' },
  paint: { uk: 'Paint depth' },
  glass: { uk: 'Glass and lamps' },
  functions: { uk: 'Does it work' },
  papers: { uk: 'Papers' },
  kit: { uk: 'What comes with it, smell' },
  story: { uk: 'Its story' },
  equipment: { uk: 'Equipment' },
  'step-back': { uk: 'Step-back lap' },
};
/** Those that are screens of their own. */
const screens: Partial<Record<PlaceOfWalk, string>> = {
  pictures: 'pictures',
  tyres: 'tyres',
  paint: 'paint',
  glass: 'glass',
  functions: 'functions',
  papers: 'papers',
  kit: 'kit',
  story: 'story',
  equipment: 'story',
};
const look = 'flex w-full items-center gap-3 border-b border-line px-1 text-left';
const onward = <ChevronRight aria-hidden size={20} className="shrink-0" />;

/** Every place of the walk with how far it is, one tap away; what is done is small. */
export function HubRows({ walk, goTo, say, setDeck }: Pick<DeckProps, 'walk' | 'goTo' | 'say' | 'setDeck'>) {
  const { state, style, page } = walk;
  const rows = useMemo(() => placesOfWalk(state, style, page.car), [state, style, page.car]);
  const vocabulary = vocabularyOf(page.car);
  const open = ({ place, next }: PlaceProgress) => {
    if (place === 'step-back') {
      if (state.lap !== 'step-back') say({ kind: 'lap-begun', body: { lap: 'step-back' } });
      setDeck({ mode: 'step-back' });
    } else if (next) goTo(next);
  };
  return (
    <ul>
      {rows.map((row) => {
        const { place, done, of } = row;
        const isDone = done === of && of > 0;
        const name = (vocabulary === 'us' ? names[place].us : undefined) ?? names[place].uk;
        const says = (
          <>
            <span className="min-w-0 flex-1">{name}</span>
            <span className="tabular-nums">{of === 0 ? '' : isDone ? '✓' : `${done} of ${of}`}</span>
            {onward}
          </>
        );
        const size = isDone ? 'min-h-11 text-sm text-soft' : 'min-h-12 font-bold';
        return (
          <li key={place}>
            {screens[place] ? (
              <Link to={`/walks/${page.walk}/${screens[place]}`} className={`${look} ${size}`}>
                {says}
              </Link>
            ) : (
              <button
                type="button"
                className={`${look} ${size}`}
                disabled={isDone && place !== 'step-back'}
                onClick={() => open(row)}
              >
                {says}
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
