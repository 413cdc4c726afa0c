import { useQuery } from '@tanstack/react-query';
import type { Morning } from '#core/api';
import { getJson } from '../../api/client';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { PersonButton } from '../../shell/PersonButton';
import { MorningLists } from './MorningLists';

/** What waits for somebody of the yard, each one tap away. */
export function MorningScreen() {
  const morning = useQuery({ queryKey: ['morning'], queryFn: () => getJson<Morning>('/api/morning') });
  return (
    <>
      <Bar title="This morning" back={{ to: '/', label: 'Back to the stock list' }}>
        <OutboxBadge />
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-6xl p-3 lg:p-5">
        {morning.error && <Notice look="warn">{morning.error.message}</Notice>}
        {morning.data && <MorningLists morning={morning.data} />}
      </main>
    </>
  );
}
