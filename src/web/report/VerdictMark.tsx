import { CircleDashed, CircleQuestionMark, Eye, Minus, OctagonAlert } from 'lucide-react';
import type { Weight } from '#core/judged';

const marks = {
  stop: [OctagonAlert, 'Bears on driving it: '],
  ask: [CircleQuestionMark, 'To be settled: '],
  look: [Eye, 'To be seen: '],
  unknown: [CircleDashed, 'Not known: '],
  plain: [Minus, ''],
} as const;

/** How much a verdict asks of the reader, by its shape and for those who cannot see it in words; colour alone tells nothing. */
export function VerdictMark({ weight }: { weight: Weight }) {
  const [Icon, says] = marks[weight];
  return (
    <>
      <Icon
        aria-hidden
        size={20}
        className={`mt-0.5 shrink-0 ${weight === 'stop' || weight === 'ask' ? 'text-warn' : 'text-soft'}`}
      />
      {says && <span className="sr-only">{says}</span>}
    </>
  );
}
