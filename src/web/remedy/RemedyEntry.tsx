import { X } from 'lucide-react';
import type { Vocabulary } from '#core/car';
import {
  cures as allCures,
  type Cure,
  type Cures,
  cureName,
  type Decision,
  type StoredDecision,
  surenesses,
} from '#core/walk';
import { Choice } from '../components/Choice';
import { inputLook } from '../components/Field';
import { DecisionEntry } from './DecisionEntry';

interface RemedyEntryProps {
  /** Keeps the names of its fields apart from those of others on the page. */
  id: string;
  cures: Cures | undefined;
  decision: Decision | undefined;
  /** The likeliest first. */
  likely: readonly Cure[];
  /** What was said of the last one like it: offered, in the log only once it is tapped. */
  guess?: Cures | undefined;
  vocabulary: Vocabulary;
  currency: string;
  onCures: (cures: Cures | null) => void;
  onDecision: (decision: StoredDecision | null) => void;
}

/** So many cures go on one fault. */
const MOST = 4;

/** What would mend it, how sure that is, and who decides: advice promises nothing. */
export function RemedyEntry(props: RemedyEntryProps) {
  const { id, cures = [], likely, guess, vocabulary, onCures } = props;
  const isTaken = (cure: Cure) => cures.some((each) => each.cure === cure);
  const add = (cure: Cure) => {
    const last = guess?.find((each) => each.cure === cure);
    onCures([...cures, last ?? { cure }]);
  };
  const first = [...new Set([...(guess ?? []).map(({ cure }) => cure), ...likely])]
    .filter((cure) => !isTaken(cure))
    .slice(0, 3);
  const others = allCures.filter((cure) => !isTaken(cure));
  return (
    <>
      <fieldset className="space-y-2">
        <legend className="mb-1 text-sm font-bold text-soft">What would mend it</legend>
        {cures.map(({ cure, sure }) => (
          <div key={cure} className="rounded-md border border-line p-2">
            <div className="flex items-center justify-between gap-2">
              <span className="font-bold">{cureName(cure, vocabulary)}</span>
              <button
                type="button"
                aria-label={`Take back: ${cureName(cure, vocabulary)}`}
                className="grid size-12 shrink-0 place-items-center"
                onClick={() => {
                  const rest = cures.filter((each) => each.cure !== cure);
                  onCures(rest.length > 0 ? rest : null);
                }}
              >
                <X aria-hidden size={20} />
              </button>
            </div>
            <Choice
              legend={`${cureName(cure, vocabulary)}: how sure`}
              isLegendHidden
              value={sure}
              options={surenesses.map((value) => ({ value, label: `${value} mend it` }))}
              onChange={(value) =>
                onCures(cures.map((each) => (each.cure === cure ? { cure, sure: value } : each)))
              }
            />
          </div>
        ))}
        {cures.length < MOST && (
          <div className="grid grid-cols-2 gap-2">
            {first.map((cure) => (
              <button
                key={cure}
                type="button"
                data-guess={guess?.some((each) => each.cure === cure) || undefined}
                className="min-h-12 rounded-md border border-soft px-2 text-left leading-tight data-guess:border-dashed data-guess:border-accent"
                onClick={() => add(cure)}
              >
                {cures.length > 0 && 'then '}
                {cureName(cure, vocabulary)}
              </button>
            ))}
            <select
              id={`${id}-cure`}
              aria-label="Another cure"
              className={inputLook}
              value=""
              onChange={(event) => event.target.value && add(event.target.value as Cure)}
            >
              <option value="">Another…</option>
              {others.map((cure) => (
                <option key={cure} value={cure}>
                  {cureName(cure, vocabulary)}
                </option>
              ))}
            </select>
          </div>
        )}
      </fieldset>
      <DecisionEntry {...props} />
    </>
  );
}
