import { useParams } from 'react-router';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { useWalker } from '../../shell/person';
import { WalkerList } from '../../shell/WalkerPicker';
import { useWalk } from '../../sync/useWalk';
import { PapersView } from './PapersView';

/** Service record, odometer, certificate, keys and numbers. */
export function PapersScreen() {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <Bar title="Papers" back={{ to: `/walks/${id}`, label: 'Back to the walk' }}>
        <OutboxBadge />
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' &&
        (walker ? (
          <PapersView walk={load.walk} />
        ) : (
          <main className="mx-auto max-w-md p-4">
            <WalkerList onDone={() => undefined} />
          </main>
        ))}
    </div>
  );
}
