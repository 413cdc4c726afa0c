import { ChevronRight, FlipHorizontal2 } from 'lucide-react';
import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { countryOf, partNameForAnyone, vocabularyOf } from '#core/car';
import {
  type Finding,
  type FindingChanges,
  findingCaution,
  findingLine,
  guessDetails,
  likelyCures,
  meantToBeSo,
  mirrorFinding,
  noticeDistances,
  noticeWords,
  repeatedWords,
  weightOf,
} from '#core/walk';
import { withinSentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';
import { Field, inputLook } from '../../../../components/Field';
import { Notice } from '../../../../components/Notice';
import { Strip } from '../../../../map/Strip';
import { RemedyEntry } from '../../../../remedy/RemedyEntry';
import { TellFirst } from '../../story/TellFirst';
import { CountAndSize } from './CountAndSize';
import { DeckHead } from './DeckHead';
import { Doubt } from './Doubt';
import type { DeckProps } from './deckProps';
import { FindingPhotos } from './FindingPhotos';
import { PutRight } from './PutRight';
import { DecidingTests, HowBad } from './SeverityEntry';

/** A logged finding made more exact. Every change is logged as it is made. */
export function RefineDeck({
  walk,
  setDeck,
  say,
  sayAndWalkOn,
  turn,
  finding,
}: DeckProps & { finding: Finding }) {
  const { page, style } = walk;
  const { details, kind, standing } = finding;
  const vocabulary = vocabularyOf(page.car);
  const part = style.parts.get(finding.part);
  const amend = (changes: FindingChanges) =>
    say({ kind: 'finding-amended', body: { finding: finding.id, changes } });
  const caution = findingCaution(finding, part);
  const guesses = guessDetails(finding, walk.state.findings, page.car.paintTone);
  const twin = mirrorFinding(finding, style);
  const mirror = ({ part, spot, details }: NonNullable<typeof twin>) => {
    const id = newId();
    const suspected = standing.status === 'suspected';
    say(
      { kind: 'stop-reached', body: { part } },
      { kind: 'finding-noted', body: { finding: id, part, spot, kind, suspected, details } },
    );
    turn(undefined);
    setDeck({ mode: 'refine', finding: id });
  };
  return (
    <>
      <DeckHead
        title={
          <span className="flex items-center gap-3">
            <Strip number={finding.number} notice={details.notice} standing={standing.status} />
            {findingLine(finding, vocabulary)}
          </span>
        }
        note={`Logged${part ? ` on the ${partNameForAnyone(part, page.car)}` : ''}`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        {caution && <Notice look="warn">{caution}</Notice>}
        <FindingPhotos walk={walk} finding={finding} say={say} />
        <HowBad {...{ finding, vocabulary, amend }} />
        <CountAndSize finding={finding} part={part} amend={amend} walk={walk} />
        <Choice
          legend="Noticed from"
          value={details.notice}
          options={noticeDistances.map((distance) => ({
            value: distance,
            label: noticeWords[distance].name,
            mark: <Strip notice={distance} standing="confirmed" small />,
          }))}
          guess={guesses.notice}
          onChange={(notice) => amend({ notice })}
          onClear={() => amend({ notice: null })}
        />
        <TellFirst walk={walk} about={{ of: 'finding', finding: finding.id }} say={say} />
        <DecidingTests {...{ finding, amend }} underFilm={part?.underFilm ?? false} />
        {standing.status !== 'put-right' && (
          <Doubt
            shapes={part ? meantToBeSo(part, vocabulary) : []}
            finding={finding}
            amend={amend}
            say={say}
          />
        )}
        <RemedyEntry
          id="finding"
          cures={details.cures}
          decision={details.decision}
          likely={likelyCures(kind, weightOf(details))}
          guess={guesses.cures}
          vocabulary={vocabulary}
          currency={countryOf(page.car.country).currency}
          onCures={(cures) => amend({ cures })}
          onDecision={(decision) => amend({ decision })}
        />
        <PutRight key={standing.status} finding={finding} vocabulary={vocabulary} amend={amend} say={say} />
        {twin && (
          <Button className="w-full" onClick={() => mirror(twin)}>
            <FlipHorizontal2 aria-hidden size={20} /> The same on the{' '}
            {partNameForAnyone(style.parts.get(twin.part) ?? { kind: 'door' }, page.car)}:{' '}
            {withinSentence(repeatedWords({ kind, details: twin.details }, vocabulary))}
          </Button>
        )}
        <CauseEntry value={details.cause ?? ''} onCause={(cause) => amend({ cause: cause || null })} />
        <NoteEntry value={details.note ?? ''} onNote={(note) => amend({ note: note || null })} />
      </div>
      <div className="grid columns-as-fit gap-2 border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button onClick={() => setDeck({ mode: 'stop' })}>Done</Button>
        <Button
          look="main"
          onClick={() => sayAndWalkOn({ kind: 'part-cleared', body: { part: finding.part } })}
        >
          Rest is clear <ChevronRight aria-hidden size={20} />
        </Button>
      </div>
    </>
  );
}

/** A guess is told as a guess, apart from what was found. */
function CauseEntry({ value, onCause }: { value: string; onCause: (cause: string) => void }) {
  const [text, setText] = useState(value);
  return (
    <Field id="cause" label="What it may come from" hint="The report says that this is a guess.">
      <input
        id="cause"
        className={inputLook}
        maxLength={200}
        autoComplete="off"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => text.trim() !== value && onCause(text.trim())}
      />
    </Field>
  );
}

function NoteEntry({ value, onNote }: { value: string; onNote: (note: string) => void }) {
  const [text, setText] = useState(value);
  return (
    <Field id="note" label="Note">
      <textarea
        id="note"
        className={`${inputLook} py-2`}
        rows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => text.trim() !== value && onNote(text.trim())}
      />
    </Field>
  );
}
