import { useQueries, useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import type { CarPage, WalkPage } from '#core/api';
import { getJson } from '../../../api/client';
import { SelectField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { localMoment } from '../../../words/times';
import { Differences } from './Differences';

/** Two walks of one car held against each other: taken in, after preparation, handed over. */
export function CompareScreen() {
  const { id = '' } = useParams();
  const page = useQuery({ queryKey: ['car', id], queryFn: () => getJson<CarPage>(`/api/cars/${id}`) });
  return (
    <>
      <Bar
        title="Walk against walk"
        {...(page.data && { pageTitle: `Walk against walk · ${page.data.car.stockNumber}` })}
        back={{ to: `/cars/${id}`, label: 'Back to the car' }}
      />
      <main className="mx-auto max-w-4xl space-y-4 p-4">
        {page.error && <Notice look="warn">{page.error.message}</Notice>}
        {page.data &&
          (page.data.walks.length < 2 ? (
            <p>
              This car was walked once. Walk it again, after preparation or at handover, to see what changed.
            </p>
          ) : (
            <Chosen page={page.data} />
          ))}
      </main>
    </>
  );
}

function Chosen({ page }: { page: CarPage }) {
  const [chosen, setChosen] = useSearchParams();
  // The list has the newest first.
  const walks = page.walks.toReversed();
  const from = chosen.get('from') ?? walks.at(-2)?.id ?? '';
  const to = chosen.get('to') ?? walks.at(-1)?.id ?? '';
  const loads = useQueries({
    queries: [from, to].map((walk) => ({
      queryKey: ['walk-compared', walk],
      queryFn: () => getJson<WalkPage>(`/api/walks/${walk}`),
    })),
  });
  const [before, after] = loads.map((load) => load.data) as [WalkPage | undefined, WalkPage | undefined];
  const failed = loads.find((load) => load.error)?.error;
  const choice = (id: 'from' | 'to', label: string, value: string) => (
    <SelectField
      id={id}
      label={label}
      value={value}
      onChange={(event) => setChosen({ from, to, [id]: event.target.value }, { replace: true })}
    >
      {walks.map((walk) => (
        <option key={walk.id} value={walk.id}>
          {localMoment(walk.begunAt)}, {walk.findings} findings
        </option>
      ))}
    </SelectField>
  );
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        {choice('from', 'Before', from)}
        {choice('to', 'After', to)}
      </div>
      {failed && <Notice look="warn">{failed.message}</Notice>}
      {from === to && <Notice>Choose two different walks.</Notice>}
      {before && after && from !== to && <Differences before={before} after={after} />}
    </>
  );
}
