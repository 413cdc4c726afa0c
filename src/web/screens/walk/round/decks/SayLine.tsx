import { useEffect, useId, useState } from 'react';
import { Link } from 'react-router';
import { type PartId, vocabularyOf } from '#core/car';
import { askMessage, type Draft, readTalk } from '#core/speech';
import type { Spot } from '#core/walk';
import { Button } from '../../../../components/Button';
import { TextField } from '../../../../components/fields';
import { HeardRow } from '../../../../heard/HeardRow';
import { TeachWord } from '../../../../heard/TeachWord';
import { useHeard } from '../../../../heard/useHeard';
import { useTaughtWords } from '../../../../heard/useTaughtWords';
import type { DeckProps } from './deckProps';

/** Longer than a dictated minute: pasted by mistake. */
const MOST_SAID = 1500;

/** What is seen, in one line, typed or dictated. Shows what it understood; asks instead of guessing; logs nothing until told to. */
export function SayLine({
  walk,
  say,
  setDeck,
  showHeard,
  part: partHere,
  spot,
}: Pick<DeckProps, 'walk' | 'say' | 'setDeck' | 'showHeard'> & { part: PartId; spot: Spot }) {
  const { style, page } = walk;
  const id = useId();
  const [line, setLine] = useState('');
  const [hasAsked, setHasAsked] = useState(false);
  const taught = useTaughtWords();
  const isTooLong = line.length > MOST_SAID;
  const drafts = isTooLong
    ? []
    : readTalk([{ text: line }], { style, speech: page.car, here: partHere, isTyped: true, taught });
  const { heard, ready, open, answer, leaveOut, clear, factsOf } = useHeard(drafts, walk);
  // What is understood stands on the car while it is said.
  const drawn = JSON.stringify(heard.map(({ draft }) => draft));
  useEffect(() => {
    showHeard(JSON.parse(drawn));
    return () => showHeard([]);
  }, [drawn, showHeard]);
  const change = (text: string) => {
    setLine(text);
    setHasAsked(false);
    clear();
  };
  const question = problemOf(
    line,
    isTooLong,
    heard.length,
    ready.length,
    open && askMessage(open, style, page.car),
  );

  const log = () => {
    if (question) {
      setHasAsked(true);
      return;
    }
    const facts = factsOf(ready, true).map((fact) =>
      // Where one tapped is where it is.
      fact.kind === 'finding-noted' && fact.body.part === partHere && ready.length === 1
        ? { ...fact, body: { ...fact.body, spot } }
        : fact,
    );
    const [only, ...more] = facts;
    const isOne = more.length === 0 && only?.kind === 'finding-noted';
    if (isOne && only.body.part !== partHere)
      say({ kind: 'stop-reached', body: { part: only.body.part } }, only);
    else say(...facts);
    change('');
    if (isOne) setDeck({ mode: 'refine', finding: only.body.finding });
  };

  return (
    <div className="space-y-2 border-t border-line p-2">
      <TextField
        id={id}
        label="Or say it in one line"
        error={hasAsked ? question : undefined}
        value={line}
        enterKeyHint="done"
        autoComplete="off"
        autoCapitalize="none"
        autoCorrect="off"
        spellCheck={false}
        placeholder={
          vocabularyOf(page.car) === 'us'
            ? 'driver side fender scratch 5 in'
            : 'left wing scratch 140 mm just catches'
        }
        aria-describedby={`${id}-says`}
        onChange={(event) => change(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') log();
        }}
      />
      {heard.length > 0 && (
        <ul aria-label="Heard">
          {heard.map(({ key, draft }) => (
            <HeardRow
              key={key}
              draft={draft}
              style={style}
              car={page.car}
              onAnswer={(answered) => answer(key, answered)}
              onLeaveOut={() => leaveOut(key)}
            />
          ))}
        </ul>
      )}
      <NotUnderstood drafts={drafts} />
      {line.trim() !== '' && (
        <Button look="main" className="w-full" onClick={log}>
          {question ? 'Ask me' : ready.length > 1 ? `Log all ${ready.length}` : 'Log this'}
        </Button>
      )}
    </div>
  );
}

/** What must be said before anything is logged; nothing where all is clear. */
function problemOf(
  line: string,
  isTooLong: boolean,
  heard: number,
  ready: number,
  question: string | undefined,
): string | undefined {
  if (isTooLong) return `Say it in at most ${MOST_SAID.toLocaleString('en')} characters at a time.`;
  if (line.trim() === '') return 'Say the part and what you see of it.';
  if (heard === 0)
    return 'Nothing in that was understood. Say the part and what is wrong with it, or that it is clear.';
  return (
    question ?? (ready === 0 ? 'Nothing of that can be logged from here: see beside it why.' : undefined)
  );
}

/** Words nobody knew: kept as a note, and taught for the next time. */
function NotUnderstood({ drafts }: { drafts: readonly Draft[] }) {
  const words = drafts.flatMap((draft) => (draft.is === 'finding' ? draft.unheard : []));
  if (words.length === 0) return null;
  return (
    <div className="text-sm">
      <p role="status">Not understood, kept as a note: {words.join(' ')}</p>
      <TeachWord words={words} />
      <Link to="/help/what-to-say" className="inline-flex min-h-12 items-center underline">
        Words that are understood
      </Link>
    </div>
  );
}
