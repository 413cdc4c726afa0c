import { Mic, MicOff, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { vocabularyOf } from '#core/car';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { browserListener } from '../../../listening/browserListener';
import type { Hearing, Listener } from '../../../listening/listener';
import { practiceListener, practiceWalk } from '../../../listening/practiceListener';
import type { OpenWalk } from '../../../sync/useWalk';
import type { HearingBy } from './ChooseHearing';
import { DictateHere } from './DictateHere';
import { StatementRow } from './StatementRow';
import { TalkMap } from './TalkMap';
import { useTalk } from './useTalk';

/** Statements that are read at a glance. */
const SHOWN = 3;

interface TalkThroughProps {
  walk: OpenWalk;
  by: HearingBy;
  onOther: () => void;
}

/** The car that follows the talk, the last three statements large, and a thumb's button that takes the last one back. */
export function TalkThrough({ walk, by, onOther }: TalkThroughProps) {
  const isPractice = by === 'practice';
  const { statements, perhaps, hear, undo, canUndo, take, leaveOut, answer } = useTalk(walk, isPractice);
  const { isOn, problem, start, stop } = useListening(by, walk, hear);
  const open = statements.filter(({ is }) => is === 'open');
  const last = statements.slice(-SHOWN);
  const shown = [...open.filter((each) => !last.includes(each)).slice(-1), ...last].slice(-SHOWN);
  return (
    <>
      <main className="flex min-h-0 flex-1 flex-col lg:flex-row">
        <TalkMap walk={walk} statements={statements} />
        <section
          aria-label="What was said"
          className="flex shrink-0 flex-col justify-end px-3 pb-1 lg:w-[28rem]"
        >
          {isPractice && <p className="text-sm font-bold">A sample: nothing of it is logged.</p>}
          {shown.length === 0 && (
            <p className="py-3 text-lg text-soft">
              Say a part and what you see: “nearside front door, two dents”.
            </p>
          )}
          <ul aria-label="Last three statements">
            {shown.map((statement) => (
              <StatementRow
                key={statement.place}
                statement={statement}
                walk={walk}
                isPractice={isPractice}
                onTake={() => take(statement.draft, statement.place)}
                onAnswer={(said) => answer(statement.draft, statement.place, said)}
                onLeaveOut={() => leaveOut(statement.place)}
              />
            ))}
          </ul>
          <p aria-hidden className="min-h-7 truncate text-lg text-soft italic">
            {perhaps}
          </p>
          {problem && <Notice look="warn">{problem}</Notice>}
          {by === 'keyboard' && <DictateHere onPiece={hear} />}
        </section>
      </main>
      <footer className="flex gap-2 border-t border-ink bg-ground p-2">
        {by === 'keyboard' ? (
          <Button onClick={onOther}>Another way</Button>
        ) : isOn ? (
          <Button onClick={stop}>
            <MicOff aria-hidden size={20} /> Stop {isPractice ? 'the sample' : 'listening'}
          </Button>
        ) : (
          <>
            <Button look="main" onClick={start}>
              <Mic aria-hidden size={20} /> {isPractice ? 'Play it again' : 'Listen on'}
            </Button>
            <Button onClick={onOther}>Another way</Button>
          </>
        )}
        <Button look="tape" className="ml-auto min-h-16 min-w-32" disabled={!canUndo} onClick={undo}>
          <Undo2 aria-hidden size={24} /> Undo
        </Button>
      </footer>
    </>
  );
}

/** Listens from the moment it is shown until it is stopped or left. */
function useListening(by: HearingBy, { page }: OpenWalk, hear: Hearing['onPiece']) {
  const [isOn, setOn] = useState(by !== 'keyboard');
  const [problem, setProblem] = useState<string>();
  const vocabulary = vocabularyOf(page.car);
  useEffect(() => {
    if (!isOn) return;
    let isLeft = false;
    const onEnd = (why?: string) => {
      if (isLeft) return;
      setOn(false);
      setProblem(why);
    };
    const hearing: Hearing = { onPiece: hear, onEnd };
    const listener: Listener =
      by === 'browser'
        ? browserListener(vocabulary === 'us' ? 'en-US' : 'en-GB', hearing)
        : practiceListener(practiceWalk[vocabulary], hearing);
    setProblem(undefined);
    listener.start();
    return () => {
      isLeft = true;
      listener.stop();
    };
  }, [by, hear, vocabulary, isOn]);
  return { isOn, problem, start: () => setOn(true), stop: () => setOn(false) };
}
