import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import type { CarLooks } from '#core/api';
import { middleOf, vocabularyOf } from '#core/car';
import {
  answeredByMornings,
  isConfirmed,
  morningInEnglish,
  overnightLooks,
  type StoodTrend,
  stoodOf,
} from '#core/diary';
import { type FunctionId, functionName, functionsFor, isFunctionId } from '#core/functions';
import { starting, type Text } from '#core/told';
import type { FunctionState } from '#core/walk';
import { getJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import type { OpenWalk } from '../../../sync/useWalk';

/** What the mornings of this car say, beside the tests over night: one truth. What repeats is confirmed here, or left. */
export function StoodToConfirm({ walk }: { walk: OpenWalk }) {
  const navigate = useNavigate();
  const { state, style, page, record } = walk;
  const looks = useQuery({
    queryKey: ['car-mornings', page.car.id],
    queryFn: () => getJson<CarLooks>(`/api/cars/${page.car.id}/mornings`),
  });
  const mornings = looks.data?.looks ?? [];
  const stood = stoodOf([...mornings, ...overnightLooks(state.functions, mornings)]);
  if (mornings.length === 0 || !stood) return null;
  const tell = (text: Text) => morningInEnglish(text, vocabularyOf(page.car));
  /** What is not on this car's list yet is put there: the report tells of the list. */
  const note = (id: FunctionId, how: FunctionState, says: string) => {
    const added = functionsFor(page.car).possible.find((each) => each.id === id);
    record(
      ...(added && !state.functions.added.has(id)
        ? [{ kind: 'function-added' as const, body: { function: id, group: added.group } }]
        : []),
      { kind: 'functions-tried', body: { functions: [id], state: how, says, from: 'mornings' } },
    );
  };
  const confirm = ({ becomes, says }: StoodTrend) => {
    if ('function' in becomes) {
      const { function: id } = becomes;
      if (isFunctionId(id)) note(id, 'faulty', tell(starting(says)));
      return;
    }
    if ('lamps' in becomes) return;
    const part = style.parts.get(becomes.part);
    if (!part) return;
    const finding = newId();
    record({
      kind: 'finding-noted',
      body: {
        finding,
        part: part.id,
        spot: middleOf(part),
        kind: becomes.kind,
        suspected: false,
        details: { note: tell(starting(says)) },
      },
    });
    navigate(`/walks/${page.walk}?deck=finding&finding=${finding}`);
  };
  return (
    <section aria-label="The days it stood" className="mx-3 mb-3 border-l-8 border-clear pl-3">
      <p className="leading-snug">
        <span className="font-bold">The days it stood.</span> {tell(starting(stood.says))}.
      </p>
      {answeredByMornings(mornings)
        .filter(({ function: id }) => state.functions.tried.get(id) === undefined)
        .map(({ function: id, says }) => (
          <div key={id} className="mt-1 flex flex-wrap items-center gap-2">
            <p className="min-w-40 flex-1">
              {functionName(id, vocabularyOf(page.car))}: {says}
            </p>
            <Button
              onClick={() => note(id, 'works', says)}
              aria-label={`Put down: ${functionName(id, 'uk')}`}
            >
              Put it down
            </Button>
          </div>
        ))}
      {stood.trends.map((trend) => (
        <div key={trend.id} className="mt-1 flex flex-wrap items-center gap-2">
          <p className="min-w-40 flex-1 font-bold text-warn">{tell(starting(trend.says))}</p>
          {isConfirmed(trend, state) ? (
            <span>in the report</span>
          ) : 'lamps' in trend.becomes ? (
            <span>Say which one stays on, at “Warning lamps go out”.</span>
          ) : 'part' in trend.becomes && !style.parts.has(trend.becomes.part) ? (
            <span>Log it on the walk, where it comes from.</span>
          ) : (
            <Button onClick={() => confirm(trend)} aria-label={`Confirm: ${tell(starting(trend.says))}`}>
              Confirm the fault
            </Button>
          )}
        </div>
      ))}
    </section>
  );
}
