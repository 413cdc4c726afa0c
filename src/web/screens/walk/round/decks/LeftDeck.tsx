import { Link } from 'react-router';
import { kindName, partTitles } from '#core/car';
import {
  type FunctionRow,
  functionTable,
  isTriedFirst,
  type LeftCode,
  type LeftScreen,
  leftOf,
  type WhatIsLeft,
  whatIsLeft,
} from '#core/readings';
import { WHOLE_CAR_PHOTOS } from '#core/walk';
import { buttonLook } from '../../../../components/Button';
import { timeLeftMs } from '../../functions/timers';
import { todayIs } from '../../papers/today';
import { leftFrom } from '../walkModel';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** What is left of functions, things and papers, a line each, with the way there. */
function furtherLeft(
  left: WhatIsLeft,
  functionsLeft: readonly FunctionRow[],
  now: number,
): { to: string; says: string }[] {
  const functions = functionsLeft.filter(isTriedFirst).length;
  const items = leftOf(left, 'item').length;
  const papers = leftOf(left, 'papers');
  return [
    ...leftOf(left, 'running-test').map(({ says, begunAt, takes }) => {
      const isDue = begunAt !== undefined && takes !== undefined && timeLeftMs(begunAt, takes, now) === 0;
      return { to: 'functions', says: `${isDue ? 'Look now' : 'Test that runs'}: ${says}` };
    }),
    ...(functions > 0 ? [{ to: 'functions', says: `Functions to try: ${functions}` }] : []),
    ...leftOf(left, 'smell').map(() => ({ to: 'kit', says: 'Smell of the cabin' })),
    ...(items > 0 ? [{ to: 'kit', says: `Things to count: ${items}` }] : []),
    ...(papers.length > 0
      ? [{ to: 'papers', says: `Papers: ${papers.map(({ says }) => says).join(', ')}` }]
      : []),
  ];
}

/** Groups of parts to go to, in the order they are best done; `tyre` as the car's country calls it. */
const partGroups = (tyre: string): (readonly [code: LeftCode, title: string, screen?: LeftScreen])[] => [
  ['part', 'Not looked at'],
  ['tread', 'Tread to read'],
  ['tyre-make', `Brand or size of the ${tyre}`, 'tyres'],
  ['tyre-age', `Week of make of the ${tyre}`, 'tyres'],
  ['contradiction', 'Two things said that do not agree'],
  ['promise', 'Promised, without what is done or by when'],
  ['odometer', 'Figure to read'],
  ['paint', 'Paint depth to read', 'paint'],
  ['second-look', 'Second look wanted'],
  ['weak-spot', 'Known of such cars, to look for'],
  ['close-up', 'Close-up of a finding'],
  ['place-photo', 'Photo of where a finding is'],
  ['after-photo', 'Photo of how it is now, put right'],
  ['part-photo', 'Photo of the part'],
  ['odometer-photo', 'Photo of the figure'],
];

/** What is left, in walking order from where one stands. */
export function LeftDeck({ walk, here, setDeck, goTo }: DeckProps) {
  const { state, style, page } = walk;
  const left = whatIsLeft(state, style, page.car, { today: todayIs() });
  const { cover } = left;
  const further = furtherLeft(left, functionTable(state, page.car).left, Date.now());
  const name = partTitles(style, page.car);
  const partsOf = (code: LeftCode) =>
    code === 'part'
      ? leftFrom(state, style, here).map(({ part }) => part)
      : leftOf(left, code).flatMap(({ part }) => part ?? []);
  const groups = partGroups(kindName('tyre', page.car))
    .map(([code, title, to]) => ({ title, to, parts: partsOf(code) }))
    .filter(({ parts }) => parts.length > 0);
  const [wholeCar] = leftOf(left, 'whole-car-photo');
  const isAnything = groups.length > 0 || further.length > 0 || wholeCar !== undefined;
  return (
    <>
      <DeckHead
        title={isAnything ? 'What is left' : 'Nothing is left'}
        note={`${cover.visited} of ${cover.total} parts visited`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 overflow-y-auto p-2">
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
            Photos of the whole car: {wholeCar.says} of {WHOLE_CAR_PHOTOS}, one from each corner.
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
        {!isAnything && <p className="p-2">Every part was looked at and every reading taken.</p>}
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
