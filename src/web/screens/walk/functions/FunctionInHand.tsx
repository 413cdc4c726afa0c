import { Check, CircleSlash, Timer, TriangleAlert, X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import type { FunctionId, WarningLampId } from '#core/functions';
import type { FunctionRow } from '#core/readings';
import type { FunctionState } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { RemedyFold } from '../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../sync/useWalk';
import { TellFirst } from '../story/TellFirst';
import { FunctionEvidence } from './FunctionEvidence';
import { LampPicker } from './LampPicker';
import { takesWords, timeLeftMs, timeLeftWords } from './timers';
import { faultWords, untriedWords } from './usualWords';

interface FunctionInHandProps {
  walk: OpenWalk;
  row: FunctionRow;
  now: number;
  onTried: (state: FunctionState, says?: string) => void;
  onTimer: () => void;
  /** Lamps that stay on, chosen by what they mean. */
  onLamps: (on: WarningLampId[]) => void;
}

/** One function, large: works, faulty, not fitted, not tried. */
export function FunctionInHand({ walk, row, now, onTried, onTimer, onLamps }: FunctionInHandProps) {
  const [asking, setAsking] = useState<'faulty' | 'not-tried'>();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const { facts, begunAt, name, id, tried } = row;
  const isFaulty = asking === 'faulty' || (asking === undefined && tried?.state === 'faulty');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!asking) return;
    if (text.trim() === '') {
      setError(asking === 'faulty' ? 'Say what happens.' : 'Say why it was not tried.');
      return;
    }
    onTried(asking, text.trim());
  };
  return (
    <section aria-label="In hand" className="space-y-2 border-b border-ink bg-sheet p-3">
      <h2 className="text-2xl leading-tight">{name}</h2>
      {facts?.caution && (
        <p className="flex gap-2 font-bold text-warn">
          <TriangleAlert aria-hidden size={20} className="mt-0.5 shrink-0" /> {facts.caution}
        </p>
      )}
      {facts?.takes !== undefined &&
        (begunAt ? (
          <p className="flex items-center gap-2 text-lg font-bold tabular-nums">
            <Timer aria-hidden size={20} />{' '}
            {timeLeftWords(timeLeftMs(begunAt, facts.takes, now), facts.takes)}
          </p>
        ) : (
          <Button className="w-full" onClick={onTimer}>
            <Timer aria-hidden size={20} /> Begin: {takesWords(facts.takes)}
          </Button>
        ))}
      {asking === 'faulty' && id === 'lamps-out' ? (
        <LampPicker
          car={walk.page.car}
          was={walk.state.functions.lampsOn ?? []}
          onBack={() => setAsking(undefined)}
          onKeep={onLamps}
        />
      ) : asking ? (
        <form onSubmit={submit} className="space-y-2">
          <p className="font-bold">{asking === 'faulty' ? 'What happens?' : 'Why not?'}</p>
          <div className="grid grid-cols-2 gap-2">
            {(asking === 'faulty' ? faultWords(id) : untriedWords).map((words) => (
              <Button key={words} className="px-2!" onClick={() => onTried(asking, words)}>
                {words}
              </Button>
            ))}
          </div>
          <Field id="says" label="In your own words" error={error}>
            <div className="flex gap-2">
              <input
                id="says"
                className={inputLook}
                maxLength={300}
                autoComplete="off"
                value={text}
                aria-invalid={error !== undefined}
                aria-describedby="says-says"
                onChange={(event) => setText(event.target.value)}
              />
              <Button type="submit" look="tape">
                Save
              </Button>
            </div>
          </Field>
          <Button className="w-full" onClick={() => setAsking(undefined)}>
            Back
          </Button>
        </form>
      ) : (
        <div className="grid grid-cols-2 gap-2">
          <Button look="main" className="min-h-20 text-xl" onClick={() => onTried('works')}>
            <Check aria-hidden size={26} /> Works
          </Button>
          <Button look="warn" className="min-h-20 text-xl" onClick={() => setAsking('faulty')}>
            <X aria-hidden size={26} /> Faulty
          </Button>
          <Button className="min-h-14" onClick={() => onTried('not-fitted')}>
            <CircleSlash aria-hidden size={20} /> Not fitted
          </Button>
          <Button className="min-h-14" onClick={() => setAsking('not-tried')}>
            Not tried
          </Button>
        </div>
      )}
      {isFaulty && <FunctionEvidence walk={walk} id={id} name={name} />}
      {tried && tried.state !== 'works' && (
        <TellFirst walk={walk} about={{ of: 'function', function: id as FunctionId }} />
      )}
      {tried?.state === 'faulty' && (
        <RemedyFold
          key={id}
          walk={walk}
          about={{ of: 'function', function: id as FunctionId }}
          likely={['find-out', 'mechanical', 'replace']}
        />
      )}
    </section>
  );
}
