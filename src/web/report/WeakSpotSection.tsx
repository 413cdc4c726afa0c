import { Check } from 'lucide-react';
import type { ReportDocument } from '#core/report';
import { sentence } from '#core/wording';
import { Section } from './Section';

/** What such cars are known for: looked for and not there first, since that is what a reader wants to know. */
export function WeakSpotSection({ told }: { told: NonNullable<ReportDocument['weakSpots']> }) {
  const { notThere, found, couldNotTell, left } = told;
  return (
    <Section title="What such cars are known for" chapter="weak-spots" folds>
      {notThere.length > 0 && (
        <>
          <p className="font-bold">Looked for because such cars have it, and not there:</p>
          <ul className="mb-3">
            {notThere.map((says) => (
              <li key={says} className="flex gap-2 py-0.5">
                <Check aria-hidden size={18} className="mt-1 shrink-0" /> {says}
              </li>
            ))}
          </ul>
        </>
      )}
      {found.length > 0 && (
        <>
          <p className="font-bold">Typical of such cars, and found:</p>
          <ul className="mb-3">
            {found.map(({ says, findings }) => (
              <li key={says} className="flex flex-wrap items-center gap-x-2">
                <span>{sentence(says)}</span>
                {findings.map((number) => (
                  <a
                    key={number}
                    href={`#finding-${number}`}
                    className="inline-flex min-h-11 items-center font-bold text-accent underline"
                  >
                    Finding {number}
                  </a>
                ))}
              </li>
            ))}
          </ul>
        </>
      )}
      <Rest title="Could not be told" lines={couldNotTell} />
      <Rest title="Not looked for" lines={left} />
    </Section>
  );
}

const Rest = ({ title, lines }: { title: string; lines: readonly string[] }) =>
  lines.length > 0 && (
    <>
      <p className="font-bold">{title}:</p>
      <ul className="mb-3">
        {lines.map((says) => (
          <li key={says}>{sentence(says)}</li>
        ))}
      </ul>
    </>
  );
