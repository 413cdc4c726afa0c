import { useRef, useState } from 'react';
import type { BodyStyle } from '#core/car';
import {
  directions,
  orderRuleNames,
  orderRules,
  planRoute,
  type RouteRule,
  routeRuleSchema,
} from '#core/route';
import { estimateSeconds, type Pace } from '#core/walk';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import { AreaOrder } from './AreaOrder';
import { ExtraStops } from './ExtraStops';
import { RoutePlan } from './RoutePlan';
import { directionNames, minutesWords } from './routeWords';

interface RouteEditorProps {
  rule: RouteRule;
  style: BodyStyle;
  pace: Pace | undefined;
  onKeep: (rule: RouteRule) => void;
  onDone: () => void;
}

/** A route made one's own. Every change is kept as it is made; the plan shows at once how one would walk. */
export function RouteEditor({ rule: kept, style, pace, onKeep, onDone }: RouteEditorProps) {
  const [rule, setRule] = useState(kept);
  // Leaving the name and pressing a button come in one breath: the second change must see the first.
  const latest = useRef(kept);
  const [name, setName] = useState(kept.name);
  const [error, setError] = useState<string>();
  const stops = planRoute(style, rule);
  const change = (part: Partial<RouteRule>) => {
    const reading = routeRuleSchema.safeParse({ ...latest.current, ...part });
    setError(reading.success ? undefined : reading.error.issues[0]?.message);
    if (!reading.success) return;
    latest.current = reading.data;
    setRule(reading.data);
    onKeep(reading.data);
  };
  return (
    <section aria-label="Route editor" className="space-y-4">
      <TextField
        id="route-name"
        label="Name"
        error={error}
        value={name}
        maxLength={60}
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby="route-name-says"
        onChange={(event) => setName(event.target.value)}
        onBlur={() => name !== rule.name && change({ name })}
      />
      <div className="grid gap-4 sm:grid-cols-[18rem_1fr]">
        <div>
          <p className="mb-1 text-sm font-bold text-soft">Start at</p>
          <RoutePlan style={style} stops={stops} start={rule.start} onStart={(start) => change({ start })} />
          <p className="text-center tabular-nums">
            {stops.length} parts, about {minutesWords(estimateSeconds(style, stops, pace))}
          </p>
        </div>
        <div className="space-y-4">
          <Choice
            legend="Direction, seen from above"
            value={rule.direction}
            options={directions.map((value) => ({ value, label: directionNames[value] }))}
            onChange={(direction) => change({ direction })}
          />
          <fieldset>
            <legend className="mb-1 text-sm font-bold text-soft">Order on the outside</legend>
            {orderRules.map((order) => (
              <label key={order} className="flex min-h-12 items-center gap-3 leading-tight">
                <input
                  type="radio"
                  name="order"
                  className="size-6 shrink-0 accent-accent"
                  checked={rule.order === order}
                  onChange={() => change({ order })}
                />
                <span>
                  {orderRuleNames[order].name}
                  <span className="block text-sm text-soft">{orderRuleNames[order].hint}</span>
                </span>
              </label>
            ))}
          </fieldset>
          <label className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 shrink-0 accent-accent"
              checked={rule.bootAtTail}
              onChange={(event) => change({ bootAtTail: event.target.checked })}
            />
            Open the boot or trunk while standing at the tail
          </label>
          <label className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 shrink-0 accent-accent"
              checked={rule.insideAsPassed ?? false}
              onChange={(event) => change({ insideAsPassed: event.target.checked })}
            />
            Open each door as you pass it: its inside, its sill and its seat
          </label>
        </div>
      </div>
      <AreaOrder areas={rule.later} onAreas={(later) => change({ later })} />
      <ExtraStops reminders={rule.reminders} onReminders={(reminders) => change({ reminders })} />
      <Button look="main" className="w-full" onClick={onDone}>
        Done
      </Button>
    </section>
  );
}
