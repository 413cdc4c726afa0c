import { useQuery } from '@tanstack/react-query';
import { SmartphoneNfc } from 'lucide-react';
import { useSyncExternalStore } from 'react';
import { Button } from '../../../components/Button';
import { install, isInstalled } from '../../../offline/install';
import { useMay } from '../../../people/me';
import { HabitSwitch } from '../../../shell/HabitSwitch';
import { A_PHOTO, aboutPhotos, SCARCE, useRoom } from '../../../shell/useRoom';

/** Whether Zelk opens here without signal, how much room there is, and the way onto the device's own screen. */
export function OnThisDevice() {
  const isOffered = useSyncExternalStore(install.subscribe, install.isOffered);
  const looksAfter = useMay('manage');
  const room = useRoom();
  const kept = useQuery({ queryKey: ['kept-here'], queryFn: keptHere, gcTime: 0 });
  return (
    <>
      {kept.data && <p>{keptWords[kept.data]}</p>}
      {room !== undefined && (
        <p className={room < SCARCE ? 'font-bold text-warn' : ''}>
          {room < SCARCE
            ? `Nearly no room left: about ${Math.floor(room / A_PHOTO)} photos.`
            : `Room for about ${aboutPhotos(room)} photos that wait to be sent.`}
        </p>
      )}
      {looksAfter && <HabitSwitch habit="opensWithMorning" />}
      {isOffered ? (
        <Button onClick={() => void install.take()}>
          <SmartphoneNfc aria-hidden size={20} /> Put Zelk on this device’s own screen
        </Button>
      ) : (
        !isInstalled() && (
          <p className="text-soft">
            To have Zelk on the device’s own screen: the browser’s menu, or its share sign, then “Add to home
            screen”.
          </p>
        )
      )}
    </>
  );
}

const keptWords = {
  kept: 'Zelk opens here without signal, with the stock list, the walks that are not frozen and their pictures.',
  'not-yet': 'Zelk will open here without signal once this page has been open for a moment longer.',
  never:
    'Zelk does not open here without signal: this browser keeps pages only from an address that begins with https and that it trusts, and in no private window.',
} as const;

async function keptHere(): Promise<keyof typeof keptWords> {
  if (!('serviceWorker' in navigator)) return 'never';
  const registration = await navigator.serviceWorker.getRegistration().catch(() => null);
  if (registration === null) return 'never';
  return registration?.active ? 'kept' : 'not-yet';
}
