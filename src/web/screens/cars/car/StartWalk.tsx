import { useMutation } from '@tanstack/react-query';
import { Footprints } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import { type Car, styleOf } from '#core/car';
import { planRoute, type RouteRule } from '#core/route';
import { estimateSeconds } from '#core/walk';
import { Button } from '../../../components/Button';
import { useWalker } from '../../../people/me';
import { useSessions } from '../../../sync/SyncContext';
import { spotsAskedOf, useWeakSpots } from '../../../words/useWeakSpots';
import { preferredRule } from '../../settings/routes/routeChoices';
import { minutesWords } from '../../settings/routes/routeWords';
import { usePace, useRoutes } from '../../settings/routes/useRoutes';

/** How long a walk waits for what it begins with: a route can be changed on the way, known weak spots be asked at “Where to”. */
const [ROUTE_MS, SPOTS_MS] = [4000, 800];

/** Begins a walk of a car, on the route this person prefers. */
export function StartWalk({ car, first }: { car: Car; first: boolean }) {
  const sessions = useSessions();
  const walker = useWalker();
  const navigate = useNavigate();
  const routes = useRoutes(walker);
  const spots = useWeakSpots();
  const start = useMutation({
    mutationFn: async () => {
      const walk = newId();
      await sessions.remember({ walk, car, entries: [], photos: [], reports: [] });
      const { bodyStyle, extras } = car;
      const rule = preferredRule(walker ? await answerOf(routes, ROUTE_MS) : undefined);
      const list = await answerOf(spots, SPOTS_MS);
      const asked = list ? spotsAskedOf(list, car) : [];
      sessions.record(walk, walker, [
        { kind: 'walk-begun', body: { carId: car.id, bodyStyle, extras } },
        { kind: 'route-chosen', body: { rule } },
        ...(asked.length > 0 ? [{ kind: 'weak-spots-listed' as const, body: { spots: asked } }] : []),
      ]);
      navigate(`/walks/${walk}`);
    },
  });
  return (
    <>
      <Button
        look={first ? 'main' : 'plain'}
        className="w-full"
        disabled={start.isPending}
        onClick={() => start.mutate()}
      >
        <Footprints aria-hidden size={20} /> {first ? 'Start a walk-round' : 'Start another walk-round'}
      </Button>
      <p className="mt-1 flex flex-wrap items-center justify-between gap-x-3 text-sm text-soft">
        {/* While it is asked which route it is, none is named. */}
        <span>{!routes.isLoading && <RouteLine car={car} rule={preferredRule(routes.data)} />}</span>
        <Link to="/routes" className="inline-flex min-h-12 items-center font-bold text-accent underline">
          Routes
        </Link>
      </p>
    </>
  );
}

function RouteLine({ car, rule }: { car: Car; rule: RouteRule }) {
  const pace = usePace(useWalker());
  const style = styleOf(car);
  const stops = planRoute(style, rule);
  return `${rule.name}: ${stops.length} parts, about ${minutesWords(estimateSeconds(style, stops, pace.data))}`;
}

interface Asked<T> {
  data: T | undefined;
  isFetching: boolean;
  refetch(how: { cancelRefetch: boolean }): Promise<{ data: T | undefined }>;
}

/**
 * What is known for sure, or what is answered within so many milliseconds; then what this device kept, which may be older than the last choice.
 * Undefined when nothing is known.
 */
async function answerOf<T>({ data, isFetching, refetch }: Asked<T>, ms: number): Promise<T | undefined> {
  if (data !== undefined && !isFetching) return data;
  const tooLate = new Promise<T | undefined>((over) => setTimeout(over, ms, data));
  // What is being asked already is not asked anew.
  const answer = refetch({ cancelRefetch: false }).then(({ data: told }) => told);
  return Promise.race([answer, tooLate]);
}
