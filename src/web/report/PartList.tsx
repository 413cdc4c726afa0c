import type { ReportDocument } from '#core/report';
import { AskButton } from './AskContext';

const marks = {
  clear: '✓',
  'looked-at': '',
  findings: '',
  'second-look': '?',
  'not-seen': '–',
  'not-looked-at': '–',
} as const;

/** Every part in walking order, the clear ones too. */
export function PartList({ report }: { report: ReportDocument }) {
  return (
    <section className="mt-8 px-4">
      <h2 className="mb-2 text-2xl">Part by part, in walking order</h2>
      <ul className="gap-x-6 sm:columns-2">
        {report.parts.map((part) => (
          <li
            key={part.part}
            className="flex break-inside-avoid items-center justify-between gap-3 border-b border-line py-1"
          >
            <span className="min-w-0 flex-1">{part.name}</span>
            <span
              className={`shrink-0 text-right max-w-[45%] ${part.status === 'clear' ? 'text-clear-ink' : 'font-bold'}`}
            >
              {marks[part.status]} {part.says}
            </span>
            <AskButton about={{ part: part.part }} title={part.name} />
          </li>
        ))}
      </ul>
    </section>
  );
}
