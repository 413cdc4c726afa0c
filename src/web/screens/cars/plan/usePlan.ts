import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { PlanPage, Solved } from '#core/api';
import { vocabularyOf } from '#core/car';
import { faultsOf, propose, rulesOf, walkOrder } from '#core/cures';
import {
  type CurvePoint,
  curveModels,
  expected,
  jobsOf,
  leftOfPlan,
  modelFor,
  type Plan,
  type PlanModel,
  type PlanWish,
  planOf,
} from '#core/plan';
import { getJson, sendJson } from '../../../api/client';
import type { OpenWalk } from '../../../sync/useWalk';

/** The jobs of the best way for each model; those of before while they are asked for anew. */
function useSolved(models: readonly PlanModel[] | undefined) {
  return useQuery({
    queryKey: ['plan-solved', models],
    queryFn: () => sendJson<Solved>('POST', '/api/plans/solved', { models }),
    enabled: models !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
}

/** Everything a plan of a walk's car is made of: faults with their cures, jobs with their prices, the best plan for what is wanted, and the trade-off. */
export function usePlan({ state, style, page }: OpenWalk) {
  const client = useQueryClient();
  const key = ['plan', page.walk];
  const query = useQuery({ queryKey: key, queryFn: () => getJson<PlanPage>(`/api/walks/${page.walk}/plan`) });
  const save = useMutation({
    // One after another: the last word is the one that is kept.
    scope: { id: `plan ${page.walk}` },
    mutationFn: (wish: PlanWish) => sendJson<PlanWish>('PUT', `/api/walks/${page.walk}/plan`, wish),
    onSuccess: () => client.invalidateQueries({ queryKey: ['board'] }),
  });
  // What was chosen here stands at once: a control that waits for a cache to tell it falls back for a moment.
  const [wished, setWished] = useState<PlanWish>();
  const data = useMemo(
    () => query.data && { ...query.data, wish: wished ?? query.data.wish },
    [query.data, wished],
  );
  const { prices, rules, wish } = data ?? {};
  const proposed = useMemo(() => {
    if (!rules) return [];
    const order = walkOrder(state, style);
    const rank = (part: string | undefined) =>
      part === undefined ? order.size : (order.get(part) ?? order.size);
    const faults = faultsOf(state, style, page.car, new Date()).toSorted(
      (a, b) => rank(a.part) - rank(b.part),
    );
    return propose(faults, rulesOf(rules));
  }, [state, style, page.car, rules]);
  const typed = wish?.typed;
  const choice = useMemo(
    () =>
      prices && typed
        ? jobsOf({ proposed, style, prices, vocabulary: vocabularyOf(page.car), typed })
        : { jobs: [], once: [] },
    [proposed, style, prices, page.car, typed],
  );
  const models = useMemo(
    () =>
      wish && [
        modelFor(proposed, choice, wish),
        modelFor(proposed, choice, { ...wish, standard: 'safe-and-lawful' }),
        modelFor(proposed, choice, { ...wish, standard: 'as-new' }),
      ],
    [proposed, choice, wish],
  );
  const solved = useSolved(models);
  const plans = useMemo(
    (): readonly Plan[] =>
      wish ? (solved.data?.chosen ?? []).map((chosen) => planOf(proposed, choice, wish, chosen)) : [],
    [solved.data, proposed, choice, wish],
  );
  const [plan, least, all] = plans;
  const curve = useMemo(
    () =>
      wish && least && all && least.jobs.length < all.jobs.length
        ? curveModels(proposed, choice, wish, expected(least.cost), expected(all.cost))
        : undefined,
    [wish, least, all, proposed, choice],
  );
  const along = useSolved(curve);
  const points = useMemo((): CurvePoint[] => {
    if (!wish || !curve) return [];
    return (along.data?.chosen ?? []).map((chosen) => {
      const at = planOf(proposed, choice, wish, chosen);
      return { cost: expected(at.cost), left: leftOfPlan(proposed, at) };
    });
  }, [along.data, curve, wish, proposed, choice]);
  return {
    data,
    proposed,
    choice,
    plan,
    points,
    problem: query.error ?? solved.error ?? save.error,
    isPlanning: solved.isFetching,
    change: (more: Partial<PlanWish>) => {
      if (!data) return;
      const wanted = { ...data.wish, ...more };
      setWished(wanted);
      client.setQueryData<PlanPage>(key, { ...data, wish: wanted });
      save.mutate(wanted);
    },
  };
}

export type Planning = ReturnType<typeof usePlan>;
