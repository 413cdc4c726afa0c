import type { ResultsTold } from '#core/api';
import { rateWords, sizeWords, skillName } from './resultWords';

/** How somebody does, kind by kind, the weakest first; every share with how sure it is. */
export function OwnResults({ results, name }: { results: ResultsTold; name?: string }) {
  const { answers, skills, falseAlarms, sides, severity, notice } = results;
  if (answers === 0)
    return <p>Nothing answered yet. After a few pictures this says where you see well, and where not.</p>;
  return (
    <>
      <h2 className="text-xl">
        {name ?? 'How you do'}: {answers} {answers === 1 ? 'picture' : 'pictures'}
      </h2>
      <ul className="mt-2 border-t border-ink">
        {skills.map(({ skill, seen, kind, size, middleMs }) => (
          <li key={skill} className="border-b border-line py-1.5">
            <p className="flex flex-wrap justify-between gap-x-3">
              <span className="font-bold">{skillName(skill)}</span>
              <span className="tabular-nums">{rateWords(seen)}</span>
            </p>
            <p className="text-sm text-soft tabular-nums">
              {[
                kind && `kind right ${rateWords(kind)}`,
                size && `said ${sizeWords(size)}`,
                `half of the answers within ${Math.max(1, Math.round(middleMs / 1000))} s`,
              ]
                .filter(Boolean)
                .join('; ')}
            </p>
          </li>
        ))}
      </ul>
      <dl className="mt-3 grid gap-x-3 gap-y-1 sm:grid-cols-[auto_1fr]">
        <dt>Pictures with a fault logged that is none</dt>
        <dd className="tabular-nums">{rateWords(falseAlarms.pictures)}</dd>
        {sides && (
          <>
            <dt>Side of the car right</dt>
            <dd className="tabular-nums">{rateWords(sides)}</dd>
          </>
        )}
        {severity && (
          <>
            <dt>How bad or how far gone, right</dt>
            <dd className="tabular-nums">{rateWords(severity)}</dd>
          </>
        )}
        {notice && (
          <>
            <dt>Noticed from, as the house rule says</dt>
            <dd className="tabular-nums">{rateWords(notice)}</dd>
          </>
        )}
      </dl>
      <p className="mt-2 text-sm text-soft">
        “Likely” is the range the true share lies in 95 times in 100. Few pictures say little: the range is
        wide then.
      </p>
    </>
  );
}
