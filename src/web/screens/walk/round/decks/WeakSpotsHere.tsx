import { Check, CircleHelp, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { middleOf, type Part, vocabularyOf } from '#core/car';
import {
  type FindingKind,
  findingKindName,
  kindsFor,
  type SpotAsked,
  type SpotWay,
  spotStanding,
} from '#core/walk';
import { Button } from '../../../../components/Button';
import { Field, inputLook } from '../../../../components/Field';
import type { DeckProps } from './deckProps';

interface WeakSpotsHereProps extends Pick<DeckProps, 'walk' | 'say' | 'setDeck'> {
  part: Part;
}

const ways: Record<SpotWay, string> = {
  look: 'Look',
  open: 'Open it',
  torch: 'With a torch',
  feel: 'Feel',
  wait: 'Wait',
};

/** What such cars are known for at this part, each to be answered: not there, there, or nobody could tell. */
export function WeakSpotsHere({ walk, part, say, setDeck }: WeakSpotsHereProps) {
  const here = [...walk.state.weakSpots.values()].filter((spot) => spot.part === part.id);
  if (here.length === 0) return null;
  return (
    <section aria-label="Such cars are known for">
      <h3 className="mb-1 text-sm font-bold text-soft">Such cars are known for</h3>
      <ul className="space-y-2">
        {here.map((asked) => (
          <li key={asked.spot}>
            <WeakSpot {...{ walk, part, say, setDeck, asked }} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function WeakSpot({ walk, part, say, setDeck, asked }: WeakSpotsHereProps & { asked: SpotAsked }) {
  const [asking, setAsking] = useState<'there' | 'could-not-tell' | 'again'>();
  const [why, setWhy] = useState('');
  const { state, page } = walk;
  const { spot, title, look, how, caution, fine, kinds } = asked;
  const standing = spotStanding(state, asked);
  const answer = (body: {
    answer: 'not-there' | 'there' | 'could-not-tell' | null;
    finding?: string;
    why?: string;
  }) => {
    say({ kind: 'weak-spot-answered', body: { spot, part: part.id, ...body } });
    setAsking(undefined);
  };
  const log = (kind: FindingKind) => {
    const finding = newId();
    say(
      {
        kind: 'finding-noted',
        body: { finding, part: part.id, spot: middleOf(part), kind, suspected: false, details: {} },
      },
      { kind: 'weak-spot-answered', body: { spot, part: part.id, answer: 'there', finding } },
    );
    setDeck({ mode: 'refine', finding });
  };
  if (standing.status !== 'left' && asking === undefined)
    return (
      <div className="flex min-h-12 items-center gap-2 border-b border-line">
        {standing.status === 'could-not-tell' ? (
          <CircleHelp aria-hidden size={20} className="shrink-0" />
        ) : standing.status === 'there' ? (
          <TriangleAlert aria-hidden size={20} className="shrink-0" />
        ) : (
          <Check aria-hidden size={20} className="shrink-0" />
        )}
        <p className="min-w-0 flex-1 leading-tight">
          {standing.status === 'not-there' && `Looked for: ${fine}`}
          {standing.status === 'there' &&
            `${title}: there (${standing.findings.map(({ number }) => number).join(', ')})`}
          {standing.status === 'could-not-tell' &&
            `${title}: could not tell${standing.why ? `, ${standing.why}` : ''}`}
        </p>
        {standing.status !== 'there' && (
          <Button className="shrink-0" onClick={() => setAsking('again')} aria-label={`Change: ${title}`}>
            Change
          </Button>
        )}
      </div>
    );
  return (
    <div className="rounded-md border border-ink bg-tape-pale p-2">
      <p className="font-bold leading-tight">{title}</p>
      <p className="leading-snug">
        <span className="font-bold">{ways[how]}:</span> {look}
      </p>
      {caution && (
        <p className="mt-1 flex gap-2 font-bold text-warn">
          <TriangleAlert aria-hidden size={18} className="mt-0.5 shrink-0" /> {caution}
        </p>
      )}
      {asking === 'there' ? (
        <div className="mt-2">
          <p className="mb-1 font-bold">What is it?</p>
          <div className="grid columns-as-fit gap-2">
            {(kinds.length > 0 ? kinds : kindsFor(part).slice(0, 4)).map((kind) => (
              <Button key={kind} onClick={() => log(kind)}>
                {findingKindName(kind, vocabularyOf(page.car))}
              </Button>
            ))}
            <Button onClick={() => setAsking(undefined)}>Back</Button>
          </div>
        </div>
      ) : asking === 'could-not-tell' ? (
        <form
          className="mt-2"
          onSubmit={(event) => {
            event.preventDefault();
            answer({ answer: 'could-not-tell', ...(why.trim() && { why: why.trim() }) });
          }}
        >
          <Field id={`why-${spot}`} label="Why not?">
            <div className="flex gap-2">
              <input
                id={`why-${spot}`}
                className={inputLook}
                maxLength={200}
                autoComplete="off"
                value={why}
                aria-describedby={`why-${spot}-says`}
                onChange={({ target }) => setWhy(target.value)}
              />
              <Button type="submit" look="tape">
                Save
              </Button>
            </div>
          </Field>
        </form>
      ) : (
        <div className="mt-2 grid grid-cols-[repeat(auto-fit,minmax(6rem,1fr))] gap-2">
          <Button look="main" className="px-2!" onClick={() => answer({ answer: 'not-there' })}>
            Not there
          </Button>
          <Button className="px-2!" onClick={() => setAsking('there')}>
            There
          </Button>
          <Button className="px-2!" onClick={() => setAsking('could-not-tell')}>
            Could not tell
          </Button>
        </div>
      )}
    </div>
  );
}
