import { Link } from 'react-router';
import type { PlanPage } from '#core/api';
import type { Vocabulary } from '#core/car';
import type { Proposed } from '#core/cures';
import { adviceWords, cureName } from '#core/walk';
import { Fold } from '../../../components/Fold';
import { Strip } from '../../../map/Strip';
import { sureWords } from './planWords';
import type { Planning } from './usePlan';

interface FoundListProps {
  planning: Planning;
  page: PlanPage;
  vocabulary: Vocabulary;
}

/** Everything that was found, with what would mend it and why, and why the rest would not. With one's own choice each is ticked here. */
export function FoundList({ planning: { proposed, change }, page: { wish }, vocabulary }: FoundListProps) {
  const isOwn = wish.standard === 'own';
  return (
    <section aria-labelledby="found">
      <Fold
        title={`What would mend it, and why: everything found or promised (${proposed.length})`}
        isOpen={isOwn}
      >
        <ul id="found">
          {proposed.map((each) => (
            <li key={each.fault.id} className="border-b border-line py-2">
              <div className="flex items-center gap-2">
                {isOwn && (
                  <input
                    type="checkbox"
                    aria-label={`Put right: ${each.fault.where} ${each.fault.says}`}
                    className="size-6 shrink-0 accent-accent"
                    disabled={each.fault.unsafe !== undefined}
                    checked={each.fault.unsafe !== undefined || wish.own.includes(each.fault.id)}
                    onChange={({ target }) =>
                      change({
                        own: target.checked
                          ? [...wish.own, each.fault.id]
                          : wish.own.filter((id) => id !== each.fault.id),
                      })
                    }
                  />
                )}
                {each.fault.number !== undefined && (
                  <Strip
                    small
                    number={each.fault.number}
                    standing={each.fault.isSuspected ? 'suspected' : 'confirmed'}
                    {...(each.fault.notice && { notice: each.fault.notice })}
                  />
                )}
                <p className="min-w-0">
                  {each.fault.where && <span className="font-bold">{each.fault.where}: </span>}
                  {each.fault.says}
                </p>
              </div>
              <Cures proposed={each} vocabulary={vocabulary} />
            </li>
          ))}
        </ul>
        <Link
          to="/cure-rules"
          className="inline-flex min-h-12 items-center font-bold text-accent underline underline-offset-4"
        >
          What mends what: the rules these come from
        </Link>
      </Fold>
    </section>
  );
}

function Cures({
  proposed: { fault, proposals, rejected, lookFirst },
  vocabulary,
}: {
  proposed: Proposed;
  vocabulary: Vocabulary;
}) {
  return (
    <ul className="mt-1 space-y-1 pl-2 text-sm">
      {fault.unsafe && !lookFirst && <li className="font-bold text-warn">Bears on safety or the law.</li>}
      {lookFirst && <li className="font-bold text-warn">A qualified person looks first. {lookFirst}</li>}
      {fault.said && <li>Said on the walk: {adviceWords(fault.said, vocabulary)}.</li>}
      {proposals.map(({ cure, sure, why, provided, weaker, rule }) => (
        <li key={rule}>
          <span className="font-bold">{cureName(cure, vocabulary)}</span> {sureWords[sure]}: {why.join('; ')}
          {provided.length > 0 && `; if ${provided.join(' and ')}, which nobody has said`}
          {weaker.length > 0 && `; less sure, since ${weaker.join(' and ')}`}.{' '}
          <span className="text-soft">Rule {rule}.</span>
        </li>
      ))}
      {rejected.map(({ cure, because, rule }) => (
        <li key={rule} className="text-soft">
          Not {cureName(cure, vocabulary).toLowerCase()}: {because.join('; ')}. Rule {rule}.
        </li>
      ))}
      {proposals.length === 0 && !lookFirst && (
        <li className="text-soft">No rule knows a cure that would work.</li>
      )}
    </ul>
  );
}
