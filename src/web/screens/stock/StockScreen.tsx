import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { FileInput, Mail, Plus, Search, Store } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import type { CarList } from '#core/api';
import { getJson } from '../../api/client';
import { Button, buttonLook } from '../../components/Button';
import { inputLook } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { If } from '../../shell/If';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { PersonButton } from '../../shell/PersonButton';
import { StockRow } from './StockRow';

const iconLink = 'grid size-12 shrink-0 place-items-center';

/** The yard's cars, newest first. */
export function StockScreen() {
  const [search, setSearch] = useState('');
  const asked = useDeferredValue(search.trim());
  const stock = useInfiniteQuery({
    queryKey: ['cars', asked],
    queryFn: ({ pageParam }) => {
      const query = new URLSearchParams({ search: asked, ...(pageParam && { cursor: pageParam }) });
      return getJson<CarList>(`/api/cars?${query}`);
    },
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const cars = stock.data?.pages.flatMap((page) => page.cars) ?? [];
  return (
    <>
      <Bar title="">
        <If may="send">
          <Link to="/messages" aria-label="Messages" title="Messages" className={iconLink}>
            <Mail aria-hidden size={22} />
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
      <main className="mx-auto max-w-5xl p-3 sm:p-4">
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
              onChange={(event) => setSearch(event.target.value)}
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
        {stock.error && <Notice look="warn">{stock.error.message}</Notice>}
        {stock.isSuccess && cars.length === 0 && <Empty search={asked} />}
        <ul className="border-t border-ink">
          {cars.map((summary) => (
            <StockRow key={summary.car.id} summary={summary} />
          ))}
        </ul>
        {stock.hasNextPage && (
          <Button className="mt-3" disabled={stock.isFetchingNextPage} onClick={() => stock.fetchNextPage()}>
            Show more
          </Button>
        )}
      </main>
    </>
  );
}

function Empty({ search }: { search: string }) {
  return search ? (
    <p className="py-6">No car matches “{search}”. Try part of the plate or the stock number.</p>
  ) : (
    <p className="py-6">No cars yet. Add the first one, then walk round it.</p>
  );
}
