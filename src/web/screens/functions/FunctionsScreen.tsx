import { useParams } from 'react-router';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { useWalker } from '../../shell/person';
import { WalkerList } from '../../shell/WalkerPicker';
import { useWalk } from '../../sync/useWalk';
import { FunctionsView } from './FunctionsView';

/** Does it work: everything that can be tried on the car, one tap each. */
export function FunctionsScreen() {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <Bar title="Does it work" back={{ to: `/walks/${id}`, label: 'Back to the walk' }}>
        <OutboxBadge />
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' &&
        (walker ? (
          <FunctionsView walk={load.walk} />
        ) : (
          <main className="mx-auto max-w-md p-4">
            <WalkerList onDone={() => undefined} />
          </main>
        ))}
    </div>
  );
}
