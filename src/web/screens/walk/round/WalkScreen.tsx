import { useParams } from 'react-router';
import { Notice } from '../../../components/Notice';
import { useWalker } from '../../../people/me';
import { Bar } from '../../../shell/Bar';

import { useWalk } from '../../../sync/useWalk';
import { WalkRound } from './WalkRound';

export function WalkScreen() {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  if (load.status === 'open') return <WalkRound walk={load.walk} />;
  return (
    <>
      <Bar title="Walk-round" back={{ to: '/', label: 'Stock list' }} />
      <main className="mx-auto max-w-md p-4">
        {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
        {load.status === 'loading' && <p>Opening the walk…</p>}
      </main>
    </>
  );
}
