import { lazy, Suspense } from 'react';
import { NavLink, useParams } from 'react-router';
import { type Speech, vocabularyOf } from '#core/car';
import { WalkFrame } from '../../../shell/WalkFrame';

const TyresView = lazy(() => import('./tyres/TyresView').then((file) => ({ default: file.TyresView })));
const PaintView = lazy(() => import('./paint/PaintView').then((file) => ({ default: file.PaintView })));
const GlassView = lazy(() => import('./glass/GlassView').then((file) => ({ default: file.GlassView })));

const views = { tyres: TyresView, paint: PaintView, glass: GlassView } as const;
const namesIn = (speech: Speech | undefined): Record<keyof typeof views, string> => ({
  tyres: speech && vocabularyOf(speech) === 'us' ? 'Tires' : 'Tyres',
  paint: 'Paint',
  glass: 'Glass',
});

/** What is read rather than seen: tyres and wheels, paint depth, the screen. */
export function ReadingsScreen({ what }: { what: keyof typeof views }) {
  const { id = '' } = useParams();
  const View = views[what];
  const tabs = (speech: Speech | undefined) => (
    <nav aria-label="Readings" className="flex gap-1">
      {Object.entries(namesIn(speech)).map(([to, name]) => (
        <NavLink
          key={to}
          to={`/walks/${id}/${to}`}
          replace
          className="flex min-h-14 min-w-14 items-center justify-center border-b-4 border-transparent px-2 aria-[current=page]:border-tape"
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
  return (
    <WalkFrame title={tabs} name={namesIn(undefined)[what]}>
      {(walk) => (
        <Suspense fallback={<main className="p-4">Opening…</main>}>
          <View walk={walk} />
        </Suspense>
      )}
    </WalkFrame>
  );
}
