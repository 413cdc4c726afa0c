import { longDay } from '#core/wording';
import { Button } from '../components/Button';
import { useOutbox, useSessions } from '../sync/SyncContext';
import { A_PHOTO, aboutPhotos, SCARCE, useRoom } from './useRoom';

/** What waits on this device, what was refused, and what one can do about it. */
export function OutboxPanel() {
  const {
    waiting,
    cars,
    looks,
    refusedEntries,
    refusedPhotos,
    stalled,
    stalledBy,
    failing,
    unkept,
    unkeptBy,
  } = useOutbox();
  const room = useRoom();
  const sessions = useSessions();
  const refused = [
    ...cars
      .filter(({ refusal }) => refusal)
      .map(({ id, details, refusal }) => ({ id, what: `car ${details.stockNumber}`, why: refusal })),
    ...looks
      .filter(({ refusal }) => refusal)
      .map(({ id, look, refusal }) => ({ id, what: `look of ${longDay(look.day)}`, why: refusal })),
    ...refusedEntries.map((item) => ({
      id: item.id,
      what: item.entry.kind.replace('-', ' '),
      why: item.refusal,
    })),
    ...refusedPhotos.map((item) => ({ id: item.sha256, what: item.is ?? 'photo', why: item.refusal })),
  ];
  const isLost = unkept > 0;
  return (
    <>
      {isLost && (
        <p className="mb-2 border-l-4 border-warn pl-2 font-bold text-warn">
          {unkeptBy} {unkept} {unkept === 1 ? 'thing is' : 'things are'} only in this page: leave it open
          until all is sent.
        </p>
      )}
      {waiting === 0 && refused.length === 0 && <p>Everything made on this device has reached the server.</p>}
      {waiting > 0 && (
        <p>
          {waiting} {waiting === 1 ? 'thing is' : 'things are'} {isLost ? 'waiting' : 'kept on this device'}{' '}
          and {stalled ? 'sent when the server can be reached.' : 'being sent.'}
        </p>
      )}
      {/* It says that what one does is kept here: not when it is not. */}
      {stalledBy && !isLost && <p className="mt-2 text-soft">{stalledBy}</p>}
      {failing.length > 0 && (
        <>
          <p className="mt-2 font-bold">Tried again and again; the others go on:</p>
          <ul className="my-1 space-y-1">
            {failing.map(({ what, why }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: they differ in nothing else.
              <li key={i} className="border-l-4 border-line pl-2">
                A {what}: {why}
              </li>
            ))}
          </ul>
        </>
      )}
      {room !== undefined && !isLost && (
        <p className={`mt-2 ${room < SCARCE ? 'font-bold text-warn' : 'text-soft'}`}>
          {room < SCARCE
            ? `Nearly no room left on this device: about ${Math.floor(room / A_PHOTO)} photos.`
            : `Room on this device for about ${aboutPhotos(room)} photos.`}
        </p>
      )}
      {refused.length > 0 && (
        <>
          <p className="font-bold text-warn">The server would not take:</p>
          <ul className="my-2 max-h-60 space-y-2 overflow-y-auto">
            {refused.map((item) => (
              <li key={item.id} className="border-l-4 border-warn pl-2">
                <span className="font-bold">{item.what}</span>: {item.why}
              </li>
            ))}
          </ul>
          <div className="flex gap-2">
            <Button look="main" onClick={() => sessions.outbox.tryAgain()}>
              Send again
            </Button>
            <Button look="warn" onClick={() => sessions.giveUp(refused.map((item) => item.id))}>
              Give up on them
            </Button>
          </div>
        </>
      )}
    </>
  );
}
