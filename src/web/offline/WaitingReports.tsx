import { Link } from 'react-router';
import { buttonLook } from '../components/Button';
import { freezeWishes } from './freezeWishes';

/** Reports that could not be frozen for want of signal. */
export function WaitingReports() {
  return freezeWishes.all().map(({ walk, stockNumber }) => (
    <div
      key={walk}
      role="status"
      className="mb-3 flex flex-wrap items-center gap-3 border-l-8 border-tape bg-sheet p-2 pl-3"
    >
      <p className="min-w-0 flex-1">The report of {stockNumber} waits to be frozen: it had no signal.</p>
      <Link to={`/walks/${walk}/report`} className={buttonLook()}>
        Go to it
      </Link>
    </div>
  ));
}
