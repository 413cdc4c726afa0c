import type { ExpectationsPage } from '#core/api';
import { measureIds, measureName } from '#core/judge';

type Walker = ExpectationsPage['walkers'][number];

/** Stands apart from others by an interval that leaves 1 out. */
const isApart = ({ low, high }: Walker): boolean => low > 1.1 || high < 0.9;

/** Who logs more or less than others of the same cars. Cars are not held to it: each is judged by how its own walker counts. */
export function Walkers({ walkers }: { walkers: readonly Walker[] }) {
  const apart = walkers.filter(isApart);
  const people = [...new Map(walkers.map(({ person, name }) => [person, name]))];
  return (
    <section aria-labelledby="walkers">
      <h2 id="walkers" className="text-xl">
        Who counts how closely
      </h2>
      <p className="max-w-2xl">
        Some people log more than others. A car is held against what its own walker would log, so that
        nobody’s sharp eye makes it look bad. 1 is like the others; the range holds eight of ten times.
      </p>
      {apart.length === 0 ? (
        <p className="mt-1 font-bold">Nobody stands apart from the others so far.</p>
      ) : (
        <ul className="mt-2">
          {apart.map(({ person, name, measure, factor, low, high }) => (
            <li key={`${person} ${measure}`} className="border-l-8 border-tape pl-3">
              <b>{name}</b> logs about {Math.round(factor * 100)} for every 100 others log of{' '}
              {measureName(measure, 'uk').toLowerCase()} ({Math.round(low * 100)} to {Math.round(high * 100)}
              ).
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 overflow-x-auto">
        <table className="min-w-160 border-collapse text-left text-sm tabular-nums">
          <thead>
            <tr className="border-b border-ink align-bottom text-soft">
              <th scope="col" className="py-1 pr-3 font-normal">
                Counted
              </th>
              {people.map(([person, name]) => (
                <th key={person} scope="col" className="px-2 py-1 font-normal">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {measureIds.map((measure) => (
              <tr key={measure} className="border-b border-line">
                <th scope="row" className="py-1 pr-3 font-normal">
                  {measureName(measure, 'uk')}
                </th>
                {people.map(([person]) => {
                  const here = walkers.find((each) => each.person === person && each.measure === measure);
                  return (
                    <td key={person} className={`px-2 py-1 ${here && isApart(here) ? 'font-bold' : ''}`}>
                      {here &&
                        `${here.factor.toFixed(2)} (${here.low.toFixed(1)} to ${here.high.toFixed(1)})`}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
