import { BookmarkCheck, BookmarkPlus } from 'lucide-react';
import { useState } from 'react';
import type { ReportDocument } from '#core/report';
import { Button } from '../components/Button';
import type { PhotoUrl } from '../report/photoUrl';
import { keepPageOffline } from './arrival/keepPageOffline';

interface KeepHereProps {
  report: ReportDocument;
  photoUrl: PhotoUrl;
}

const says = {
  no: 'Keep it on this phone',
  keeping: 'Keeping…',
  kept: 'Kept: opens without signal',
  failed: 'Not all could be kept: try again',
} as const;

/** Keeps the whole report with its pictures on the phone, for where there is no signal. */
export function KeepHere({ report, photoUrl }: KeepHereProps) {
  const [state, setState] = useState<keyof typeof says>('no');
  if (!('serviceWorker' in navigator)) return null;
  const keep = async () => {
    setState('keeping');
    const pictures = report.photos.flatMap(({ sha256 }) => [photoUrl(sha256, 320), photoUrl(sha256, 1600)]);
    setState((await keepPageOffline(pictures)) ? 'kept' : 'failed');
  };
  return (
    <Button disabled={state === 'keeping'} onClick={() => void keep()}>
      {state === 'kept' ? <BookmarkCheck aria-hidden size={20} /> : <BookmarkPlus aria-hidden size={20} />}{' '}
      {says[state]}
    </Button>
  );
}
