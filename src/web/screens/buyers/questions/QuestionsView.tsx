import { useMemo } from 'react';
import { isOpen, partAsked, secondLooks } from '#core/questions';
import { routeOf } from '#core/walk';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { AskedItem } from './AskedItem';
import { useQuestions } from './useQuestions';
import { useWalkNews } from './useWalkNews';
import { WorryForm } from './WorryForm';

/** Questions in walk order, each with its answer form; the answered ones below. */
export function QuestionsView({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const query = useQuestions(page.walk);
  useWalkNews(page.walk);
  const all = useMemo(
    () =>
      (query.data?.questions ?? []).map((question) => {
        // What was answered here and has not reached the server yet counts as answered.
        const given = state.answers.get(question.id) ?? [];
        const answers = given.length > question.answers.length ? given : question.answers;
        return { ...question, answers: answers.map((answer) => ({ ...answer, photos: [...answer.photos] })) };
      }),
    [query.data, state.answers],
  );
  const partOf = (question: (typeof all)[number]) => partAsked(question, state.findings, state.photos);
  const open = secondLooks(all, routeOf(state, style), partOf);
  const answered = all.filter((question) => !isOpen(question));
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[1fr_26rem]">
      <section aria-label="Asked" className="p-3 lg:p-5">
        {query.error && <Notice look="warn">{query.error.message}</Notice>}
        <p role="status" className="mb-2 font-bold tabular-nums">
          {open.length} to answer, {answered.length} answered
        </p>
        {all.length === 0 && !query.isPending && (
          <p className="text-soft">
            Nobody has asked anything yet. Questions come from the links you send, and stand here in walk
            order.
          </p>
        )}
        <ul>
          {[...open, ...answered].map((question) => (
            <AskedItem key={question.id} walk={walk} question={question} part={partOf(question)} />
          ))}
        </ul>
      </section>
      <WorryForm walk={walk} />
    </main>
  );
}
