import { Check, Ear } from 'lucide-react';
import type { Answer } from '#core/speech';
import { askMessage } from '#core/speech';
import { Button } from '../../../components/Button';
import { draftWords } from '../../../heard/draftWords';
import { Choices, whyNotLogged } from '../../../heard/HeardRow';
import { LeaveOut } from '../../../heard/LeaveOut';
import type { OpenWalk } from '../../../sync/useWalk';
import type { Statement } from './useTalk';

interface StatementRowProps {
  statement: Statement;
  walk: OpenWalk;
  isPractice: boolean;
  onTake: () => void;
  onAnswer: (answer: Answer) => void;
  onLeaveOut: () => void;
}

/** One statement, large enough to read at arm's length: logged, just heard, or waiting for an answer. */
export function StatementRow({
  statement,
  walk,
  isPractice,
  onTake,
  onAnswer,
  onLeaveOut,
}: StatementRowProps) {
  const { style, page } = walk;
  const { draft, is } = statement;
  const says = draftWords(draft, style, page.car);
  const question = is === 'open' ? askMessage(draft, style, page.car) : undefined;
  const notLogged = is === 'taken' ? undefined : whyNotLogged(draft, style);
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-center gap-2 text-lg leading-tight">
        {is === 'taken' ? (
          <Check aria-label="Logged" size={24} className="shrink-0" />
        ) : (
          <Ear aria-label="Heard" size={24} className="shrink-0 text-soft" />
        )}
        <span className={`min-w-0 flex-1 ${is === 'taken' ? 'font-bold' : ''}`}>
          {says}
          {notLogged && <span className="block text-sm text-soft">{notLogged}</span>}
        </span>
        {is !== 'taken' && <LeaveOut says={says} onClick={onLeaveOut} />}
      </div>
      {is === 'open' && !isPractice && !notLogged && (
        <div className="flex flex-wrap items-center gap-2 pt-1">
          <span className="font-bold">{question ?? `Look at it: ${draft.why.join('; ')}.`}</span>
          {question ? (
            <Choices draft={draft} style={style} car={page.car} onAnswer={onAnswer} />
          ) : (
            <Button look="tape" onClick={onTake}>
              Log it
            </Button>
          )}
        </div>
      )}
    </li>
  );
}
