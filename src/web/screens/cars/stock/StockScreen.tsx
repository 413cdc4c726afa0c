import { useQuery } from '@tanstack/react-query';
import { CalendarDays, FileInput, Mail, Plus, Search, Store, Sunrise } from 'lucide-react';
import { useDeferredValue, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Standing, type StockCounts, standings, stockOrders } from '#core/api';
import { getJson } from '../../../api/client';
import { Button, buttonLook } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { NewerNotice } from '../../../offline/NewerNotice';
import { useCarryAlong } from '../../../offline/useCarryAlong';
import { WaitingReports } from '../../../offline/WaitingReports';
import { If } from '../../../people/If';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { PersonButton } from '../../../shell/PersonButton';
import { byKeys } from './byKeys';
import { SavedViews } from './SavedViews';
import { StockRow } from './StockRow';
import { useNearEnd } from './useNearEnd';
import { useReady } from './useReady';
import { useStock } from './useStock';

const iconLink = 'grid size-12 shrink-0 place-items-center';

/** The yard's cars, newest first. */
export function StockScreen() {
  // In the address: there after a car was looked at and Back, and when the page is opened anew.
  const [params, setParams] = useSearchParams();
  const search = params.get('find') ?? '';
  const standing = standings.find((each) => each === params.get('show'));
  const order = stockOrders.find((each) => each === params.get('order')) ?? 'newest';
  const ask = (name: 'find' | 'show' | 'order', value: string) =>
    setParams(
      (now) => {
        if (value) now.set(name, value);
        else now.delete(name);
        return now;
      },
      { replace: true },
    );
  const asked = useDeferredValue(search.trim());
  const { stock, cars, waiting, isAway } = useStock(asked, standing, order);
  useCarryAlong(stock.isSuccess);
  const ready = useReady(stock.isSuccess);
  const counts = useQuery({
    queryKey: ['stock-counts'],
    queryFn: () => getJson<StockCounts>('/api/cars/counts'),
    enabled: stock.isSuccess,
  });
  const more = useRef<HTMLDivElement>(null);
  useNearEnd(more, stock.hasNextPage && !stock.isFetchingNextPage, stock.fetchNextPage);
  return (
    <>
      <Bar title="">
        <If may="send">
          <Link to="/messages" aria-label="Messages" title="Messages" className={iconLink}>
            <Mail aria-hidden size={22} />
          </Link>
        </If>
        <Link to="/morning" aria-label="This morning" title="This morning" className={iconLink}>
          <Sunrise aria-hidden size={22} />
        </Link>
        <If may="plan">
          <Link to="/board" aria-label="Who does it, when" title="Who does it, when" className={iconLink}>
            <CalendarDays aria-hidden size={22} />
          </Link>
        </If>
        <If may="manage">
          <Link
            to="/yard"
            aria-label="The yard on its reports"
            title="The yard on its reports"
            className={iconLink}
          >
            <Store aria-hidden size={22} />
          </Link>
        </If>
        <OutboxBadge />
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-5xl p-3 sm:p-4" onKeyDown={byKeys}>
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-2xl">Stock list</h1>
          <div className="relative min-w-48 flex-1 max-sm:order-2 sm:max-w-80">
            <Search aria-hidden size={20} className="absolute top-3.5 left-3 text-soft" />
            <input
              type="search"
              aria-label="Search the stock list"
              placeholder="Plate, make, stock number…"
              className={`${inputLook} pl-10`}
              value={search}
              onChange={(event) => ask('find', event.target.value)}
            />
          </div>
          <If may="manage">
            <Link
              to="/import"
              className={`${buttonLook()} max-sm:order-3`}
              aria-label="Import a walk"
              title="Import a walk"
            >
              <FileInput aria-hidden size={20} /> <span className="max-sm:sr-only">Import</span>
            </Link>
          </If>
          <If may="walk">
            <Link to="/cars/new" className={buttonLook('main')}>
              <Plus aria-hidden size={20} /> Add car
            </Link>
          </If>
        </div>
        <div className="mb-3 flex flex-wrap items-start gap-2">
          <div className="min-w-72 flex-1 sm:max-w-xl">
            <Choice
              legend="Which cars"
              isLegendHidden
              value={standing ?? 'all'}
              options={shown(counts.data)}
              onChange={(value) => ask('show', value === 'all' ? '' : value)}
            />
          </div>
          <select
            aria-label="Order of the list"
            className={`${inputLook} w-auto!`}
            value={order}
            onChange={({ target }) => ask('order', target.value === 'newest' ? '' : target.value)}
          >
            <option value="newest">Newest first</option>
            <option value="oldest">Longest here first</option>
          </select>
        </div>
        <SavedViews
          query={viewOf(params)}
          onOpen={(query) => setParams(new URLSearchParams(query), { replace: true })}
        />
        <NewerNotice />
        <WaitingReports />
        {isAway && cars.length > 0 ? (
          <Notice>
            No signal: these are the cars this device keeps, as they were when it last had signal.
          </Notice>
        ) : (
          stock.error && <Notice look="warn">{stock.error.message}</Notice>
        )}
        {stock.isSuccess && cars.length + waiting.length === 0 && (
          <Empty search={asked} standing={standing} />
        )}
        <ul className="border-t border-ink" data-stock>
          {waiting.map((summary) => (
            <StockRow key={summary.car.id} summary={summary} isWaiting />
          ))}
          {cars.map((summary) => (
            <StockRow key={summary.car.id} summary={summary} onBoard={ready.get(summary.car.id)} />
          ))}
        </ul>
        {stock.hasNextPage && (
          <div ref={more}>
            <Button
              className="mt-3"
              disabled={stock.isFetchingNextPage}
              onClick={() => stock.fetchNextPage()}
            >
              Show more
            </Button>
          </div>
        )}
      </main>
    </>
  );
}

const labels: readonly { value: Standing | 'all'; label: string }[] = [
  { value: 'all', label: 'All' },
  { value: 'to-walk', label: 'Not walked' },
  { value: 'in-hand', label: 'Being walked' },
  { value: 'reported', label: 'Reported' },
];

/** Each with how many there are, once that is known. */
const shown = (counts: StockCounts | undefined) =>
  labels.map(({ value, label }) => {
    if (!counts) return { value, label };
    const n = value === 'all' ? counts['to-walk'] + counts['in-hand'] + counts.reported : counts[value];
    return { value, label: `${label} ${n}` };
  });

/** What is shown, as it stands in the address; always written alike. */
const viewOf = (params: URLSearchParams): string =>
  new URLSearchParams(
    ['find', 'show', 'order'].flatMap((name) => {
      const value = params.get(name);
      return value ? [[name, value]] : [];
    }),
  ).toString();

const noneOf: Record<Standing, string> = {
  'to-walk': 'Every car has been walked, or is being walked.',
  'in-hand': 'No car is being walked.',
  reported: 'No car has a signed report of its last walk.',
};

function Empty({ search, standing }: { search: string; standing: Standing | undefined }) {
  if (search)
    return (
      <p className="py-6">
        No car {standing && 'of these '}matches “{search}”. Try part of the plate or the stock number
        {standing && ', or look among all'}.
      </p>
    );
  return (
    <p className="py-6">
      {standing ? noneOf[standing] : 'No cars yet. Add the first one, then walk round it.'}
    </p>
  );
}
