import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { kindName, type PartId, partTitles } from '#core/car';
import type { TreadDepth, TreadUnit } from '#core/measure';
import { nextThird, tellAtStop, tyresOf, tyreTable, wheelTable } from '#core/readings';
import { listed, starting, type Tell } from '#core/told';
import { isHeavy, mostTreadMm, type TreadThird } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { Fold } from '../../../../components/Fold';
import { Notice } from '../../../../components/Notice';
import { GaugeBar } from '../../../../gauge/GaugeBar';
import { useGauge } from '../../../../gauge/useGauge';
import type { OpenWalk } from '../../../../sync/useWalk';
import { TreadPad } from './TreadPad';
import { TyreForm } from './TyreForm';
import { TyreLaw } from './TyreLaw';
import { TyrePlan } from './TyrePlan';
import { TyreTableView } from './TyreTableView';
import { toMm, treadKeys } from './treadKeys';
import { WheelForm } from './WheelForm';

/** Tyre after tyre, third after third, under one thumb; what they come to beside it. */
export function TyresView({ walk }: { walk: OpenWalk }) {
  const { state, style, page, record } = walk;
  const [params] = useSearchParams();
  const parts = useMemo(() => tyresOf(state, style), [state, style]);
  const table = useMemo(() => tyreTable(state, style, page.car, new Date()), [state, style, page.car]);
  const wheels = useMemo(() => wheelTable(state, style), [state, style]);
  // Chosen once: a tyre stays in hand although its first third is read.
  const [hand, setHand] = useState<PartId | undefined>(
    () => params.get('part') ?? parts.find(({ id }) => !state.treads.has(id))?.id,
  );
  const here = parts.find(({ id }) => id === hand) ?? parts[0];
  const [third, setThird] = useState<TreadThird | undefined>('outer');
  const [last, setLast] = useState<{ part: PartId; third: TreadThird | undefined }>();
  const { unit } = table;
  const tell = tellAtStop(page.car);
  const keys = treadKeys(unit, isHeavy(style.id));
  const nameOf = partTitles(style, page.car);
  // A gauge may send two readings before the screen is drawn again: each belongs where the first one stepped to.
  const held = useRef<{ part: PartId | undefined; third: TreadThird | undefined }>({ part: here?.id, third });
  held.current = { part: here?.id, third };
  const goTo = (id: PartId) => {
    const first = held.current.third === undefined ? undefined : 'outer';
    held.current = { part: id, third: first };
    setHand(id);
    setThird(first);
  };
  const step = (by: number) => {
    const at = parts.findIndex(({ id }) => id === held.current.part);
    const next = parts[(at + by + parts.length) % parts.length];
    if (next) goTo(next.id);
  };
  const read = (depth: TreadDepth, spoken: TreadUnit, source: 'typed' | 'gauge' | 'practice') => {
    const { part, third: on } = held.current;
    if (part === undefined) return;
    record({ kind: 'tread-read', body: { part, depth, unit: spoken, ...(on && { third: on }), source } });
    setLast({ part, third: on });
    const onward = on && nextThird(on);
    if (onward) {
      held.current = { part, third: onward };
      setThird(onward);
    } else step(1);
  };
  const gauge = useGauge(
    page.car.id,
    (event, isPractice) => {
      if (event.says === 'tread')
        read({ lowMm: event.mm, highMm: event.mm }, unit, isPractice ? 'practice' : 'gauge');
    },
    () => 'The gauge is not on a tread. Set its foot across a groove.',
  );
  const tyre = kindName('tyre', page.car);
  if (!here) return <p className="p-4">This car has no {tyre}s on its route.</p>;
  const row = table.rows.find(({ part }) => part === here.id);
  const given = last && state.treads.get(last.part)?.thirds[last.third ?? 'whole'];
  const described = [...state.tyres]
    .filter(([id, noted]) => id !== here.id && (noted.brand || noted.size))
    .at(-1)?.[1];
  const wheel = here.id.replace(/^tyre(-inner)?-/, 'wheel-');
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[26rem_1fr] lg:overflow-hidden">
      <section aria-label={nameOf(here.id)} className="bg-sheet lg:min-h-0 lg:overflow-y-auto lg:border-r">
        <GaugeBar gauge={gauge} />
        <div className="space-y-3 p-3">
          <TyrePlan {...{ parts, nameOf }} rows={table.rows} tell={tell} here={here.id} onPart={goTo} />
          <div className="flex items-center gap-1">
            <Button className="px-2!" aria-label={`${sentence(tyre)} before`} onClick={() => step(-1)}>
              <ChevronLeft aria-hidden size={24} />
            </Button>
            <h2 className="min-w-0 flex-1 text-center text-lg leading-tight">{nameOf(here.id)}</h2>
            <Button className="px-2!" aria-label={`Next ${tyre}`} onClick={() => step(1)}>
              <ChevronRight aria-hidden size={24} />
            </Button>
          </div>
          <TreadPad
            {...{ unit, keys, third }}
            read={state.treads.get(here.id)}
            mostMm={mostTreadMm(style.id)}
            onThird={setThird}
            onDepth={(depth, spoken) => read(depth, spoken, 'typed')}
            canPlus={given !== undefined}
            onPlus={() => {
              if (!last || !given) return;
              const add = toMm(keys.plus, unit);
              const depth = { lowMm: given.lowMm + add, highMm: given.highMm + add };
              if (depth.highMm > mostTreadMm(style.id)) return;
              record({
                kind: 'tread-read',
                body: {
                  part: last.part,
                  depth,
                  unit,
                  ...(last.third && { third: last.third }),
                  source: 'typed',
                },
              });
            }}
          />
          {gauge.state.status === 'on' && gauge.state.isPractice && (
            <Button
              look="main"
              className="min-h-16 w-full text-xl"
              onClick={() => gauge.press({ on: 'tread', part: here.id, third: third ?? 'whole' })}
            >
              Press the gauge
            </Button>
          )}
        </div>
      </section>
      <section aria-label="What it comes to" className="space-y-5 p-3 lg:min-h-0 lg:overflow-y-auto lg:p-5">
        {table.summary && (
          <p className="border-l-8 border-tape pl-3 text-xl font-bold leading-tight">{tell(table.summary)}</p>
        )}
        <Verdict row={row} name={nameOf(here.id)} law={tell(table.lawSays)} tell={tell} />
        <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2">
          <Fold title={`On this ${tyre}`} isOpen>
            <TyreForm key={here.id} walk={walk} part={here.id} like={described} say={record} />
          </Fold>
          {style.parts.has(wheel) && (
            <Fold title="Its rim, and the brake behind it" isOpen>
              <WheelForm key={wheel} walk={walk} part={wheel} say={record} />
            </Fold>
          )}
        </div>
        <TyreTableView {...{ table, wheels, nameOf, tell }} />
        <Fold title="Limit and new tread">
          <TyreLaw key={JSON.stringify(state.tyreLaw)} walk={walk} table={table} say={record} />
        </Fold>
      </section>
    </main>
  );
}

function Verdict({
  row,
  name,
  law,
  tell,
}: {
  row: ReturnType<typeof tyreTable>['rows'][number] | undefined;
  name: string;
  law: string;
  tell: Tell;
}) {
  if (!row?.verdict) return <p className="text-soft">Not read yet. Limit: {law}.</p>;
  const { verdict, share, distance, made, isPractice } = row;
  const says = verdict.reasons.length > 0 ? tell(starting(listed('semicolon', verdict.reasons))) : 'In order';
  return (
    <div className="space-y-2">
      <h3 className="text-lg leading-tight">{name}</h3>
      <p>
        {says}.{share !== undefined && ` About ${Math.round(share * 100)} % of its life left`}
        {distance && `, ${tell(distance)} at the rate worn so far`}
        {share !== undefined && '.'}
        {made && ` ${tell(starting(made))}.`}
      </p>
      {!verdict.mayBeDriven && (
        <Notice look="warn">
          {verdict.isLegal ? '' : `Under the limit, ${law}; local law rules. `}Do not drive until a qualified
          person has checked it.
        </Notice>
      )}
      {isPractice && <Notice>Read with the practice gauge: not a measurement.</Notice>}
      <p className="text-sm text-soft">Limit: {law}.</p>
    </div>
  );
}
