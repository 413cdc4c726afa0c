import type { ReportDocument } from '#core/report';
import { Section } from '../Section';

/** What works, what does not, and what nobody tried: the faulty first. */
export function FunctionSection({ functions }: { functions: NonNullable<ReportDocument['functions']> }) {
  const { summary, faulty, notTried, works, notFitted, left } = functions;
  return (
    <Section title="Does it work">
      <p className="mb-2 border-l-8 border-tape pl-3 text-lg">{summary}.</p>
      {faulty.length > 0 && (
        <ul className="mb-2">
          {faulty.map(({ name, says, caution }) => (
            <li key={name} className="border-b border-line py-2">
              <span className="font-bold text-warn">Faulty: {name}</span>
              {says && `, ${says}`}
              {caution && <span className="block">{caution}</span>}
            </li>
          ))}
        </ul>
      )}
      {works.map(({ group, names }) => (
        <p key={group} className="mt-1">
          <span className="font-bold">{group}, in order: </span>
          {names.join(', ')}.
        </p>
      ))}
      {notTried.length > 0 && (
        <p className="mt-2">Not tried: {notTried.map(({ name, says }) => `${name} (${says})`).join('; ')}.</p>
      )}
      {left.length > 0 && <p className="mt-2">Not tried either: {left.join('; ')}.</p>}
      {notFitted.length > 0 && <p className="mt-2">Not fitted: {notFitted.join('; ')}.</p>}
    </Section>
  );
}
