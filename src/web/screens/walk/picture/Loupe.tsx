import { useEffect, useRef } from 'react';
import type { Vec2 } from '#core/picture';
import type { LoadedPicture } from './usePicture';

const SIDE = 132;
/** So many times nearer than the picture is. */
const NEARER = 3;

/** What lies under the finger, larger and beside it, with the very place marked. */
export function Loupe({
  picture,
  at,
  screen,
  zoom,
}: {
  picture: LoadedPicture;
  at: Vec2;
  screen: Vec2;
  zoom: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const scale = picture.image.naturalWidth / picture.width;
    const wide = (SIDE / (zoom * NEARER)) * scale;
    context.fillStyle = '#14181c';
    context.fillRect(0, 0, SIDE, SIDE);
    context.imageSmoothingEnabled = zoom * NEARER < 6;
    context.drawImage(
      picture.image,
      at[0] * scale - wide / 2,
      at[1] * scale - wide / 2,
      wide,
      wide,
      0,
      0,
      SIDE,
      SIDE,
    );
    context.strokeStyle = '#ffc933';
    context.lineWidth = 1.5;
    context.beginPath();
    context.moveTo(SIDE / 2 - 18, SIDE / 2);
    context.lineTo(SIDE / 2 + 18, SIDE / 2);
    context.moveTo(SIDE / 2, SIDE / 2 - 18);
    context.lineTo(SIDE / 2, SIDE / 2 + 18);
    context.stroke();
  }, [picture, at, zoom]);
  // Up in the corner the finger is not in.
  const isLeft = screen[0] < SIDE * 1.6 && screen[1] < SIDE * 1.6;
  return (
    <canvas
      ref={canvas}
      width={SIDE}
      height={SIDE}
      aria-hidden
      className={`pointer-events-none absolute top-2 rounded-full border-4 border-tape ${isLeft ? 'right-2' : 'left-2'}`}
    />
  );
}
