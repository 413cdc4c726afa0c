import { useQuery } from '@tanstack/react-query';
import { CarFront } from 'lucide-react';
import { Link, Navigate, useLocation } from 'react-router';
import type { BoardPage, Morning } from '#core/api';
import { getJson, UnreachableError } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { NewerNotice } from '../../../offline/NewerNotice';
import { useCarryAlong } from '../../../offline/useCarryAlong';
import { WaitingReports } from '../../../offline/WaitingReports';
import { If } from '../../../people/If';
import { useMay } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { PersonButton } from '../../../shell/PersonButton';
import { useStock } from '../../cars/stock/useStock';
import { boardLists } from './boardLists';
import { isQuiet, MorningLists } from './MorningLists';

/** What waits for somebody of the yard, each one tap away. Opened by itself where nothing can be asked, or nothing waits, it gives way to the stock list. */
export function MorningScreen() {
  const morning = useQuery({ queryKey: ['morning'], queryFn: () => getJson<Morning>('/api/morning') });
  const board = useQuery({
    queryKey: ['board'],
    queryFn: () => getJson<BoardPage>('/api/board'),
    enabled: useMay('plan') && morning.isSuccess,
    staleTime: 60_000,
  });
  const { state } = useLocation() as { state: { isByItself?: true } | null };
  // The stock list comes next, and what is carried along is what it lists.
  useCarryAlong(useStock('', undefined, 'newest').stock.isSuccess);
  const hasNothing = morning.error instanceof UnreachableError || (morning.data && isQuiet(morning.data));
  if (state?.isByItself && hasNothing) return <Navigate to="/" replace />;
  return (
    <>
      <Bar title="This morning" back={{ to: '/', label: 'Back to the stock list' }}>
        <OutboxBadge />
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-6xl space-y-3 p-3 lg:p-5">
        <NewerNotice />
        <If may="work">
          <Link to="/mornings" className={buttonLook()}>
            <CarFront aria-hidden size={20} /> How the cars stand
          </Link>
        </If>
        <WaitingReports />
        {morning.error && <Notice look="warn">{morning.error.message}</Notice>}
        {morning.data && (
          <MorningLists morning={morning.data} {...(board.data && { board: boardLists(board.data) })} />
        )}
      </main>
    </>
  );
}
