import { useEffect, useState } from 'react';
import type { NewAddress } from '#core/api';
import { CopyButton } from '../../../components/CopyButton';
import { HandoverCode } from '../../../components/HandoverCode';
import { Notice } from '../../../components/Notice';

/** An address that opens once, to be scanned or sent on. */
export function OneTimeAddress({ address }: { address: NewAddress }) {
  const origin = address.origin ?? location.origin;
  const url = `${origin}/enter#${address.token}`;
  const left = useSecondsUntil(address.expiresAt);
  if (left <= 0) return <p className="font-bold">That code has run out. Show another.</p>;
  return (
    <div className="space-y-2">
      <HandoverCode url={url} />
      <p role="status" className="tabular-nums">
        {left < 600
          ? `Good for ${left} more seconds, once.`
          : `Good for ${Math.round(left / 86_400)} days, once.`}
      </p>
      {isHereAlone(origin) && (
        <Notice>
          Only this machine reaches that address. For phones, Zelk is started on the office network or behind
          a proxy: docs/running.md says how.
        </Notice>
      )}
      <CopyButton text={url} />
    </div>
  );
}

/** Whether an address leads to the very machine that opens it. */
const isHereAlone = (origin: string) => /^(localhost|127\.[\d.]+|\[::1\])$/.test(new URL(origin).hostname);

function useSecondsUntil(time: string): number {
  const left = () => Math.max(0, Math.round((Date.parse(time) - Date.now()) / 1000));
  const [seconds, setSeconds] = useState(left);
  useEffect(() => {
    const timer = setInterval(() => setSeconds(left()), 1000);
    return () => clearInterval(timer);
  });
  return seconds;
}
