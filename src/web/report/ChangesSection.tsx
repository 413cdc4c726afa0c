import { hasChanges, type ReportChanges } from '#core/report';
import { Section } from './Section';

interface ChangesSectionProps {
  changes: ReportChanges;
  isOnlyNew: boolean;
  onOnlyNew: (isOnlyNew: boolean) => void;
}

/** What this revision says that an earlier one did not, each a tap from its finding. */
export function ChangesSection({ changes, isOnlyNew, onOnlyNew }: ChangesSectionProps) {
  const { since, added, changed, putRight, withdrawn, others } = changes;
  if (!hasChanges(changes))
    return (
      <Section title={`Since revision ${since}`}>
        <p>Nothing is told otherwise than in revision {since}.</p>
      </Section>
    );
  return (
    <Section title={`What changed since revision ${since}`}>
      <ul className="space-y-2">
        {added.length > 0 && (
          <li>
            <span className="font-bold">{added.length === 1 ? 'New finding: ' : 'New findings: '}</span>
            {added.map((number, i) => (
              <span key={number}>
                {i > 0 && ', '}
                <Jump number={number} />
              </span>
            ))}
          </li>
        )}
        {changed.map(({ number, says }) => (
          <li key={number}>
            <Jump number={number} /> {says.join('; ').replace(/\.$/, '')}.
          </li>
        ))}
        {putRight.map(({ number, line, says }) => (
          <li key={`right-${number}`}>
            <span className="font-bold">Put right: </span>
            <a href={`#put-right-${number}`} className="underline underline-offset-4">
              {line}
            </a>
            ; {says}.
          </li>
        ))}
        {withdrawn.map(({ number, line, why }) => (
          <li key={number}>
            <span className="font-bold">Withdrawn: </span>
            {line}; {why}.
          </li>
        ))}
        {others.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {added.length + changed.length > 0 && (
        <label className="mt-3 flex min-h-12 items-center gap-3 font-bold">
          <input
            type="checkbox"
            className="size-6 accent-accent"
            checked={isOnlyNew}
            onChange={(event) => onOnlyNew(event.target.checked)}
          />
          Show only findings that are new or changed
        </label>
      )}
    </Section>
  );
}

const Jump = ({ number }: { number: number }) => (
  <a href={`#finding-${number}`} className="inline-block min-w-6 font-bold underline underline-offset-4">
    {number}
  </a>
);
