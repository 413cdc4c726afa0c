import { useState } from 'react';
import { v4 as newId } from 'uuid';
import type { WalkerRoutes } from '#core/api';
import { bodyStyle } from '#core/car';
import { planRoute } from '#core/route';
import { estimateSeconds } from '#core/walk';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { useWalker } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { PersonButton } from '../../../shell/PersonButton';
import { RouteEditor } from './RouteEditor';
import { type RouteChoice, routeChoices } from './routeChoices';
import { minutesWords, routeLine } from './routeWords';
import { useKeepRoutes, usePace, useRoutes } from './useRoutes';

/** The routes one may walk: ready ones, and one's own to make and change. */
export function RoutesScreen() {
  const walker = useWalker();
  return (
    <>
      <Bar title="Routes" back={{ to: '/', label: 'Stock list' }}>
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-6xl p-4">
        <RoutesOf key={walker} walker={walker} />
      </main>
    </>
  );
}

/** A car to think of while making a route. */
const example = bodyStyle('hatch-5');

function RoutesOf({ walker }: { walker: string }) {
  const routes = useRoutes(walker);
  const pace = usePace(walker);
  const keep = useKeepRoutes(walker);
  const [editing, setEditing] = useState<string>();
  const choices = routeChoices(routes.data);
  const preferred = routes.data?.preferred ?? 'nose-first';
  const edited = choices.find(({ id, isOwn }) => isOwn && id === editing);
  const kept: WalkerRoutes = routes.data ?? { saved: [], preferred: 'nose-first' };

  const copy = ({ rule }: RouteChoice) => {
    const id = newId();
    const named = { ...rule, name: `${rule.name}, my way` };
    keep.mutate({ ...kept, saved: [...kept.saved, { id, rule: named }] });
    setEditing(id);
  };
  const remove = (id: string) => {
    setEditing(undefined);
    keep.mutate({
      saved: kept.saved.filter((route) => route.id !== id),
      preferred: kept.preferred === id ? 'nose-first' : kept.preferred,
    });
  };

  if (routes.error) return <Notice look="warn">{routes.error.message}</Notice>;
  if (!routes.data) return <p>Opening your routes…</p>;
  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_1.25fr]">
      <section className={edited ? 'max-lg:hidden' : ''}>
        <p className="mb-2 text-soft">
          Walks begin with the chosen one. Copy any of them to make it your own.
        </p>
        <ul>
          {choices.map((choice) => {
            const stops = planRoute(example, choice.rule);
            return (
              <li key={choice.id} className="border-b border-line py-2">
                <label className="flex min-h-12 items-start gap-3">
                  <input
                    type="radio"
                    name="preferred"
                    className="mt-1 size-6 shrink-0 accent-accent"
                    checked={choice.id === preferred}
                    onChange={() =>
                      keep.mutate({ ...kept, preferred: choice.id as WalkerRoutes['preferred'] })
                    }
                  />
                  <span className="min-w-0">
                    <b>{choice.rule.name}</b>
                    <span className="block text-sm text-soft">
                      {routeLine(choice.rule)} {stops.length} parts on a five-door hatch, about{' '}
                      {minutesWords(estimateSeconds(example, stops, pace.data))}.
                    </span>
                  </span>
                </label>
                <div className="mt-1 ml-9 flex flex-wrap gap-2">
                  {choice.isOwn ? (
                    <>
                      <Button onClick={() => setEditing(choice.id)}>Change</Button>
                      <Button onClick={() => remove(choice.id)}>Remove</Button>
                    </>
                  ) : (
                    <Button onClick={() => copy(choice)}>Copy and change</Button>
                  )}
                </div>
              </li>
            );
          })}
        </ul>
        {pace.data && pace.data.walks > 0 && (
          <p className="mt-3 text-sm text-soft">
            Times are learnt from your last {pace.data.walks === 1 ? 'walk' : `${pace.data.walks} walks`}.
          </p>
        )}
        {keep.error && <Notice look="warn">{keep.error.message}</Notice>}
      </section>
      {edited ? (
        <RouteEditor
          key={edited.id}
          rule={edited.rule}
          style={example}
          pace={pace.data}
          onKeep={(rule) =>
            keep.mutate({
              ...kept,
              saved: kept.saved.map((route) => (route.id === edited.id ? { ...route, rule } : route)),
            })
          }
          onDone={() => setEditing(undefined)}
        />
      ) : (
        <p className="text-soft max-lg:hidden">Choose “Copy and change” to make a route of your own.</p>
      )}
    </div>
  );
}
