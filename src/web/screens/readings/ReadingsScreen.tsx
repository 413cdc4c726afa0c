import { lazy, Suspense } from 'react';
import { NavLink, useParams } from 'react-router';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { useWalker } from '../../shell/person';
import { WalkerList } from '../../shell/WalkerPicker';
import { useWalk } from '../../sync/useWalk';

const TyresView = lazy(() => import('./tyres/TyresView').then((file) => ({ default: file.TyresView })));
const PaintView = lazy(() => import('./paint/PaintView').then((file) => ({ default: file.PaintView })));
const GlassView = lazy(() => import('./glass/GlassView').then((file) => ({ default: file.GlassView })));

const views = { tyres: TyresView, paint: PaintView, glass: GlassView } as const;
const names: Record<keyof typeof views, string> = { tyres: 'Tyres', paint: 'Paint', glass: 'Glass' };

/** What is read rather than seen: tyres and wheels, paint depth, the screen. */
export function ReadingsScreen({ what }: { what: keyof typeof views }) {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  const View = views[what];
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <Bar
        title={
          <nav aria-label="Readings" className="flex gap-1">
            {Object.entries(names).map(([to, name]) => (
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
        }
        back={{ to: `/walks/${id}`, label: 'Back to the walk' }}
      >
        {load.status === 'open' && (
          <span className="pr-2 text-soft max-sm:hidden">{load.walk.page.car.stockNumber}</span>
        )}
        <OutboxBadge />
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' && !walker && (
        <main className="mx-auto max-w-md p-4">
          <WalkerList onDone={() => undefined} />
        </main>
      )}
      {load.status === 'open' && walker && (
        <Suspense fallback={<p className="p-4">Opening…</p>}>
          <View walk={load.walk} />
        </Suspense>
      )}
    </div>
  );
}
