import { FileInput, Mail, Plus, Search, Store } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { Button, buttonLook } from '../../components/Button';
import { inputLook } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { NewerNotice } from '../../offline/NewerNotice';
import { useCarryAlong } from '../../offline/useCarryAlong';
import { WaitingReports } from '../../offline/WaitingReports';
import { Bar } from '../../shell/Bar';
import { If } from '../../shell/If';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { PersonButton } from '../../shell/PersonButton';
import { StockRow } from './StockRow';
import { useStock } from './useStock';

const iconLink = 'grid size-12 shrink-0 place-items-center';

/** The yard's cars, newest first. */
export function StockScreen() {
  const [search, setSearch] = useState('');
  const asked = useDeferredValue(search.trim());
  const { stock, cars, waiting, isAway } = useStock(asked);
  useCarryAlong(stock.isSuccess);
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
        <NewerNotice />
        <WaitingReports />
        {isAway && cars.length > 0 ? (
          <Notice>
            No signal: these are the cars this device keeps, as they were when it last had signal.
          </Notice>
        ) : (
          stock.error && <Notice look="warn">{stock.error.message}</Notice>
        )}
        {stock.isSuccess && cars.length + waiting.length === 0 && <Empty search={asked} />}
        <ul className="border-t border-ink">
          {waiting.map((summary) => (
            <StockRow key={summary.car.id} summary={summary} isWaiting />
          ))}
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
