import { KeyRound } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { vocabularyOf } from '#core/car';
import { type FunctionId, isFunctionId, lampsOnWords } from '#core/functions';
import { functionTable, isTriedFirst } from '#core/readings';
import { cautionSays, type FunctionState } from '#core/walk';
import { Button } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { useMe } from '../../../people/me';
import type { OpenWalk } from '../../../sync/useWalk';
import { AddFunction } from './AddFunction';
import { FunctionGroup } from './FunctionGroup';
import { FunctionInHand } from './FunctionInHand';
import { RoadTest } from './RoadTest';
import { StartRun } from './StartRun';
import { StoodToConfirm } from './StoodToConfirm';
import { useNow } from './timers';
import { type TriedGroup, triedGroups } from './triedGroups';

/** One function in hand above, all of them by group below. */
export function FunctionsView({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const table = useMemo(() => functionTable(state, page.car), [state, page.car]);
  const { handful, others, first, rows } = useMemo(() => triedGroups(table), [table]);
  const othersLeft = rows.slice(first.length).filter(({ tried }) => tried === undefined).length;
  const [chosen, setChosen] = useState<string>();
  const [isStarting, setStarting] = useState(false);
  const hand = rows.find(({ id }) => id === chosen) ?? first.find(({ tried }) => tried === undefined);
  const now = useNow(state.functions.timers.size > 0);
  const known = useMemo(() => new Set(rows.map(({ id }) => id)), [rows]);
  const tried = (id: string, result: FunctionState, says?: string) => {
    record({ kind: 'functions-tried', body: { functions: [id], state: result, ...(says && { says }) } });
    // On to the next in order that nobody has said anything of.
    const at = rows.findIndex((row) => row.id === id);
    // One who tries the rest goes on with the rest; nobody is led into it.
    const among = at < first.length ? rows.slice(0, first.length) : rows;
    const onward = [...among.slice(at + 1), ...among.slice(0, at)];
    setChosen(onward.find((row) => row.tried === undefined)?.id);
  };
  const begin = (id: FunctionId) => record({ kind: 'timer-begun', body: { function: id } });
  const walkerName = useMe().name;
  const isDriving = hand?.group === 'drive';
  const mayDrive = state.functions.drive !== undefined;
  // On a phone the list is far below what is in hand.
  const inHand = useRef<HTMLDivElement>(null);
  const show = () => inHand.current?.scrollIntoView({ block: 'start' });
  const count = (of: FunctionState) => rows.filter((row) => row.tried?.state === of).length;
  const groupOf = (group: TriedGroup) => (
    <FunctionGroup
      key={group.id}
      group={group}
      hand={hand?.id}
      now={now}
      onHand={(id) => {
        setStarting(false);
        setChosen(id);
        show();
      }}
      onAllWork={(functions) => {
        // Nobody says of a drive that it went well before it is said who drove.
        if (group.id === 'drive' && !mayDrive) {
          setStarting(false);
          setChosen(functions[0]);
          show();
          return;
        }
        if (functions.includes('lamps-out')) record({ kind: 'lamps-noted', body: { on: [] } });
        record({ kind: 'functions-tried', body: { functions, state: 'works' } });
        setChosen(undefined);
      }}
    />
  );
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[26rem_1fr] lg:overflow-hidden">
      <div ref={inHand} className="lg:min-h-0 lg:overflow-y-auto lg:border-r lg:border-ink lg:bg-sheet">
        <p role="status" className="px-3 py-2 font-bold tabular-nums">
          {count('works')} work, {count('faulty')} faulty, {first.filter((row) => !row.tried).length} left
          {othersLeft > 0 && `; ${othersLeft} others not tried`}
        </p>
        {(isStarting || hand?.group === 'start') && (
          <Notice look="warn" className="mx-3 mb-2">
            {cautionSays('engine', vocabularyOf(page.car))}
          </Notice>
        )}
        <StoodToConfirm walk={walk} />
        {isDriving && (
          <RoadTest
            key={walkerName}
            walk={walk}
            walker={walkerName}
            onNobodyDrove={(says) => {
              const functions = rows.flatMap(({ id, group, tried: said }) =>
                group === 'drive' && !said ? [id as FunctionId] : [],
              );
              record({ kind: 'functions-tried', body: { functions, state: 'not-tried', says } });
              setChosen(undefined);
            }}
          />
        )}
        {isStarting ? (
          <StartRun walk={walk} onTimer={begin} onDone={() => setStarting(false)} />
        ) : (
          <Button look="tape" className="mx-3 mb-3 w-[calc(100%-1.5rem)]" onClick={() => setStarting(true)}>
            <KeyRound aria-hidden size={20} /> Key on, start, idle: step by step
          </Button>
        )}
        {isStarting || (isDriving && !mayDrive) ? null : hand ? (
          <FunctionInHand
            key={hand.id}
            walk={walk}
            row={hand}
            now={now}
            onTried={(result, says) => tried(hand.id, result, says)}
            onTimer={() => {
              if (isFunctionId(hand.id)) begin(hand.id);
            }}
            onLamps={(on) => {
              record({ kind: 'lamps-noted', body: { on } });
              tried(hand.id, 'faulty', lampsOnWords(on, vocabularyOf(page.car)));
            }}
          />
        ) : (
          <p className="px-3 pb-3">
            {othersLeft === 0
              ? 'Something was said of every function. Tap one to change it.'
              : `What matters first is said. ${othersLeft} others were not tried, and the report says so.`}
          </p>
        )}
        <AddFunction car={page.car} known={known} say={record} />
      </div>
      <div className="lg:min-h-0 lg:overflow-y-auto">
        {handful.map(groupOf)}
        {others.length > 0 && (
          <div className="px-1 pt-2">
            <Fold
              title={`Everything else: ${othersLeft === 0 ? 'all said' : `${othersLeft} not tried`}`}
              isOpen={hand !== undefined && !isTriedFirst(hand)}
            >
              {others.map(groupOf)}
            </Fold>
          </div>
        )}
      </div>
    </main>
  );
}
