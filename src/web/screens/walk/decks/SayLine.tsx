import { useId, useState } from 'react';
import { v4 as newId } from 'uuid';
import { middleOf, type PartId, partNameForAnyone, sentence, vocabularyOf } from '#core/car';
import { askMessage, parseShorthand, type Shorthand } from '#core/shorthand';
import { actionLine, findingLine, noticeWords, type Spot, testLine } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import type { DeckProps } from './deckProps';

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
    say({ kind: 'finding-noted', body: { finding, part: part.id, spot: at, kind, suspected, details } });
    setDeck({ mode: 'refine', finding });
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
          enterKeyHint="done"
          autoComplete="off"
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
          onKeyDown={(event) => event.key === 'Enter' && log()}
        />
      </Field>
      {said.chips.length > 0 && <Understood said={said} walk={walk} />}
      {line.trim() !== '' && (
        <Button look="main" className="w-full" onClick={log}>
          {question ? 'Ask me' : 'Log this'}
        </Button>
      )}
    </div>
  );
}

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
    actionLine({ details }, vocabulary),
    said.suspected && 'not sure yet',
    said.leftOver.length > 0 && `kept as a note: ${said.leftOver.join(' ')}`,
  ].filter(Boolean);
  return (
    <p role="status" aria-label="Understood" className="text-sm">
      {pieces.join(' · ')}
    </p>
  );
}
