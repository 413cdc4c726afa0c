import { CloudAlert, CloudCheck, CloudUpload, type LucideIcon } from 'lucide-react';
import { memo, useDeferredValue } from 'react';
import { DropDown } from '../components/DropDown';
import { useOutbox } from '../sync/SyncContext';
import { OutboxPanel } from './OutboxPanel';
import { SCARCE, useRoom } from './useRoom';

/** Whether everything made here has reached the server; what was refused is shown until someone decides. */
export function OutboxBadge() {
  // Told once what was tapped is on the screen.
  const { waiting, cars, refusedEntries, refusedPhotos, stalled, unkept } = useDeferredValue(useOutbox());
  const room = useRoom();
  const refusedCars = cars.filter(({ refusal }) => refusal).length;
  const refused = refusedCars + refusedEntries.length + refusedPhotos.length;
  const isScarce = room !== undefined && room < SCARCE;
  const isLost = unkept > 0;
  const [Icon, says] = isLost
    ? [CloudAlert, `${unkept} not kept`]
    : refused > 0
      ? [CloudAlert, `${refused} refused`]
      : isScarce
        ? [CloudAlert, 'Little room']
        : waiting > 0
          ? [CloudUpload, stalled ? `${waiting} kept here` : `${waiting} sending`]
          : [CloudCheck, 'Saved'];
  return <Badge says={says} Icon={Icon} isWarning={refused > 0 || isLost || isScarce} />;
}

/** Its look; drawn anew only when that changes, not with everything that is sent. */
const Badge = memo(function Badge({
  says,
  Icon,
  isWarning,
}: {
  says: string;
  Icon: LucideIcon;
  isWarning: boolean;
}) {
  return (
    <DropDown
      label={`${says}. Show what is waiting`}
      className={`flex min-h-12 min-w-11 items-center justify-center gap-2 rounded-md px-2 ${isWarning ? 'bg-warn-fill font-bold text-warn' : ''}`}
      panelClassName="z-30 rounded-md max-sm:fixed max-sm:inset-x-2 max-sm:top-14 sm:absolute sm:top-full sm:right-0 sm:w-80 border border-ink bg-sheet p-3 text-left shadow-lg"
      testId="outbox"
      button={
        <>
          <Icon aria-hidden size={22} />
          <span className="max-sm:sr-only tabular-nums">{says}</span>
        </>
      }
    >
      {() => <OutboxPanel />}
    </DropDown>
  );
});
