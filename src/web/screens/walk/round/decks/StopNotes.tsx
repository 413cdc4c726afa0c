import { Check, CloudSun, Flag, MessageCircleQuestion, TriangleAlert } from 'lucide-react';
import { Link } from 'react-router';
import { type Part, vocabularyOf } from '#core/car';
import { isOpen, partAsked } from '#core/questions';
import { adviceAt, cautionAt, cautionSays } from '#core/walk';
import { useQuestions } from '../../../buyers/questions/useQuestions';
import { conditionsAt } from '../walkModel';
import type { DeckProps } from './deckProps';

interface StopNotesProps extends Pick<DeckProps, 'walk' | 'say' | 'setDeck'> {
  part: Part;
  reminders: readonly string[] | undefined;
}

// Made once: the notes are drawn anew with every tap.
const icons = {
  caution: <TriangleAlert aria-hidden size={20} className="shrink-0" />,
  read: <Check aria-hidden size={24} />,
  advice: <CloudSun aria-hidden size={18} className="shrink-0" />,
};

/** What one should know at this stop before looking: a caution, what the light and dirt ask for, extra stops of the route. */
export function StopNotes({ walk, part, reminders, say, setDeck }: StopNotesProps) {
  const { state, page } = walk;
  const asked = (useQuestions(page.walk).data?.questions ?? []).filter(
    (question) =>
      isOpen(question) &&
      !state.answers.has(question.id) &&
      partAsked(question, state.findings, state.photos) === part.id,
  );
  const conditions = conditionsAt(state, part.face);
  const caution = cautionAt(part, page.car, state.cautionsRead);
  const advice = conditions && adviceAt(conditions, page.car.paintTone, part);
  return (
    <>
      {caution && (
        <div className="flex items-center gap-2 rounded-md border border-warn bg-warn-fill py-1 pr-1 pl-3 text-warn">
          {icons.caution}
          <details className="group min-w-0 flex-1">
            <summary className="flex min-h-12 cursor-pointer items-center leading-tight">
              <span className="truncate group-open:whitespace-normal">
                {cautionSays(caution, vocabularyOf(page.car))}
              </span>
            </summary>
          </details>
          <button
            type="button"
            aria-label="Caution read"
            onClick={() => say({ kind: 'caution-read', body: { caution } })}
            className="grid size-12 shrink-0 place-items-center"
          >
            {icons.read}
          </button>
        </div>
      )}
      {!conditions && (
        <button
          type="button"
          onClick={() => setDeck({ mode: 'conditions' })}
          className="flex min-h-12 w-full items-center gap-2 rounded-md border border-dashed border-soft px-3 text-left"
        >
          <CloudSun aria-hidden size={20} className="shrink-0" /> Note light, wet and dirt first
        </button>
      )}
      {asked.map(({ id, text, from }) => (
        <Link
          key={id}
          to={`/walks/${page.walk}/questions`}
          className="flex min-h-12 items-center gap-2 rounded-md border border-ink bg-tape-pale px-3 leading-tight"
        >
          <MessageCircleQuestion aria-hidden size={20} className="shrink-0" />
          <span className="min-w-0 flex-1">
            <span className="font-bold">{from ? `${from} asks: ` : 'Asked: '}</span>
            {text}
          </span>
        </Link>
      ))}
      {reminders?.map((words) => (
        <p key={words} className="flex items-center gap-2 font-bold">
          <Flag aria-hidden size={18} className="shrink-0" /> {words}
        </p>
      ))}
      {advice && (
        <p className="flex items-center gap-2">
          {icons.advice} {advice}
        </p>
      )}
    </>
  );
}
