import { useEffect, useState } from 'react';
import type { NewAddress } from '#core/api';
import { CopyButton } from '../../components/CopyButton';
import { HandoverCode } from '../../components/HandoverCode';

/** An address that opens once, to be scanned or sent on. */
export function OneTimeAddress({ address }: { address: NewAddress }) {
  const url = `${location.origin}/enter#${address.token}`;
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
      <CopyButton text={url} />
    </div>
  );
}

function useSecondsUntil(time: string): number {
  const left = () => Math.max(0, Math.round((Date.parse(time) - Date.now()) / 1000));
  const [seconds, setSeconds] = useState(left);
  useEffect(() => {
    const timer = setInterval(() => setSeconds(left()), 1000);
    return () => clearInterval(timer);
  });
  return seconds;
}
