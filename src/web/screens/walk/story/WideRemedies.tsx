import { faceName } from '#core/car';
import type { Cure, RemedyAbout } from '#core/walk';
import { sentence } from '#core/wording';
import { RemedyFold } from '../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../sync/useWalk';

const wide: readonly (readonly [about: RemedyAbout, likely: readonly Cure[]])[] = [
  [{ of: 'car' }, ['polish', 'clean', 'mechanical']],
  [{ of: 'cabin' }, ['clean', 'replace']],
  [{ of: 'side', side: 'left' }, ['polish', 'clean']],
  [{ of: 'side', side: 'right' }, ['polish', 'clean']],
];

/** What is done to more than a part, and who decides: the whole car polished, its cabin cleaned. */
export function WideRemedies({ walk }: { walk: OpenWalk }) {
  const nameOf = (about: RemedyAbout): string => {
    if (about.of === 'side') return sentence(faceName(about.side, walk.page.car));
    return about.of === 'cabin' ? 'The cabin' : 'The whole car';
  };
  return (
    <section aria-labelledby="wide-title" className="space-y-2">
      <h2 id="wide-title" className="text-xl">
        To be done to more than one part
      </h2>
      <p className="text-soft">Like a polish of the whole car, or a cabin that will be cleaned.</p>
      {wide.map(([about, likely]) => (
        <RemedyFold key={nameOf(about)} walk={walk} about={about} likely={likely} named={nameOf(about)} />
      ))}
    </section>
  );
}
