import type { ReportDocument } from '#core/report';
import { Section } from '../Section';

/** What comes with the car, what does not, what was altered, and what its cabin smells of. */
export function KitSection({ kit }: { kit: NonNullable<ReportDocument['kit']> }) {
  const { smell, there, missing, left, altered, notes, cautions } = kit;
  return (
    <Section title="What comes with it" chapter="kit" folds>
      {there.length > 0 && (
        <ul className="grid gap-x-6 sm:grid-cols-2">
          {there.map((line) => (
            <li key={line} className="border-b border-line py-1.5">
              {line}
            </li>
          ))}
        </ul>
      )}
      {missing.length > 0 && <p className="mt-2 font-bold">Not there: {missing.join('; ')}.</p>}
      {left.length > 0 && <p className="mt-2">Not counted: {left.join('; ')}.</p>}
      {altered.length > 0 && (
        <>
          <p className="mt-3 font-bold">Added or altered</p>
          <ul>
            {altered.map((line) => (
              <li key={line} className="border-b border-line py-1.5">
                {line}.
              </li>
            ))}
          </ul>
          {notes.map((note) => (
            <p key={note} className="mt-1 text-soft">
              {note}
            </p>
          ))}
        </>
      )}
      <p className="mt-3">Smell of the cabin: {smell ?? 'not noted'}.</p>
      {cautions.map((caution) => (
        <p key={caution} className="mt-1 font-bold text-warn">
          {caution}
        </p>
      ))}
    </Section>
  );
}
