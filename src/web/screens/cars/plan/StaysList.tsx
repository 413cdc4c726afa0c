import type { Proposed } from '#core/cures';
import type { Plan } from '#core/plan';
import { Strip } from '../../../map/Strip';
import { byNotice, staysWords } from './planWords';

/** What a plan does not mend, by from where it is seen. */
export function StaysList({ proposed, plan }: { proposed: readonly Proposed[]; plan: Plan }) {
  const why = new Map(plan.stays.map(({ fault, because }) => [fault, because]));
  const staying = proposed.filter(({ fault }) => why.has(fault.id));
  return (
    <section aria-labelledby="stays">
      <h2 id="stays" className="mb-2 text-xl">
        What stays
      </h2>
      {staying.length === 0 && <p className="text-soft">Nothing that was found stays.</p>}
      {byNotice(staying).map(({ says, of }) => (
        <div key={says} className="mb-4">
          <h3 className="border-b-2 border-ink py-1 font-bold">
            {says}: {of.length}
          </h3>
          <ul>
            {of.map(({ fault }) => (
              <li key={fault.id} className="flex items-center gap-2 border-b border-line py-1.5 text-sm">
                {fault.number !== undefined && (
                  <Strip
                    small
                    number={fault.number}
                    standing={fault.isSuspected ? 'suspected' : 'confirmed'}
                    {...(fault.notice && { notice: fault.notice })}
                  />
                )}
                <span className="min-w-0 flex-1">
                  {fault.where && `${fault.where}: `}
                  {fault.says}
                </span>
                <span className="shrink-0 text-soft">{staysWords[why.get(fault.id) ?? 'not-asked']}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
