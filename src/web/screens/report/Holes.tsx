import { ChevronRight } from 'lucide-react';
import { useNavigate } from 'react-router';
import { partNames } from '#core/car';
import { whatIsLeft } from '#core/readings';
import { sentence } from '#core/wording';
import { Notice } from '../../components/Notice';
import { usePictureFacts } from '../../pictures/judgements';
import type { OpenWalk } from '../../sync/useWalk';
import { todayIs } from '../papers/today';
import { type Hole, holesOf } from './holesOf';

/** What the report will have to say was missed; each line leads to where it is closed. */
export function Holes({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const navigate = useNavigate();
  const factsOf = usePictureFacts(page);
  const poor = state.photos.filter(({ sha256 }) => factsOf(sha256).faults.length > 0);
  const left = whatIsLeft(state, style, page.car, {
    today: todayIs(),
    poorPhotos: new Set(poor.map(({ sha256 }) => sha256)),
  });
  const nameOf = partNames(style, page.car);
  const holes = holesOf(left, style, page.car, nameOf);
  const go = ({ screen, part }: Hole['to']) => {
    if (screen) {
      navigate(`/walks/${page.walk}/${screen}`);
      return;
    }
    if (part) walk.record({ kind: 'stop-reached', body: { part } });
    navigate(`/walks/${page.walk}`);
  };
  if (holes.length === 0) return <Notice>Every part was looked at and every reading taken.</Notice>;
  return (
    <section>
      <h2 className="text-xl">The report will say that this is missing</h2>
      <ul className="mt-2">
        {holes.map(({ title, names, count, to }) => (
          <li key={title} className="flex items-center gap-2 border-b border-line">
            <div className="min-w-0 flex-1 py-2">
              <h3 className="font-bold">
                {title} ({count})
              </h3>
              <p className="text-soft">{names.map((name) => sentence(name)).join(' · ')}</p>
            </div>
            <button
              type="button"
              aria-label={`Go to: ${title}`}
              onClick={() => go(to)}
              className="grid size-12 shrink-0 place-items-center rounded-md border border-line"
            >
              <ChevronRight aria-hidden size={22} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
