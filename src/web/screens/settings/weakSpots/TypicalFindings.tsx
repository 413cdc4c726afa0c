import { useQuery } from '@tanstack/react-query';
import type { TypicalPage } from '#core/api';
import type { PartKind } from '#core/car';
import { type FindingKind, findingKindName } from '#core/walk';
import type { WeakSpot } from '#core/weakSpots';
import { getJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { partKindName } from './spotWords';

type Typical = TypicalPage['typical'][number];

interface TypicalFindingsProps {
  spots: readonly WeakSpot[];
  mayChange: boolean;
  /** Begins a spot from what was found. */
  onSpot: (draft: WeakSpot) => void;
}

const percent = (share: number) => Math.round(share * 100);
const rate = ({ met, of, low, high }: Typical['here']) =>
  `${met} of ${of} (${percent(met / of)} %, likely ${percent(low)} to ${percent(high)} %)`;
const SHOWN = 6;

/** What the yard's own finished walks show as typical of a model; each may become a spot. */
export function TypicalFindings({ spots, mayChange, onSpot }: TypicalFindingsProps) {
  const page = useQuery({
    queryKey: ['typical'],
    queryFn: () => getJson<TypicalPage>('/api/weak-spots/typical'),
  });
  if (!page.data) return null;
  const { walks, needed, typical } = page.data;
  const isAsked = ({ make, model, part, kind }: Typical) =>
    spots.some(
      (spot) =>
        spot.cars.make?.toLowerCase() === make.toLowerCase() &&
        spot.cars.model?.replace(/\*$/, '').toLowerCase() === model.toLowerCase() &&
        spot.on.includes(part as PartKind) &&
        spot.kinds.includes(kind as FindingKind),
    );
  const open = typical.filter((each) => !isAsked(each));
  return (
    <section aria-labelledby="typical">
      <h2 id="typical" className="text-xl">
        What your own findings show
      </h2>
      {walks < needed ? (
        <p className="mt-1">
          After {needed} cars with a signed report Zelk says here what your own findings show as typical. So
          far there {walks === 1 ? 'is' : 'are'} {walks}.
        </p>
      ) : open.length === 0 ? (
        <p className="mt-1">
          In {walks} cars no model stands apart from the others by more than chance in anything not asked for
          already.
        </p>
      ) : (
        <ul className="mt-1">
          {open.slice(0, SHOWN).map((each) => {
            const kind = findingKindName(each.kind as FindingKind, 'uk');
            const part = partKindName(each.part as PartKind);
            return (
              <li
                key={`${each.make} ${each.model} ${each.part} ${each.kind}`}
                className="flex flex-wrap items-center gap-3 border-b border-line py-2"
              >
                <p className="min-w-64 flex-1">
                  <b>
                    {each.make} {each.model}: {kind.toLowerCase()} on the {part}
                  </b>
                  <span className="block tabular-nums">
                    {rate(each.here)}; of all others {rate(each.others)}.
                  </span>
                </p>
                {mayChange && (
                  <Button onClick={() => onSpot(draftOf(each, kind, part))}>Make it a weak spot</Button>
                )}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

/** A spot as far as the findings tell it; what to look for is for whoever knows. */
function draftOf({ make, model, part, kind }: Typical, kindName: string, partName: string): WeakSpot {
  return {
    id: `${make}-${model}-${part}-${kind}`
      .toLowerCase()
      .replace(/[^a-z0-9-]+/g, '-')
      .slice(0, 60),
    title: `${kindName} on the ${partName}`,
    look: '',
    how: 'look',
    fine: `no ${kindName.toLowerCase()} on the ${partName}`,
    kinds: [kind as FindingKind],
    on: [part as PartKind],
    cars: { make, model: `${model}*` },
    setBy: 'findings',
  };
}
