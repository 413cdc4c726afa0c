import { ChevronRight } from 'lucide-react';
import { useNavigate } from 'react-router';
import { partNames } from '#core/car';
import { whatIsLeft } from '#core/readings';
import { sentence } from '#core/wording';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { usePictureFacts } from '../../../pictures/judgements';
import type { OpenWalk } from '../../../sync/useWalk';
import { todayIs } from '../../walk/papers/today';
import { useOdometerElsewhere } from '../../walk/papers/useOdometerElsewhere';
import { type Hole, type HoleItem, holesOf, questionsOf } from './holesOf';

/** What the report will have to say was missed: counts, each opening to what it counts, each thing leading to where it is closed. */
export function Holes({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const navigate = useNavigate();
  const factsOf = usePictureFacts(page);
  const poor = state.photos.filter(({ sha256 }) => factsOf(sha256).faults.length > 0);
  const otherWalks = useOdometerElsewhere(page.car.id);
  const left = whatIsLeft(state, style, page.car, {
    today: todayIs(),
    poorPhotos: new Set(poor.map(({ sha256 }) => sha256)),
    otherWalks,
  });
  const nameOf = partNames(style, page.car);
  const holes = holesOf(left, style, page.car, nameOf);
  const questions = questionsOf(left, nameOf);
  const go = ({ screen, part }: HoleItem['to']) => {
    if (screen) {
      navigate(`/walks/${page.walk}/${screen}`);
      return;
    }
    if (part) walk.record({ kind: 'stop-reached', body: { part } });
    navigate(`/walks/${page.walk}`);
  };
  if (holes.length + questions.length === 0)
    return <Notice>Every part was looked at and every reading taken.</Notice>;
  return (
    <>
      {questions.length > 0 && (
        <section aria-labelledby="questions-title">
          <h2 id="questions-title" className="text-xl">
            Settle this first ({questions.length})
          </h2>
          <p className="mb-2 text-sm text-soft">
            Signed as it is, the report tells it to the buyer. Tap a line to go where it is mended.
          </p>
          <Ways items={questions} go={go} />
        </section>
      )}
      {holes.length > 0 && <Missing holes={holes} go={go} />}
    </>
  );
}

interface Going {
  go: (to: HoleItem['to']) => void;
}

function Missing({ holes, go }: Going & { holes: readonly Hole[] }) {
  return (
    <section>
      <h2 className="text-xl">The report will say that this is missing</h2>
      <p className="mb-2 text-sm text-soft">Open a line to see what it counts; tap a thing to go there.</p>
      {holes.map(({ title, items, count }) => (
        <div key={title} className="flex items-start gap-2">
          <div className="min-w-0 flex-1">
            <Fold title={`${title} (${count})`}>
              <Ways items={items} go={go} />
            </Fold>
          </div>
          <button
            type="button"
            aria-label={`Go to: ${title}`}
            onClick={() => items[0] && go(items[0].to)}
            className="grid size-12 shrink-0 place-items-center rounded-md border border-line"
          >
            <ChevronRight aria-hidden size={22} />
          </button>
        </div>
      ))}
    </section>
  );
}

/** Things that are open, each with the way to where it is closed. */
function Ways({ items, go }: Going & { items: readonly HoleItem[] }) {
  return (
    <ul>
      {items.map(({ says, to }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two things of one name are two lines.
        <li key={`${says} ${i}`}>
          <button
            type="button"
            onClick={() => go(to)}
            className="flex min-h-12 w-full items-center gap-2 border-b border-line text-left hover:bg-fill"
          >
            <span className="min-w-0 flex-1">{sentence(says)}</span>
            <ChevronRight aria-hidden size={20} className="shrink-0" />
          </button>
        </li>
      ))}
    </ul>
  );
}
