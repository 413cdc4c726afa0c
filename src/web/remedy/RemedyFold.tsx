import { countryOf, vocabularyOf } from '#core/car';
import { adviceLine, type Cure, decisionNames, type RemedyAbout, remedyKey } from '#core/walk';
import { sentence } from '#core/wording';
import { Fold } from '../components/Fold';
import type { OpenWalk } from '../sync/useWalk';
import { RemedyEntry } from './RemedyEntry';

interface RemedyFoldProps {
  walk: OpenWalk;
  about: RemedyAbout;
  /** The likeliest cures of such a thing first. */
  likely: readonly Cure[];
  /** What it is about, where nothing beside it says so. */
  named?: string;
}

/** What would mend something that is no finding, and who decides: opened when wanted; shut, it says what stands. */
export function RemedyFold({ walk, about, likely, named }: RemedyFoldProps) {
  const { state, page, record } = walk;
  const key = remedyKey(about);
  const { cures, decision } = state.remedies.get(key) ?? {};
  const vocabulary = vocabularyOf(page.car);
  const stands = [
    cures && adviceLine({ cures }, vocabulary),
    decision && decisionNames[decision.is].toLowerCase(),
  ]
    .filter(Boolean)
    .join('; ');
  const title = named
    ? [named, stands].filter(Boolean).join(': ')
    : sentence(stands) || 'What would mend it, and who decides';
  return (
    <Fold title={title}>
      <div className="space-y-3">
        <RemedyEntry
          id={key.replaceAll(' ', '-')}
          cures={cures}
          decision={decision}
          likely={likely}
          vocabulary={vocabulary}
          currency={countryOf(page.car.country).currency}
          onCures={(next) => record({ kind: 'remedy-noted', body: { about, cures: next } })}
          onDecision={(next) => record({ kind: 'remedy-noted', body: { about, decision: next } })}
        />
      </div>
    </Fold>
  );
}
