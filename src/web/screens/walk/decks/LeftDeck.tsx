import { Link } from 'react-router';
import { partNameForAnyone, sentence } from '#core/car';
import { type OthersLeft, othersLeft } from '#core/readings';
import { type PhotoLeft, WHOLE_CAR_PHOTOS } from '#core/walk';
import { buttonLook } from '../../../components/Button';
import { timeLeftMs } from '../../functions/timers';
import { leftFrom } from '../walkModel';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** What is left of functions, things and papers, a line each, with the way there. */
function furtherLeft(others: OthersLeft, now: number): { to: string; says: string }[] {
  const { running, functions, items, isSmellLeft, papers } = others;
  return [
    ...running.map(({ name, begunAt, facts }) => {
      const isDue =
        begunAt !== undefined && facts?.takes !== undefined && timeLeftMs(begunAt, facts.takes, now) === 0;
      return { to: 'functions', says: `${isDue ? 'Look now' : 'Test that runs'}: ${name}` };
    }),
    ...(functions.length > 0 ? [{ to: 'functions', says: `Functions to try: ${functions.length}` }] : []),
    ...(isSmellLeft ? [{ to: 'kit', says: 'Smell of the cabin' }] : []),
    ...(items.length > 0 ? [{ to: 'kit', says: `Things to count: ${items.length}` }] : []),
    ...(papers.length > 0 ? [{ to: 'papers', says: `Papers: ${papers.join(', ')}` }] : []),
  ];
}

/** What is left, in walking order from where one stands. */
export function LeftDeck({ walk, here, setDeck, goTo, cover }: DeckProps) {
  const { state, style, page } = walk;
  const others = othersLeft(state, page.car);
  const further = furtherLeft(others, Date.now());
  const name = (id: string) => {
    const part = style.parts.get(id);
    return part ? sentence(partNameForAnyone(part, page.car)) : id;
  };
  const photoParts = (why: PhotoLeft['why']) =>
    cover.photosLeft.flatMap((photo) => (photo.why === why && photo.why !== 'whole-car' ? [photo.part] : []));
  const groups: { title: string; parts: readonly string[]; to?: string }[] = [
    { title: 'Not looked at', parts: leftFrom(state, style, here).map((stop) => stop.part) },
    { title: 'Tread to read', parts: cover.treadsLeft },
    { title: 'Figure to read', parts: cover.odometerLeft ? ['odometer'] : [] },
    { title: 'Paint depth to read', parts: cover.isPaintRead ? cover.paintLeft : [], to: 'paint' },
    { title: 'Second look wanted', parts: cover.unresolved },
    { title: 'Close-up of a finding', parts: photoParts('finding-close-up') },
    { title: 'Photo of where a finding is', parts: photoParts('finding-place') },
    { title: 'Photo of how it is now, put right', parts: photoParts('finding-after') },
    { title: 'Photo of the part', parts: photoParts('part') },
    { title: 'Photo of the figure', parts: photoParts('odometer') },
  ].filter((group) => group.parts.length > 0);
  const wholeCar = cover.photosLeft.find((photo) => photo.why === 'whole-car');
  return (
    <>
      <DeckHead
        title={groups.length > 0 ? 'What is left' : 'Nothing is left'}
        note={`${cover.visited} of ${cover.total} parts visited`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-0 flex-1 overflow-y-auto p-2">
        {groups.map((group) => (
          <section key={group.title} className="mb-3">
            <h3 className="px-1 text-sm text-soft">
              {group.title} ({group.parts.length})
            </h3>
            <ul>
              {[...new Set(group.parts)].map((part) => (
                <li key={part}>
                  {group.to ? (
                    <Link
                      to={`/walks/${page.walk}/${group.to}?part=${part}`}
                      className="flex min-h-12 w-full items-center border-b border-line px-1"
                    >
                      {name(part)}
                    </Link>
                  ) : (
                    <button
                      type="button"
                      onClick={() => goTo(part)}
                      className="min-h-12 w-full border-b border-line px-1 text-left"
                    >
                      {name(part)}
                    </button>
                  )}
                </li>
              ))}
            </ul>
          </section>
        ))}
        {wholeCar && (
          <p className="px-1 pb-3">
            Photos of the whole car: {wholeCar.have} of {WHOLE_CAR_PHOTOS}, one from each corner.
          </p>
        )}
        {further.length > 0 && (
          <section className="mb-3">
            <h3 className="px-1 text-sm text-soft">Beyond the parts</h3>
            <ul>
              {further.map(({ to, says }) => (
                <li key={says}>
                  <Link
                    to={`/walks/${page.walk}/${to}`}
                    className="flex min-h-12 items-center border-b border-line px-1"
                  >
                    {says}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        )}
        {groups.length === 0 && further.length === 0 && !wholeCar && (
          <p className="p-2">Every part was looked at and every reading taken.</p>
        )}
      </div>
      <div className="border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Link
          to={`/walks/${page.walk}/report`}
          className={`${buttonLook(groups.length === 0 ? 'main' : 'plain')} w-full`}
        >
          Go to the report
        </Link>
      </div>
    </>
  );
}
