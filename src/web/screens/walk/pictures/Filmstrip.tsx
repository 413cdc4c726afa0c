import { pictureOf } from '#core/walk';
import { twinAmong, type usePictureFacts } from '../../../pictures/judgements';
import type { OpenWalk } from '../../../sync/useWalk';
import { Frame } from './Frame';
import type { filmOf } from './pictureList';

type Film = ReturnType<typeof filmOf>;

interface FilmstripProps {
  walk: OpenWalk;
  film: Film;
  chosen: Film[number] | undefined;
  nameOf: (part: string | undefined) => string;
  factsOf: ReturnType<typeof usePictureFacts>;
  onChoose: (sha256: string) => void;
  onMove: (sha256: string, by: number) => void;
  onOpen: (sha256: string) => void;
}

/** All pictures of a walk in the order they were taken, each with where it belongs. */
export function Filmstrip(props: FilmstripProps) {
  const { walk, film, chosen, nameOf, factsOf, onChoose, onMove, onOpen } = props;
  const { state } = walk;
  const earlier: string[] = [];
  if (film.length === 0)
    return (
      <section aria-label="Filmstrip" className="border-t border-ink bg-fill">
        <p className="p-4 text-lg">
          No pictures yet. Drop a folder or the files of a memory card here; Zelk puts them where they belong
          by the time they were taken.
        </p>
      </section>
    );
  return (
    <section aria-label="Filmstrip" className="border-t border-ink bg-fill">
      <div className="flex gap-1 overflow-x-auto p-2">
        {film.map((each) => {
          const facts = factsOf(each.sha256);
          const isCopy = twinAmong(each.sha256, earlier, factsOf) !== undefined;
          earlier.push(each.sha256);
          const role = each.placed?.role ?? each.proposal?.role;
          const finding = each.placed ? each.placed.finding : each.proposal?.finding;
          const number = state.findings.find(({ id }) => id === finding)?.number;
          const place =
            role === 'whole-car' ? 'Whole car' : nameOf(each.placed ? each.placed.part : each.proposal?.part);
          return (
            <Frame
              key={each.sha256}
              frame={each}
              place={number === undefined ? place : `${number} · ${place}`}
              isChosen={each === chosen}
              {...(facts.faults[0] && { fault: facts.faults[0] })}
              isCopy={isCopy}
              isHidden={(pictureOf(state, each.sha256).boxes?.length ?? 0) > 0}
              isCover={state.cover === each.sha256}
              onChoose={() => onChoose(each.sha256)}
              onMove={(by) => onMove(each.sha256, by)}
              onOpen={() => onOpen(each.sha256)}
            />
          );
        })}
      </div>
    </section>
  );
}
