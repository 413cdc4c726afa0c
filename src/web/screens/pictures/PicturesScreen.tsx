import { useParams } from 'react-router';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { useWalker } from '../../shell/me';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { PersonButton } from '../../shell/PersonButton';
import { useWalk } from '../../sync/useWalk';
import { Pictures } from './Pictures';

/** All pictures of a walk: brought in, placed, put in order. */
export function PicturesScreen() {
  const { id = '' } = useParams();
  const load = useWalk(id, useWalker());
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <Bar
        title="Pictures"
        {...(load.status === 'open' && { pageTitle: `Pictures · ${load.walk.page.car.stockNumber}` })}
        back={{ to: `/walks/${id}`, label: 'Back to the walk' }}
      >
        <OutboxBadge />
        <PersonButton />
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' && <Pictures walk={load.walk} />}
    </div>
  );
}
