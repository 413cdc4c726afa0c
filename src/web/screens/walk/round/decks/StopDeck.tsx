import { Brush, Camera, Check, ChevronLeft, ChevronRight, EyeOff, Plus } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { middleOf, partNameForAnyone, vocabularyOf } from '#core/car';
import { contradictions } from '#core/readings';
import {
  findingCaution,
  findingLine,
  isStanding,
  type LookId,
  looksFor,
  partStatus,
  standingLooks,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { Notice } from '../../../../components/Notice';
import { afterPaint } from '../../../../device/afterPaint';
import { statusWords } from '../../../../map/partMarks';
import { Strip } from '../../../../map/Strip';
import { FetchedPiece } from '../../../../shell/RouteBoundary';
import { concernsOf } from '../concernsOf';
import type { DeckProps } from './deckProps';
import { LookedFor } from './LookedFor';
import { OdometerEntry } from './OdometerEntry';
import { knownHere, notThereOnly, treadEntry } from './readPieces';
import { StopNotes } from './StopNotes';
import { StopReadings } from './StopReadings';
import { ThisPart } from './ThisPart';
import { WeakSpotsHere } from './WeakSpotsHere';

// Made once: the deck is drawn anew with every tap.
const icons = {
  photo: <Camera aria-hidden size={20} />,
  notSeen: <EyeOff aria-hidden size={20} className="shrink-0" />,
  finding: <Plus aria-hidden size={20} />,
  before: <ChevronLeft aria-hidden size={26} />,
  clear: <Check aria-hidden size={26} />,
  after: <ChevronRight aria-hidden size={26} />,
  sweep: <Brush aria-hidden size={20} className="shrink-0" />,
  go: <ChevronRight aria-hidden size={20} className="shrink-0" />,
};

/** What there is to do at a stop: one tap when there is nothing to say. */
export function StopDeck({ walk, here, route, cover, setDeck, sayAndWalkOn, step, say }: DeckProps) {
  const { state, style, page } = walk;
  const part = style.parts.get(here);
  const before = state.looks.get(here);
  const [chosen, setChosen] = useState<readonly LookId[]>(before?.status === 'clear' ? before.absent : []);
  const heading = useRef<HTMLHeadingElement>(null);
  // The button one pressed is gone with the stop before: keys and readers go on at this one.
  useEffect(
    () =>
      afterPaint(() => {
        const at = document.activeElement;
        if (!at || at === document.body) heading.current?.focus({ preventScroll: true });
      }),
    [],
  );
  if (!part) return null;
  const at = route.findIndex((stop) => stop.part === here) + 1;
  const findings = state.findings.filter((finding) => finding.part === here);
  const photos = state.photos.filter(
    (photo) => photo.part === here || findings.some((finding) => finding.id === photo.finding),
  );
  const concerns = concernsOf(walk);
  const known = concerns.get(here) ?? [];
  const status = partStatus(state, here, concerns);
  const look = state.looks.get(here);
  const spotsLeft = cover.spotsLeft.filter((left) => left.part === here).length;
  const doubts = contradictions(state).flatMap(({ part: at, says }) => (at === here ? [says] : []));
  const vocabulary = vocabularyOf(page.car);
  // A fault that stands here is not offered as not there.
  const offered = standingLooks(looksFor(part), part, findings);
  const absent = offered.filter((id) => chosen.includes(id));
  const notThere = state.notThere.get(here) ?? [];
  return (
    <>
      <div className="min-h-12 flex-1 space-y-2 overflow-y-auto p-3">
        <div>
          <h2 ref={heading} tabIndex={-1} className="text-xl leading-tight outline-none">
            {sentence(partNameForAnyone(part, page.car))}
          </h2>
          <p className="text-sm text-soft tabular-nums">
            Stop {at} of {route.length} · {statusWords[status]}
            {look?.status === 'not-seen' && `: ${look.why}`}
            {status === 'clear' && look?.status === 'clear' && !look.isOwn && ', in a sweep'}
            {spotsLeft > 0 && ` · ${spotsLeft} ${spotsLeft === 1 ? 'weak spot' : 'weak spots'} to look for`}
          </p>
        </div>
        {known.length > 0 && (
          <FetchedPiece
            screen={knownHere}
            meanwhile={<div className="min-h-12" />}
            known={known}
            car={page.car}
          />
        )}
        {doubts.map((says) => (
          <Notice key={says} look="warn">
            {sentence(says)}
          </Notice>
        ))}
        <StopNotes {...{ walk, part, say, setDeck }} reminders={route[at - 1]?.reminders} />
        <WeakSpotsHere {...{ walk, part, say, setDeck }} key={`spots ${here}`} />
        {part.id.startsWith('tyre-') && (
          <FetchedPiece
            key={here}
            screen={treadEntry}
            meanwhile={<div className="min-h-40" />}
            {...{ walk, say }}
            part={here}
          />
        )}
        <StopReadings walk={walk} part={part} />
        {part.kind === 'odometer' && <OdometerEntry walk={walk} say={say} />}
        {findings.length > 0 ? (
          <ul className="space-y-1">
            {findings.map((finding) => (
              <li key={finding.id}>
                <button
                  type="button"
                  className="flex min-h-12 w-full items-center gap-3 text-left"
                  onClick={() => setDeck({ mode: 'refine', finding: finding.id })}
                >
                  <Strip
                    number={finding.number}
                    notice={finding.details.notice}
                    standing={finding.standing.status}
                    warns={isStanding(finding) && findingCaution(finding, part) !== undefined}
                  />
                  <span className={isStanding(finding) ? '' : 'text-soft line-through'}>
                    {findingLine(finding, vocabulary)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        ) : (
          part.face && <p className="text-soft max-lg:text-sm">Tap the spot on the map to log a finding.</p>
        )}
        <LookedFor
          looks={offered}
          chosen={absent}
          vocabulary={vocabulary}
          onChange={(looks) => setChosen(looks)}
        />
        {absent.length + notThere.length > 0 && (
          <FetchedPiece
            screen={notThereOnly}
            {...{ part, vocabulary }}
            looks={absent}
            known={notThere}
            onSay={(not) => {
              say({ kind: 'not-there-noted', body: { part: here, ...not } });
              setChosen([]);
            }}
          />
        )}
        <button
          type="button"
          className="flex min-h-12 w-full items-center gap-2 rounded-md border border-line px-3 text-left"
          onClick={() => setDeck({ mode: 'sweep' })}
        >
          {icons.sweep} <span className="min-w-0 flex-1">Clear more than this part at once</span>
          {icons.go}
        </button>
        <ThisPart walk={walk} part={part} />
      </div>
      <div className="space-y-2 border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <div className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,5.6rem),1fr))] gap-2">
          <Button className="px-1! whitespace-nowrap" onClick={() => setDeck({ mode: 'photos' })}>
            {icons.photo} Photo
            {photos.length > 0 && <span className="tabular-nums">{photos.length}</span>}
          </Button>
          <Button className="px-1! whitespace-nowrap" onClick={() => setDeck({ mode: 'not-seen' })}>
            {icons.notSeen} Not seen
          </Button>
          <Button
            className="px-1! whitespace-nowrap"
            onClick={() => setDeck({ mode: 'kinds', part: here, spot: middleOf(part) })}
          >
            {icons.finding} Finding
          </Button>
        </div>
        <div className="grid grid-cols-[minmax(2.75rem,3.5rem)_minmax(0,1fr)_minmax(2.75rem,3.5rem)] gap-2">
          <Button className="min-h-16 min-w-0 px-0!" aria-label="Stop before" onClick={() => step(-1)}>
            {icons.before}
          </Button>
          <Button
            look="main"
            className="min-h-16 px-1! text-xl"
            onClick={() =>
              sayAndWalkOn({
                kind: 'part-cleared',
                body: { part: here, ...(absent.length > 0 && { absent }) },
              })
            }
          >
            {icons.clear} {findings.length + known.length > 0 ? 'Rest is clear' : 'Clear'}
          </Button>
          <Button className="min-h-16 min-w-0 px-0!" aria-label="Next stop" onClick={() => step(1)}>
            {icons.after}
          </Button>
        </div>
      </div>
    </>
  );
}
