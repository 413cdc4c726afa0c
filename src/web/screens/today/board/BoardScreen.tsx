import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { PersonButton } from '../../../shell/PersonButton';
import { BoardView } from './BoardView';

/** Who does what when, for every car the yard works on. */
export const BoardScreen = () => (
  <>
    <Bar title="Who does it, when" back={{ to: '/', label: 'Back to the stock list' }}>
      <OutboxBadge />
      <PersonButton />
    </Bar>
    <BoardView />
  </>
);
