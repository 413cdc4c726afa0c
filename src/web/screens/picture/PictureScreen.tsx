import { useParams } from 'react-router';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { useWalker } from '../../shell/me';
import { OutboxBadge } from '../../shell/OutboxBadge';
import { PersonButton } from '../../shell/PersonButton';
import { useWalk } from '../../sync/useWalk';
import { PictureDesk } from './PictureDesk';

/** One picture to look at closely: mark it, hide what nobody should see, measure on it. */
export function PictureScreen() {
  const { id = '', photo = '' } = useParams();
  const load = useWalk(id, useWalker());
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <Bar
        title="Picture"
        {...(load.status === 'open' && { pageTitle: `Picture · ${load.walk.page.car.stockNumber}` })}
        back={{ to: `/walks/${id}/pictures`, label: 'Back to the pictures' }}
      >
        <OutboxBadge />
        <PersonButton />
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' && <PictureDesk key={photo} walk={load.walk} sha256={photo} />}
    </div>
  );
}
