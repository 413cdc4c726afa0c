import { otherPromiseLine, type ReportDocument, saidNothingOf } from '#core/report';
import { Section } from './Section';

/** More promises than this are folded: how many and by when stands beside the title. */
const MOST_PROMISED = 6;

/** "25 things, by 9 December 2026", "25 things: 20 by 9 December 2026, 5 with no day" */
function promisedLine(days: readonly (string | undefined)[]): string {
  const counts = new Map<string, number>();
  for (const day of days) counts.set(day ?? '', (counts.get(day ?? '') ?? 0) + 1);
  const things = `${days.length} ${days.length === 1 ? 'thing' : 'things'}`;
  const [only] = counts.keys();
  if (counts.size === 1) return only ? `${things}, by ${only}` : `${things}, no day said`;
  const each = [...counts].map(([day, n]) => (day ? `${n} by ${day}` : `${n} with no day`));
  return `${things}: ${each.join(', ')}`;
}

/** What the yard has undertaken to do. */
export function Promised({ report }: { report: ReportDocument }) {
  const promised = report.findings.filter((finding) => finding.promised);
  const others = (report.remedies ?? []).filter((remedy) => remedy.promised);
  const all = [...promised, ...others];
  if (all.length === 0) return null;
  return (
    <Section
      title="Will be put right before collection"
      chapter="promised"
      folds={all.length > MOST_PROMISED}
      line={promisedLine(all.map(({ by }) => by))}
    >
      <ul className="space-y-1">
        {promised.map((finding) => (
          <li key={finding.number}>
            <a href={`#finding-${finding.number}`} className="underline underline-offset-4">
              <span className="font-bold">{finding.number}</span> {finding.action || 'To be put right'}
            </a>
            : {finding.partName}, {finding.line.toLowerCase()}
            {finding.by && `; by ${finding.by}`}
          </li>
        ))}
        {others.map((remedy) => (
          <li key={remedy.what}>{otherPromiseLine(remedy)}</li>
        ))}
      </ul>
    </Section>
  );
}

/** Light, wet and dirt as noted, and what they may have hidden. */
export function SeenUnder({ report }: { report: ReportDocument }) {
  if (report.conditions.length === 0) return null;
  return (
    <Section title="In what light, and what that may have hidden" chapter="light" folds>
      {report.conditions.map((line) => (
        <p key={line}>{line}.</p>
      ))}
      {report.mayHide.map((line) => (
        <p key={line} className="mt-1">
          {line}
        </p>
      ))}
    </Section>
  );
}

/** What nobody looked at, read or could see. */
export function NotChecked({ report }: { report: ReportDocument }) {
  const complete = report.notLookedAt.length + report.notSeen.length + report.readingsMissing.length === 0;
  return (
    <Section title="What was not looked at" chapter="not-looked-at" folds>
      <p>{report.outOfScope}</p>
      {saidNothingOf(report).map((says) => (
        <p key={says} className="mt-1">
          {says}.
        </p>
      ))}
      {report.notSeen.map(({ name, why }) => (
        <p key={name} className="mt-1">
          {name}: could not be seen, {why}.
        </p>
      ))}
      {report.notLookedAt.length > 0 && (
        <p className="mt-2">Not looked at: {report.notLookedAt.join('; ')}.</p>
      )}
      {report.readingsMissing.length > 0 && (
        <p className="mt-2">Not read: {report.readingsMissing.join('; ')}.</p>
      )}
      {complete && (
        <p className="mt-2">Otherwise every part on the route was looked at and every reading taken.</p>
      )}
    </Section>
  );
}
