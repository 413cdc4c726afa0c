import type { Vocabulary } from '#core/car';
import {
  type Finding,
  type FindingChanges,
  findingKindOf,
  firmnesses,
  hasDepths,
  howBadOf,
  howBads,
  howBadWords,
  repairQualities,
  repairWords,
  severities,
  severityWords,
  type Test,
  testAnswers,
  testWords,
} from '#core/walk';
import { Choice } from '../../../../components/Choice';

interface SeverityEntryProps {
  finding: Finding;
  vocabulary: Vocabulary;
  underFilm: boolean;
  amend: (changes: FindingChanges) => void;
}

/** How bad it is, and how deep or how far gone in the words of its kind. */
export function HowBad({
  finding: { details, kind },
  vocabulary,
  amend,
}: Omit<SeverityEntryProps, 'underFilm'>) {
  return (
    <>
      <Choice
        legend="How bad"
        value={howBadOf(kind, details)}
        options={howBads.map((value) => ({ value, label: howBadWords[value] }))}
        onChange={(howBad) => amend({ howBad })}
        onClear={() => amend({ howBad: null, ...(!hasDepths(kind) && { severity: null }) })}
      />
      {hasDepths(kind) && (
        <Choice
          legend="How deep or how far gone"
          value={details.severity}
          options={severities.map((value) => ({ value, label: severityWords(kind, value, vocabulary) }))}
          onChange={(severity) => amend({ severity })}
          onClear={() => amend({ severity: null })}
        />
      )}
    </>
  );
}

/** What the tests that decide have said. */
export function DecidingTests({ finding, underFilm, amend }: Omit<SeverityEntryProps, 'vocabulary'>) {
  const { details, kind } = finding;
  const facts = findingKindOf(kind);
  return (
    <>
      {facts.asksFirm && (
        <>
          <Choice
            legend="Pressed, it is"
            value={details.firm}
            options={firmnesses.map((value) => ({ value, label: value }))}
            onChange={(firm) => amend({ firm })}
            onClear={() => amend({ firm: null })}
          />
          <Choice
            legend="A hole?"
            value={details.hole === undefined ? undefined : details.hole ? 'yes' : 'no'}
            options={[
              { value: 'no', label: 'no hole' },
              { value: 'yes', label: 'a hole' },
            ]}
            onChange={(hole) => amend({ hole: hole === 'yes' })}
            onClear={() => amend({ hole: null })}
          />
        </>
      )}
      {facts.tests.map((test) => (
        <Choice<string>
          key={test}
          legend={testWords[test].name}
          value={details[test]}
          options={answersOf(test, underFilm).map((value) => ({
            value,
            label: (testWords[test] as Record<string, string>)[value] ?? value,
          }))}
          onChange={(answer) => amend({ [test]: answer } as FindingChanges)}
          onClear={() => amend({ [test]: null } as FindingChanges)}
        />
      ))}
      {facts.asksRepair && (
        <Choice
          legend="How well was it done?"
          value={details.repair}
          options={repairQualities.map((value) => ({ value, label: repairWords[value] }))}
          onChange={(repair) => amend({ repair })}
          onClear={() => amend({ repair: null })}
        />
      )}
    </>
  );
}

/** Film over the paint is an answer only where there is film. */
const answersOf = (test: Test, underFilm: boolean): readonly string[] =>
  (testAnswers[test] as readonly string[]).filter((answer) => underFilm || answer !== 'under-film');
