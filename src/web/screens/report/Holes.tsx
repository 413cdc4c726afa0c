import { ChevronRight } from 'lucide-react';
import { useNavigate } from 'react-router';
import { type PartId, partNameForAnyone, sentence } from '#core/car';
import { othersLeft, papersTable } from '#core/readings';
import { type Coverage, isStanding, type PhotoLeft } from '#core/walk';
import { Notice } from '../../components/Notice';
import { usePictureFacts } from '../../pictures/judgements';
import type { OpenWalk } from '../../sync/useWalk';
import { todayIs } from '../papers/today';
import { leftInWords } from './leftInWords';

interface Hole {
  title: string;
  names: readonly string[];
  count?: number;
  /** Where it is closed: at a part of the walk, or on a screen of its own. */
  to?: { part: PartId | undefined } | { screen: string };
}

/** What the report will have to say was missed; each line leads to where it is closed. */
export function Holes({ cover, walk }: { cover: Coverage; walk: OpenWalk }) {
  const name = (id: string) => {
    const part = walk.style.parts.get(id);
    return part ? partNameForAnyone(part, walk.page.car) : id;
  };
  const navigate = useNavigate();
  const go = (to: NonNullable<Hole['to']>) => {
    if ('screen' in to) {
      navigate(`/walks/${walk.page.walk}/${to.screen}`);
      return;
    }
    if (to.part) walk.record({ kind: 'stop-reached', body: { part: to.part } });
    navigate(`/walks/${walk.page.walk}`);
  };
  const ofFindings = (why: 'finding-close-up' | 'finding-place' | 'finding-after') =>
    cover.photosLeft.flatMap((photo) => (photo.why === why ? [`${photo.number}, ${name(photo.part)}`] : []));
  const others = othersLeft(walk.state, walk.page.car);
  const estimated = walk.state.findings.filter(
    (finding) => isStanding(finding) && finding.details.notice === undefined,
  );
  const factsOf = usePictureFacts(walk.page);
  const poor = walk.state.photos.filter(({ sha256 }) => factsOf(sha256).faults.length > 0);
  const { asks } = papersTable(walk.state, walk.page.car, todayIs());
  const at = (part: PartId | undefined) => ({ part });
  const on = (screen: string) => ({ screen });
  const firstOf = (why: PhotoLeft['why']) =>
    cover.photosLeft.flatMap((photo) =>
      photo.why === why && photo.why !== 'whole-car' ? [photo.part] : [],
    )[0];
  const all: Hole[] = [
    {
      title: 'Parts not looked at',
      names: leftInWords(cover, walk.style, walk.page.car),
      count: cover.left.length,
      to: at(cover.left[0]?.part),
    },
    {
      title: 'Could not be seen',
      names: cover.notSeen.map(({ part, why }) => `${name(part)}: ${why}`),
      to: at(cover.notSeen[0]?.part),
    },
    { title: 'Tread not read', names: cover.treadsLeft.map(name), to: on('tyres') },
    { title: 'Odometer', names: cover.odometerLeft ? ['not read'] : [], to: at('odometer') },
    { title: 'Suspicions not settled', names: cover.unresolved.map(name), to: at(cover.unresolved[0]) },
    { title: 'No close-up', names: ofFindings('finding-close-up'), to: at(firstOf('finding-close-up')) },
    {
      title: 'Put right, and no photo of how it is now',
      names: ofFindings('finding-after'),
      to: at(firstOf('finding-after')),
    },
    {
      title: 'No photo of where it is',
      names: ofFindings('finding-place'),
      to: at(firstOf('finding-place')),
    },
    {
      title: 'No photo of the part',
      names: cover.photosLeft.flatMap((photo) => (photo.why === 'part' ? [name(photo.part)] : [])),
      to: at(firstOf('part')),
    },
    {
      title: 'Number plates',
      names:
        cover.plates.length > 0
          ? [`${cover.plates.length} photos on which a plate may be read: nobody has looked`]
          : [],
      count: cover.plates.length,
      to: on('pictures'),
    },
    {
      title: 'Photos that may not show what they should',
      names: poor.length > 0 ? ['soft, shaken, too dark or too bright: look at them again'] : [],
      count: poor.length,
      to: on('pictures'),
    },
    {
      title: 'Photos without a place',
      names: cover.brought > 0 ? ['they are not in the report'] : [],
      count: cover.brought,
      to: on('pictures'),
    },
    {
      title: 'Distance worked out, not walked',
      names: estimated.map(({ number, part }) => `${number}, ${name(part)}`),
      to: at(estimated[0]?.part),
    },
    {
      title: 'Functions not tried',
      names: others.isFunctionsBegun ? others.functions.map(({ name: each }) => each) : ['none was tried'],
      to: on('functions'),
    },
    {
      title: 'What comes with it, not counted',
      names: others.isKitBegun ? others.items.map(({ name: each }) => each) : ['nothing was counted'],
      to: on('kit'),
    },
    { title: 'Smell of the cabin', names: others.isSmellLeft ? ['not noted'] : [], to: on('kit') },
    {
      title: 'Papers',
      names: others.isPapersBegun ? others.papers : ['nothing was noted'],
      to: on('papers'),
    },
    {
      title: 'Conditions',
      names: walk.state.conditions.whole ? [] : ['light, wet and dirt not noted'],
      to: at(undefined),
    },
    { title: 'Figures and numbers that do not agree', names: asks, to: on('papers') },
  ];
  const groups = all.filter((group) => group.names.length > 0);
  if (groups.length === 0) return <Notice>Every part was looked at and every reading taken.</Notice>;
  return (
    <section>
      <h2 className="text-xl">The report will say that this is missing</h2>
      <ul className="mt-2">
        {groups.map((group) => (
          <li key={group.title} className="flex items-center gap-2 border-b border-line">
            <div className="min-w-0 flex-1 py-2">
              <h3 className="font-bold">
                {group.title} ({group.count ?? group.names.length})
              </h3>
              <p className="text-soft">{group.names.map((entry) => sentence(entry)).join(' · ')}</p>
            </div>
            {group.to && (
              <button
                type="button"
                aria-label={`Go to: ${group.title}`}
                onClick={() => group.to && go(group.to)}
                className="grid size-12 shrink-0 place-items-center rounded-md border border-line"
              >
                <ChevronRight aria-hidden size={22} />
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
