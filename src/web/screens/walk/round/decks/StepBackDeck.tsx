import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { type FaceId, faceName, outsideFaces, partNameWithoutSide, vocabularyOf } from '#core/car';
import {
  type Finding,
  findingLine,
  isStanding,
  type NoticeDistance,
  noticeDistances,
  noticeWords,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { Strip } from '../../../../map/Strip';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** The second lap: side by side, from where can each finding be seen? What was said while logging stands until it is answered otherwise. */
export function StepBackDeck({ walk, face, turn, say, setDeck }: DeckProps) {
  const { state, style, page } = walk;
  const [walked, setWalked] = useState<readonly FaceId[]>([]);
  const vocabulary = vocabularyOf(page.car);
  const findings = state.findings.filter(isStanding);
  const on = (side: string) => findings.filter(({ part }) => style.parts.get(part)?.face === side);
  const here = on(face);
  const unsaid = here.filter(({ details }) => details.notice === undefined);
  const nextSide = outsideFaces.find(
    (side) => side !== face && !walked.includes(side) && on(side).length > 0,
  );
  const walkTo = (side: FaceId) => {
    setWalked((now) => [...now, face]);
    turn(side);
  };
  const answer = (finding: Finding, notice: NoticeDistance) =>
    say({ kind: 'notice-answered', body: { finding: finding.id, notice } });
  const finish = () => {
    say({ kind: 'lap-begun', body: { lap: 'close' } });
    setDeck({ mode: 'stop' });
  };
  return (
    <>
      <DeckHead
        title={`Step back: ${faceName(face, page.car)}`}
        note={
          here.length === 0
            ? 'Nothing was found on this side.'
            : 'What can you see from one step back (1 m), what from across the bay (3 m)? What you said before is marked; tap another to change it.'
        }
        closeLabel="Back to the close lap"
        onClose={finish}
      />
      <ul className="min-h-12 flex-1 overflow-y-auto">
        {here.map((finding) => (
          <li key={finding.id} className="border-b border-line p-2">
            <p className="flex items-center gap-2 pb-1 leading-tight">
              <Strip
                number={finding.number}
                notice={finding.details.notice}
                standing={finding.standing.status}
                small
              />
              <span>
                {sentence(partNameWithoutSide(style.parts.get(finding.part) ?? { kind: 'bonnet' }, page.car))}
                : {findingLine(finding, vocabulary).toLowerCase()}
              </span>
            </p>
            <div className="grid grid-cols-3 gap-1">
              {noticeDistances.map((notice) => (
                <button
                  key={notice}
                  type="button"
                  aria-label={`Finding ${finding.number}: ${noticeWords[notice].name}`}
                  aria-pressed={finding.details.notice === notice}
                  onClick={() => answer(finding, notice)}
                  className="min-h-12 rounded-md border border-line px-1 leading-tight aria-pressed:border-accent aria-pressed:bg-accent aria-pressed:text-on-accent"
                >
                  {noticeWords[notice].name}
                </button>
              ))}
            </div>
          </li>
        ))}
      </ul>
      <div className="grid columns-as-fit gap-2 border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button
          disabled={unsaid.length === 0}
          onClick={() =>
            say(
              ...unsaid.map((finding) => ({
                kind: 'notice-answered' as const,
                body: { finding: finding.id, notice: 'up-close' as const },
              })),
            )
          }
        >
          {restWords(unsaid.length, here.length)}
        </Button>
        {nextSide ? (
          <Button look="main" onClick={() => walkTo(nextSide)}>
            {sentence(faceName(nextSide, page.car))} <ChevronRight aria-hidden size={20} />
          </Button>
        ) : (
          <Button look="main" onClick={finish}>
            Lap done
          </Button>
        )}
      </div>
    </>
  );
}

/** What the button answers: those of which nobody has said from where they are seen. */
function restWords(unsaid: number, here: number): string {
  if (unsaid === 0) return here === 0 ? 'Nothing to answer' : 'All answered';
  if (unsaid === here) return unsaid === 1 ? 'It: only up close' : `All ${unsaid}: only up close`;
  return unsaid === 1 ? 'The one left: only up close' : `The ${unsaid} left: only up close`;
}
