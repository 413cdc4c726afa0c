import { type BodyStyle, type Car, partNameForAnyone, vocabularyOf } from '#core/car';
import { type Answer, askMessage, type Draft, isTakeable, kindChoices } from '#core/speech';
import { findingKindName } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../components/Button';
import { draftWords } from './draftWords';
import { LeaveOut } from './LeaveOut';

/** More parts than these are tapped on the map, not in a row of buttons. */
const MOST_CHOICES = 6;

interface HeardRowProps {
  draft: Draft;
  style: BodyStyle;
  car: Car;
  onAnswer: (answer: Answer) => void;
  onLeaveOut: () => void;
}

/** One statement as it was understood: what is open is answered by a tap, and all of it left out by another. */
export function HeardRow({ draft, style, car, onAnswer, onLeaveOut }: HeardRowProps) {
  const says = draftWords(draft, style, car);
  const question = askMessage(draft, style, car);
  return (
    <li className="border-b border-line py-1">
      <div className="flex items-center gap-2">
        <span className="min-w-0 flex-1">
          {says}
          <Why draft={draft} style={style} />
        </span>
        <LeaveOut says={says} onClick={onLeaveOut} />
      </div>
      {question && (
        <fieldset className="flex flex-wrap gap-2 pb-2">
          <legend className="pb-1 font-bold">{question}</legend>
          <Choices draft={draft} style={style} car={car} onAnswer={onAnswer} />
        </fieldset>
      )}
    </li>
  );
}

/** Why a statement is worth a look before it is taken, or cannot be taken here. */
function Why({ draft, style }: { draft: Draft; style: BodyStyle }) {
  const why =
    whyNotLogged(draft, style) ?? (draft.sure === 'likely' ? `Look at it: ${draft.why.join('; ')}` : '');
  return why && <span className="block text-sm text-soft">{why}</span>;
}

/** Why a statement that asks nothing does not go into the record all the same; nothing where it does. */
export function whyNotLogged(draft: Draft, style: BodyStyle): string | undefined {
  if (draft.sure === 'ask' || isTakeable(draft, style)) return undefined;
  if (draft.is === 'condition') return 'Not logged: light, wet and dirt are noted together, under Where to';
  if (draft.is === 'smell') return 'Not logged: how strong it is was not said';
  return `Not logged: ${draft.why.join('; ') || 'it has a screen of its own'}`;
}

/** What is open of a statement, to be answered by a tap. */
export function Choices({ draft, style, car, onAnswer }: Omit<HeardRowProps, 'onLeaveOut'>) {
  if (draft.is !== 'finding' && draft.is !== 'clear') return null;
  const { choices = [] } = draft;
  const parts = draft.part || choices.length > MOST_CHOICES ? [] : choices;
  const isOfKind = draft.is === 'finding' && draft.part && draft.questions[0] !== 'impossible-number';
  const kinds = isOfKind ? kindChoices(draft, style) : [];
  return (
    <>
      {parts.map((id) => {
        const part = style.parts.get(id);
        return (
          part && (
            <Button key={id} look="tape" onClick={() => onAnswer({ part: id })}>
              {sentence(partNameForAnyone(part, car))}
            </Button>
          )
        );
      })}
      {kinds.map((kind) => (
        <Button key={kind} look="tape" onClick={() => onAnswer({ kind })}>
          {findingKindName(kind, vocabularyOf(car))}
        </Button>
      ))}
    </>
  );
}
