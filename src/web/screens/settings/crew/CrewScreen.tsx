import { useQuery } from '@tanstack/react-query';
import type { BoardPage } from '#core/api';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { CrewForm } from './CrewForm';

/** Who works on which days, which trades visit when, and when the yard is closed. */
export function CrewScreen() {
  const board = useQuery({ queryKey: ['board'], queryFn: () => getJson<BoardPage>('/api/board') });
  return (
    <>
      <Bar title="Who works when" back={{ to: '/board', label: 'Back to the board' }} />
      <main className="mx-auto max-w-4xl p-4">
        {board.error && <Notice look="warn">{board.error.message}</Notice>}
        {board.data && <CrewForm crew={board.data.crew} />}
      </main>
    </>
  );
}
