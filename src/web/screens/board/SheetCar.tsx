import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { BoardPage, WalkPage } from '#core/api';
import { partNames, plateName, styleOf, vocabularyOf } from '#core/car';
import { asBuilt, decisionLine, type Finding, findingLine, replay } from '#core/walk';
import { sentence } from '#core/wording';
import { Notice } from '../../components/Notice';
import { Strip } from '../../components/Strip';
import { usePhotoUrl } from '../../components/usePhotoUrl';
import { useSessions } from '../../sync/SyncContext';
import type { BoardTask } from './boardWeek';

interface SheetCarProps {
  car: BoardPage['cars'][number];
  tasks: readonly BoardTask[];
}

/** One car of a job sheet: how it is known, and its jobs with what was found. */
export function SheetCar({ car, tasks }: SheetCarProps) {
  const sessions = useSessions();
  const query = useQuery({
    queryKey: ['walk', car.walk],
    queryFn: () => sessions.load(car.walk),
    staleTime: 15_000,
  });
  return (
    <section aria-label={car.stockNumber} className="mt-4 break-inside-avoid-page">
      <h2 className="border-b-2 border-ink py-1 text-xl">
        {car.stockNumber} <span className="text-soft">{car.title}</span>
      </h2>
      {query.error && <Notice look="warn">{query.error.message}</Notice>}
      {query.data && <Jobs page={query.data} tasks={tasks} />}
    </section>
  );
}

function Jobs({ page, tasks }: { page: WalkPage; tasks: readonly BoardTask[] }) {
  const { car } = page;
  const vocabulary = vocabularyOf(car);
  const { state, nameOf } = useMemo(() => {
    const replayed = replay(page.walk, page.entries);
    const { bodyStyle, extras } = replayed.begun ?? car;
    const style = asBuilt(
      styleOf({ bodyStyle, ...(extras && { extras }), steering: car.steering }),
      replayed,
    );
    return { state: replayed, nameOf: partNames(style, car) };
  }, [page, car]);
  return (
    <>
      <p className="py-1">
        {car.colour}
        {car.plate && ` · ${plateName(car)} ${car.plate}`}
      </p>
      <ul>
        {tasks.map((task) => {
          const findings = state.findings.filter(({ id }) => task.mends.includes(`finding ${id}`));
          return (
            <li key={task.id} className="break-inside-avoid border-b border-line py-3">
              <p className="flex justify-between gap-3 text-lg font-bold">
                <span>{task.says}</span>
                {task.minutes > 0 && <span className="shrink-0 tabular-nums">{task.minutes} min</span>}
              </p>
              {findings.map((finding) => (
                <div key={finding.id} className="mt-2 flex flex-wrap items-start gap-3">
                  <Strip
                    number={finding.number}
                    standing={finding.standing.status}
                    {...(finding.details.notice && { notice: finding.details.notice })}
                  />
                  <p className="min-w-48 flex-1">
                    <span className="font-bold">{sentence(nameOf(finding.part))}</span>:{' '}
                    {findingLine(finding, vocabulary)}
                    <span className="block text-sm">{agreed(finding, vocabulary)}</span>
                  </p>
                  {state.photos
                    .filter((photo) => photo.finding === finding.id && !state.setAside.has(photo.sha256))
                    .slice(0, 2)
                    .map(({ entry, sha256, role }) => (
                      <SheetPhoto
                        key={entry}
                        sha256={sha256}
                        says={role === 'where' ? 'where it is' : 'what it is'}
                      />
                    ))}
                </div>
              ))}
              {task.cautions.map((caution) => (
                <p key={caution} className="mt-2 border-l-4 border-warn pl-2 text-sm">
                  {caution}
                </p>
              ))}
            </li>
          );
        })}
      </ul>
    </>
  );
}

const agreed = ({ details }: Finding, vocabulary: 'uk' | 'us'): string =>
  details.decision ? `${decisionLine(details, vocabulary)}.` : 'Nothing agreed is in the record.';

function SheetPhoto({ sha256, says }: { sha256: string; says: string }) {
  const url = usePhotoUrl(sha256, 320);
  return (
    <figure className="w-36">
      {url ? (
        <img src={url} alt={says} className="h-28 w-36 object-cover" />
      ) : (
        <div className="h-28 w-36 bg-fill" />
      )}
      <figcaption className="text-xs text-soft">{says}</figcaption>
    </figure>
  );
}
