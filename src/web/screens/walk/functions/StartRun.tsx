import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { vocabularyOf } from '#core/car';
import { functionName, lampsOnWords, type StartStep, startSequence } from '#core/functions';
import type { FunctionState } from '#core/walk';
import { Button } from '../../../components/Button';
import type { OpenWalk } from '../../../sync/useWalk';
import { LampPicker } from './LampPicker';
import { faultWords } from './usualWords';

interface StartRunProps {
  walk: OpenWalk;
  onTimer: (id: StartStep['functions'][number]) => void;
  onDone: () => void;
}

/** Key on to warm cabin, one tap a step, in the order people do it. */
export function StartRun({ walk, onTimer, onDone }: StartRunProps) {
  const { page, record } = walk;
  const vocabulary = vocabularyOf(page.car);
  const steps = startSequence(page.car, vocabulary);
  const [at, setAt] = useState(0);
  const [isAsking, setAsking] = useState(false);
  const step = steps[at];
  const onward = () => {
    setAsking(false);
    if (at + 1 < steps.length) setAt(at + 1);
    else onDone();
  };
  if (!step) return null;
  const say = (state: FunctionState, says?: string) => {
    const functions = [...step.functions];
    if (state === 'works' && step.lamps) record({ kind: 'lamps-noted', body: { on: [] } });
    record({ kind: 'functions-tried', body: { functions, state, ...(says && { says }) } });
    onward();
  };
  return (
    <section aria-label="Start, step by step" className="space-y-3 border-b border-ink bg-sheet p-3">
      <p className="flex items-baseline justify-between gap-2 text-soft tabular-nums">
        <span>
          Step {at + 1} of {steps.length}
        </span>
        <button type="button" className="min-h-12 underline underline-offset-4" onClick={onDone}>
          Leave the steps
        </button>
      </p>
      <h2 className="text-2xl leading-tight">{step.does}</h2>
      <p className="text-xl leading-tight">{step.asks}</p>
      {isAsking ? (
        step.lamps ? (
          <LampPicker
            car={page.car}
            was={walk.state.functions.lampsOn ?? []}
            onBack={() => setAsking(false)}
            onKeep={(on) => {
              record({ kind: 'lamps-noted', body: { on } });
              say('faulty', lampsOnWords(on, vocabulary));
            }}
          />
        ) : (
          <WhatHappens
            step={step}
            nameOf={(id) => functionName(id, vocabulary)}
            onBack={() => setAsking(false)}
            onSaid={(id, says) => {
              record({ kind: 'functions-tried', body: { functions: [id], state: 'faulty', says } });
              const others = step.functions.filter((other) => other !== id);
              if (others.length > 0)
                record({ kind: 'functions-tried', body: { functions: others, state: 'works' } });
              onward();
            }}
          />
        )
      ) : (
        <div className="grid grid-cols-2 gap-2">
          <Button look="main" className="min-h-24 text-2xl" onClick={() => say('works')}>
            <Check aria-hidden size={28} /> Yes
          </Button>
          <Button look="warn" className="min-h-24 text-2xl" onClick={() => setAsking(true)}>
            <X aria-hidden size={28} /> No
          </Button>
          <Button className="col-span-2" onClick={onward}>
            Leave this one for later
          </Button>
          {step.functions[0] === 'aircon-cold' && !walk.state.functions.timers.has('aircon-cold') && (
            <Button
              className="col-span-2"
              onClick={() => {
                onTimer('aircon-cold');
                onward();
              }}
            >
              Begin its 3 minutes and go on
            </Button>
          )}
        </div>
      )}
    </section>
  );
}

interface WhatHappensProps {
  step: StartStep;
  nameOf: (id: StartStep['functions'][number]) => string;
  onSaid: (id: StartStep['functions'][number], says: string) => void;
  onBack: () => void;
}

/** Which of the step's functions it is, then what happens: a tap each. */
function WhatHappens({ step, nameOf, onSaid, onBack }: WhatHappensProps) {
  const [which, setWhich] = useState(step.functions.length === 1 ? step.functions[0] : undefined);
  return (
    <div className="space-y-2">
      <p className="font-bold">{which ? 'What happens?' : 'Which of them?'}</p>
      <div className="grid grid-cols-2 gap-2">
        {which
          ? faultWords(which).map((words) => (
              <Button key={words} className="min-h-14 px-2!" onClick={() => onSaid(which, words)}>
                {words}
              </Button>
            ))
          : step.functions.map((id) => (
              <Button key={id} className="min-h-14 px-2!" onClick={() => setWhich(id)}>
                {nameOf(id)}
              </Button>
            ))}
      </div>
      <Button className="w-full" onClick={onBack}>
        Back
      </Button>
    </div>
  );
}
