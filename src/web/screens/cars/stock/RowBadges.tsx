import { CalendarClock, MessageCircleQuestion } from 'lucide-react';
import type { CarSummary } from '#core/api';

/** What waits at a car: questions nobody answered, promises nobody kept, late ones as such. Nothing where nothing does. */
export function RowBadges({ walk: { questions, promises, due } }: { walk: NonNullable<CarSummary['walk']> }) {
  if (questions + promises === 0) return null;
  const isLate = due !== undefined && due < new Date().toISOString().slice(0, 10);
  return (
    <span className="mt-0.5 flex flex-wrap gap-x-3 text-sm">
      {questions > 0 && (
        <span className="flex items-center gap-1 font-bold">
          <MessageCircleQuestion aria-hidden size={16} />
          {questions} {questions === 1 ? 'question' : 'questions'}
        </span>
      )}
      {promises > 0 && (
        <span className={`flex items-center gap-1 ${isLate ? 'font-bold text-warn' : ''}`}>
          <CalendarClock aria-hidden size={16} />
          {promises} promised{isLate && ', late'}
        </span>
      )}
    </span>
  );
}
