import { ChevronDown } from 'lucide-react';
import { partGroups, type ReportDocument } from '#core/report';
import { AskButton } from './AskContext';
import { Section } from './Section';

/** Every part in walking order, side by side grouped: what is clear in one breath, what needs a word in a line of its own. */
export function PartList({ report }: { report: ReportDocument }) {
  return (
    <Section title="Part by part, in walking order" chapter="parts" folds>
      {partGroups(report).map(({ face, title, lines, parts }) => (
        <div key={title} className="mb-4">
          <h3 className="font-bold">{title}</h3>
          {lines.map((says) => (
            <p key={says} className="mt-1">
              {says}
            </p>
          ))}
          <details className="group mt-1" data-face={face} data-on-screen>
            <summary className="flex min-h-11 cursor-pointer items-center gap-1 text-accent underline underline-offset-4">
              <ChevronDown aria-hidden size={18} className="-rotate-90 group-open:rotate-0" />
              {parts.length === 1 ? 'The part by itself' : `All ${parts.length}, one by one`}
            </summary>
            <ul className="gap-x-6 sm:columns-2">
              {parts.map((part) => (
                <li
                  key={part.part}
                  className="flex break-inside-avoid items-center justify-between gap-3 border-b border-line py-1"
                >
                  <span className="min-w-0 flex-1">{part.name}</span>
                  <span
                    className={`max-w-[45%] shrink-0 text-right ${part.status === 'clear' ? 'text-clear-ink' : 'font-bold'}`}
                  >
                    {marks[part.status]} {part.says}
                  </span>
                  <AskButton about={{ part: part.part }} title={part.name} />
                </li>
              ))}
            </ul>
          </details>
        </div>
      ))}
    </Section>
  );
}

const marks = {
  clear: '✓',
  'looked-at': '',
  findings: '',
  'second-look': '?',
  'not-seen': '–',
  'not-looked-at': '–',
} as const;
