import { ArrowRight, Check, X } from 'lucide-react';
import type { PracticeScored } from '#core/api';
import { type FindingKind, findingKindName, noticeWords } from '#core/walk';
import { longDay } from '#core/wording';
import { Button } from '../../../components/Button';

const outcomes: Record<PracticeScored['score']['outcome'], { says: string; isRight: boolean }> = {
  found: { says: 'You found it.', isRight: true },
  missed: { says: 'You missed it.', isRight: false },
  'taken-for-dirt': { says: 'You took a fault for dirt.', isRight: false },
  'known-dirt': { says: 'Right: only dirt.', isRight: true },
  'left-alone': { says: 'Right: nothing to log.', isRight: true },
  'taken-for-fault': { says: 'You logged what is no fault.', isRight: false },
};

interface ToldProps {
  scored: PracticeScored;
  onNext: () => void;
}

/** What was there, and how the answer stands to it. */
export function Told({ scored, onNext }: ToldProps) {
  const { truth, score, due } = scored;
  const { says, isRight } = outcomes[score.outcome];
  const kind = truth.kind && findingKindName(truth.kind, 'uk');
  return (
    <section aria-label="What was there" className="space-y-2 rounded-md border border-ink p-3">
      <p className={`flex items-center gap-2 text-xl font-bold ${isRight ? '' : 'text-warn'}`}>
        {isRight ? <Check aria-hidden size={24} /> : <X aria-hidden size={24} />} {says}
      </p>
      <p>
        {truth.is === 'fault' &&
          `It is ${kind?.toLowerCase()}${truth.sizeMm ? `, ${Math.round(truth.sizeMm)} mm` : ''}${truth.notice ? `, noticed ${noticeWords[truth.notice].name.toLowerCase()} (by the house rule)` : ''}. It is outlined in the picture.`}
        {truth.is === 'dirt' && `There is ${truth.dirt}: a wipe takes it off.`}
        {truth.is === 'nothing' && 'There is nothing on this part.'}
      </p>
      <ul>
        {score.isKindRight !== undefined && <Line isRight={score.isKindRight} says="the kind" />}
        {score.isSeverityRight !== undefined && <Line isRight={score.isSeverityRight} says="how bad" />}
        {score.isNoticeRight !== undefined && (
          <Line isRight={score.isNoticeRight} says="from where it is noticed" />
        )}
        {score.isSideRight !== undefined && <Line isRight={score.isSideRight} says="the side" />}
        {score.sizeRatio !== undefined && (
          <li>Your size is {Math.round(score.sizeRatio * 100)} % of the true one.</li>
        )}
        {score.falseAlarms.length > 0 && (
          <li className="text-warn">
            Logged where there is no fault:{' '}
            {score.falseAlarms
              .map((each) =>
                each === 'other' ? 'no kind given' : findingKindName(each as FindingKind, 'uk').toLowerCase(),
              )
              .join(', ')}
            .
          </li>
        )}
      </ul>
      <p className="text-sm text-soft">This kind comes round again on {longDay(due)}.</p>
      <Button look="main" className="min-h-14 w-full" onClick={onNext}>
        Next picture <ArrowRight aria-hidden size={20} />
      </Button>
    </section>
  );
}

const Line = ({ isRight, says }: { isRight: boolean; says: string }) => (
  <li className={isRight ? '' : 'text-warn'}>
    {isRight ? 'Right: ' : 'Not right: '}
    {says}.
  </li>
);
