import type { Vocabulary } from '#core/car';
import { speakSize } from '#core/measure';
import { type Fact, type Finding, findingKindIds, findingKindName, findingKindOf } from '#core/walk';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';

/** What may be found on a windscreen, where glass goes without saying. */
const kinds = findingKindIds.flatMap((value) => {
  const label = findingKindOf(value).onScreen?.short;
  return label ? [{ value, label }] : [];
});
const sizesMm = [2, 5, 8, 10, 12, 15, 20, 25, 40, 60, 100, 200] as const;

interface DamageEditorProps {
  finding: Finding;
  vocabulary: Vocabulary;
  say: (fact: Fact) => void;
  onDone: () => void;
}

/** What it is and how large, one tap each. */
export function DamageEditor({ finding, vocabulary, say, onDone }: DamageEditorProps) {
  const amend = (changes: Extract<Fact, { kind: 'finding-amended' }>['body']['changes']) =>
    say({ kind: 'finding-amended', body: { finding: finding.id, changes } });
  const isListed = kinds.some(({ value }) => value === finding.kind);
  return (
    <section aria-label={`Finding ${finding.number}`} className="space-y-3 border-y border-ink bg-sheet p-3">
      <h2 className="text-lg">
        Finding {finding.number}: {findingKindName(finding.kind, vocabulary).toLowerCase()}
      </h2>
      <Choice
        legend="What it is"
        value={isListed ? finding.kind : undefined}
        options={kinds}
        onChange={(kind) => amend({ kind })}
      />
      <fieldset>
        <legend className="mb-1 text-sm font-bold text-soft">How large</legend>
        <div className="grid grid-cols-6 gap-2">
          {sizesMm.map((mm) => (
            <button
              key={mm}
              type="button"
              aria-pressed={finding.details.lengthMm === mm}
              aria-label={`${mm} mm`}
              onClick={() => amend({ lengthMm: mm })}
              className="min-h-12 rounded-md border border-line bg-sheet tabular-nums aria-pressed:border-ink aria-pressed:bg-tape"
            >
              {vocabulary === 'us' ? speakSize(mm, 'us').replace(/\s*\(.*\)/, '') : mm}
            </button>
          ))}
        </div>
      </fieldset>
      <Button look="main" className="w-full" onClick={onDone}>
        Done
      </Button>
    </section>
  );
}
