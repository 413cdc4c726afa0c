import { X } from 'lucide-react';
import { useId, useState } from 'react';
import { v4 as newId } from 'uuid';
import { middleOf, type PartId, partNameForAnyone, vocabularyOf } from '#core/car';
import { askMessage, type Chip, parseShorthand, type Shorthand } from '#core/shorthand';
import type { Draft } from '#core/speech';
import {
  adviceLine,
  decisionLine,
  type Fact,
  findingLine,
  lookWords,
  noticeWords,
  type Spot,
  testLine,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import type { DeckProps } from './deckProps';
import { HeardSeveral, useSeveral } from './HeardSeveral';
import { answersTo, without } from './sayAnswers';

/** A finding in one line, typed or dictated. Shows what it understood; asks instead of guessing; logs nothing until told to. */
export function SayLine({
  walk,
  say,
  setDeck,
  part: partHere,
  spot,
}: Pick<DeckProps, 'walk' | 'say' | 'setDeck'> & { part: PartId; spot: Spot }) {
  const { style, page } = walk;
  const id = useId();
  const [line, setLine] = useState('');
  const [hasAsked, setHasAsked] = useState(false);
  const said = parseShorthand(line, { style, speech: page.car, here: partHere });
  const [question] = said.questions;
  const several = useSeveral(line, walk, partHere);
  const isSeveral = several.drafts.length > 0;
  const logAll = (drafts: readonly Draft[]) => {
    say(...several.factsOf(drafts));
    setLine('');
  };

  const log = () => {
    const part = style.parts.get(said.part ?? '');
    if (question || !part || !said.kind) {
      setHasAsked(true);
      return;
    }
    const finding = newId();
    const { kind, suspected, leftOver } = said;
    const details = leftOver.length > 0 ? { ...said.details, note: leftOver.join(' ') } : said.details;
    const at = part.id === partHere ? spot : middleOf(part);
    const noted: Fact = {
      kind: 'finding-noted',
      body: { finding, part: part.id, spot: at, kind, suspected, details },
    };
    if (part.id === partHere) say(noted);
    else say({ kind: 'stop-reached', body: { part: part.id } }, noted);
    setDeck({ mode: 'refine', finding });
  };

  // "No chips on the grille" is no fault: the person may say that the part is clear, and nothing says it for them.
  const denied = said.part === undefined ? undefined : style.parts.get(said.part);
  const clear = () => {
    if (!denied) return;
    const absent = said.absent ?? [];
    const cleared: Fact = {
      kind: 'part-cleared',
      body: { part: denied.id, ...(absent.length > 0 && { absent: [...absent] }) },
    };
    if (denied.id === partHere) say(cleared);
    else say({ kind: 'stop-reached', body: { part: denied.id } }, cleared);
    setLine('');
  };

  return (
    <div className="space-y-2 border-t border-line p-2">
      <Field
        id={id}
        label="Or say it in one line"
        error={hasAsked && question ? askMessage(question, page.car) : undefined}
      >
        <input
          id={id}
          className={inputLook}
          value={line}
          // As it is dictated: nothing is corrected into other words, and the line is entered by the keyboard’s own key.
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
          onChange={(event) => {
            setLine(event.target.value);
            setHasAsked(false);
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            if (isSeveral) logAll(several.drafts);
            else log();
          }}
        />
      </Field>
      {isSeveral && <HeardSeveral key={line} walk={walk} drafts={several.drafts} onLog={logAll} />}
      {!isSeveral && said.chips.length > 0 && <Understood said={said} walk={walk} />}
      {!isSeveral && said.chips.length > 0 && (
        <ul aria-label="Heard as" className="flex flex-wrap gap-1">
          {said.chips.map(({ slot, text }) => (
            <li key={`${slot} ${text}`}>
              <button
                type="button"
                aria-label={`Take back “${text}”`}
                onClick={() => setLine(without(line, text))}
                className="inline-flex min-h-12 items-center gap-1 rounded-md border border-soft bg-tape-pale px-2 text-sm"
              >
                <span className="text-soft">{slotNames[slot]}</span> {text} <X aria-hidden size={16} />
              </button>
            </li>
          ))}
        </ul>
      )}
      {!isSeveral && question && answersTo(question, page.car).length > 0 && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="font-bold">{askMessage(question, page.car)}</span>
          {answersTo(question, page.car).map(({ label, change }) => (
            <Button key={label} look="tape" onClick={() => setLine(change(line))}>
              {label}
            </Button>
          ))}
        </div>
      )}
      {!isSeveral && question?.code === 'denied' && denied && (
        <Button look="tape" className="w-full" onClick={clear}>
          Clear: {sentence(partNameForAnyone(denied, page.car))}
          {(said.absent ?? []).map((id) => `, ${lookWords(id, vocabularyOf(page.car))}`).join('')}
        </Button>
      )}
      {!isSeveral && line.trim() !== '' && (
        <Button look="main" className="w-full" onClick={log}>
          {question ? 'Ask me' : 'Log this'}
        </Button>
      )}
    </div>
  );
}

const slotNames: Record<Chip['slot'], string> = {
  place: 'where',
  part: 'part',
  kind: 'fault',
  count: 'how many',
  size: 'size',
  nail: 'nail',
  feel: 'feel',
  wipe: 'wipe',
  notice: 'from',
  cure: 'to mend it',
  decision: 'decided',
  severity: 'how bad',
  amount: 'how many',
  suspected: 'doubt',
};

/** What the line was taken to mean, in the words it would be reported in. */
function Understood({ said, walk }: { said: Shorthand; walk: DeckProps['walk'] }) {
  const { style, page } = walk;
  const vocabulary = vocabularyOf(page.car);
  const part = style.parts.get(said.part ?? '');
  const { details, kind } = said;
  const pieces = [
    part && sentence(partNameForAnyone(part, page.car)),
    kind && findingLine({ kind, details }, vocabulary),
    testLine({ details }),
    details.notice && noticeWords[details.notice].name.toLowerCase(),
    adviceLine(details, vocabulary),
    decisionLine(details, vocabulary).toLowerCase(),
    said.suspected && 'not sure yet',
    said.leftOver.length > 0 && `kept as a note: ${said.leftOver.join(' ')}`,
  ].filter(Boolean);
  return (
    <p role="status" aria-label="Understood" className="text-sm">
      {pieces.join(' · ')}
    </p>
  );
}
