import type { MouseEvent } from 'react';

interface Place {
  x: number;
  y: number;
}

interface RingOnPhotoProps {
  url: string;
  at: Place | undefined;
  onAt?: (at: Place) => void;
}

/** A photo with a ring on it; a tap puts the ring where it is meant. */
export function RingOnPhoto({ url, at, onAt }: RingOnPhotoProps) {
  const tap = (event: MouseEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (value: number) => Math.min(1, Math.max(0, Math.round(value * 1000) / 1000));
    onAt?.({
      x: share((event.clientX - box.left) / box.width),
      y: share((event.clientY - box.top) / box.height),
    });
  };
  const picture = (
    <>
      <img src={url} alt="" className="block h-auto max-h-[45dvh] w-full object-contain" />
      {at && (
        <span
          aria-hidden
          className="absolute size-12 -translate-1/2 rounded-full border-4 border-tape shadow-[0_0_0_2px_#14181c]"
          style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
        />
      )}
    </>
  );
  if (!onAt) return <span className="relative block w-fit">{picture}</span>;
  return (
    <div>
      <button
        type="button"
        aria-label="Put a ring on the photo: tap the spot"
        onClick={tap}
        className="relative mx-auto block w-fit"
      >
        {picture}
      </button>
      <p className="mt-1 text-sm text-soft">Tap the spot you mean.</p>
    </div>
  );
}
