import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { type FaceId, type PartId, partTitles } from '#core/car';
import { paintTable, panelsToGauge, tellFor } from '#core/readings';
import { isMetal, type PaintRead, type Spot } from '#core/walk';
import type { ProbeAt } from '../../../../../devices';
import { Choice } from '../../../../components/Choice';
import { Notice } from '../../../../components/Notice';
import { GaugeBar } from '../../../../gauge/GaugeBar';
import { useGauge } from '../../../../gauge/useGauge';
import { paintTints } from '../../../../map/paintTints';
import type { OpenWalk } from '../../../../sync/useWalk';
import { useIsDesk } from '../../round/useIsDesk';
import { PaintEarlier } from './PaintEarlier';
import { PaintMap } from './PaintMap';
import { PaintTyped } from './PaintTyped';
import { PanelInHand } from './PanelInHand';
import { PanelList } from './PanelList';
import { PanelRanking } from './PanelRanking';
import { PracticePress } from './PracticePress';
import { SteppedOn } from './SteppedOn';
import { usePaintReader } from './usePaintReader';

type Side = 'read' | 'ranked' | 'earlier';
const sides = [
  { value: 'read', label: 'Panels' },
  { value: 'ranked', label: 'Ranked' },
  { value: 'earlier', label: 'Earlier walks' },
] as const;
const stepsOn = [
  { value: '3', label: 'after 3' },
  { value: '5', label: 'after 5' },
] as const;

/** Paint depth: panel after panel as fast as the gauge beeps, judged against the car's own level. */
export function PaintView({ walk }: { walk: OpenWalk }) {
  const { state, style, page, record } = walk;
  const [params] = useSearchParams();
  const { route: rule } = state;
  const route = useMemo(
    () => panelsToGauge(rule ? { route: rule } : {}, style).map(({ id }) => id),
    [rule, style],
  );
  // Judging and drawing follow a frame later: readings may come 20 a second, and no tap waits for them.
  const judged = useDeferredValue(state);
  const table = useMemo(() => paintTable(judged, style, page.car), [judged, style, page.car]);
  const tell = tellFor(page.car);
  const tints = useMemo(() => paintTints(table), [table]);
  const asked = params.get('part') ?? '';
  const reader = usePaintReader(walk, route, style.parts.has(asked) ? asked : undefined);
  const { hand, moveTo } = reader;
  const part = style.parts.get(hand);
  const [turnedTo, setTurnedTo] = useState<FaceId>();
  const [side, setSide] = useState<Side>('read');
  const [refused, setRefused] = useState<string>();
  const isDesk = useIsDesk();
  const face = turnedTo ?? part?.face ?? 'left';
  const nameOf = useMemo(() => partTitles(style, page.car), [style, page.car]);
  const row = table.rows.find((each) => each.part === hand);
  const whyNot = (id: PartId) => {
    const at = style.parts.get(id);
    return at && !isMetal(at) ? notMetalWords(nameOf(id), at.material) : undefined;
  };
  const notMetal = whyNot(hand);
  const take = (um: number, source: 'gauge' | 'practice') => {
    const why = whyNot(reader.inHand());
    setRefused(why && `${why} Nothing was stored.`);
    if (!why) reader.take(um, source);
  };
  const probe = (): ProbeAt => {
    const id = reader.inHand();
    const material = style.parts.get(id)?.material;
    const base = material === 'steel' || material === 'aluminium' ? material : 'other';
    return { on: 'paint', part: id, base };
  };
  const gauge = useGauge(
    page.car.id,
    (event, isPractice) => {
      if (event.says === 'paint') take(event.um, isPractice ? 'practice' : 'gauge');
    },
    () =>
      notMetal ??
      'The gauge finds no metal there. Hold it flat on the panel; plastic and filler give nothing.',
  );
  const goTo = useCallback(
    (id: PartId) => {
      setRefused(undefined);
      setTurnedTo(undefined);
      moveTo(id);
    },
    [moveTo],
  );
  const { inHand, spot, setSpot } = reader;
  // A tap on the panel in hand says where the probe is; on another one, that it goes there.
  const onPart = useCallback(
    (id: PartId, at: Spot) => (id === inHand() ? setSpot(at) : goTo(id)),
    [inHand, setSpot, goTo],
  );
  const spots = useMemo(() => spotsOn(judged.paint.get(hand)), [judged, hand]);
  const drawn = useDeferredValue(
    useMemo(() => ({ hand, face, tints, spots, spot }), [hand, face, tints, spots, spot]),
  );
  const step = (by: number) => {
    const at = route.indexOf(hand);
    const next = route[(at + by + route.length) % route.length];
    if (next) goTo(next);
  };
  const last = state.paint.get(hand)?.at(-1);
  const read = (
    <div className="space-y-3 p-3">
      <PanelInHand
        name={nameOf(hand)}
        row={row}
        unit={table.unit}
        tell={tell}
        onStep={step}
        metal={
          notMetal === undefined && part
            ? {
                is: state.metals.get(hand) ?? (part.material === 'aluminium' ? 'aluminium' : 'steel'),
                onChange: (metal) => record({ kind: 'panel-metal-noted', body: { part: hand, metal } }),
              }
            : undefined
        }
        onTakeBack={last && (() => record({ kind: 'undone', body: { entry: last.entry } }))}
      >
        {(refused ?? notMetal) && <Notice look={refused ? 'warn' : 'info'}>{refused ?? notMetal}</Notice>}
      </PanelInHand>
      {gauge.state.status === 'on' && gauge.state.isPractice && <PracticePress gauge={gauge} probe={probe} />}
      {reader.stepped && <SteppedOn walk={walk} route={route} stepped={reader.stepped} unit={table.unit} />}
      <PaintTyped
        unit={table.unit}
        onRead={(um) => {
          if (notMetal) setRefused(`${notMetal} Nothing was stored.`);
          else {
            setRefused(undefined);
            reader.takeTyped(um);
          }
        }}
      />
      <Choice
        legend="Step on to the next panel"
        value={reader.after === undefined ? undefined : reader.after === 3 ? '3' : '5'}
        options={stepsOn}
        onChange={(value) => reader.setAfter(Number(value))}
        onClear={() => reader.setAfter(undefined)}
      />
      <PanelList table={table} hand={hand} nameOf={nameOf} onPart={goTo} />
    </div>
  );
  if (!isDesk)
    return (
      <main className="flex min-h-0 flex-1 flex-col">
        <div className="px-2 py-1">
          <Choice legend="Show" value={side} options={sides} onChange={setSide} />
        </div>
        {side === 'read' && (
          <>
            <GaugeBar gauge={gauge} />
            <div className="min-h-0 flex-1 overflow-y-auto bg-sheet">
              <PaintMap style={style} speech={page.car} {...drawn} onPart={onPart} onFace={setTurnedTo} />
              {read}
            </div>
          </>
        )}
        {side !== 'read' && (
          <div className="min-h-0 flex-1 overflow-y-auto p-3">
            {side === 'ranked' ? (
              <PanelRanking {...{ table, nameOf, tell }} />
            ) : (
              <PaintEarlier car={page.car.id} unit={table.unit} nameOf={nameOf} />
            )}
          </div>
        )}
      </main>
    );
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[25rem_1fr]">
      <section aria-label="Reading" className="flex min-h-0 flex-col border-r border-ink bg-sheet">
        <GaugeBar gauge={gauge} />
        <div className="min-h-0 flex-1 overflow-y-auto">{read}</div>
      </section>
      <section aria-label="What it comes to" className="flex min-h-0 flex-col gap-3 overflow-y-auto p-4">
        <PaintMap isWhole style={style} speech={page.car} {...drawn} onPart={onPart} onFace={setTurnedTo} />
        <h2 className="text-xl">Panels, thickest first</h2>
        <PanelRanking {...{ table, nameOf, tell }} />
        <h2 className="mt-4 text-xl">Earlier walks</h2>
        <PaintEarlier car={page.car.id} unit={table.unit} nameOf={nameOf} />
      </section>
    </main>
  );
}

/** Places on a panel that were read, each once. */
function spotsOn(reads: readonly PaintRead[] = []): Spot[] {
  const spots = new Map(reads.flatMap(({ spot }) => (spot ? [[`${spot.u} ${spot.v}`, spot] as const] : [])));
  return [...spots.values()];
}

const notMetalWords = (name: string, material: string) =>
  `${name} is ${material === 'none' ? 'not metal' : material}: a gauge reads over steel and aluminium only. Judge it by eye.`;
