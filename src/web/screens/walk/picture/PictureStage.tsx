import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { PlacedText, Vec2 } from '#core/picture';
import { useSize } from '../../../map/useSize';
import { Loupe } from './Loupe';
import { OverlayTexts } from './OverlayTexts';
import { fitZoom, type StageView, toPicture, wholeView, zoomedAbout } from './stageView';
import type { LoadedPicture } from './usePicture';
import { usePointers } from './usePointers';

interface PictureStageProps {
  picture: LoadedPicture;
  /** Shapes that lie over it, in pixels of the picture; `zoom` tells how thick a line must be. */
  children: (zoom: number) => ReactNode;
  /** Words that lie over it. */
  texts: readonly PlacedText[];
  /** With a tool in hand a finger draws, without one it moves the picture. Two fingers always move it. */
  draws: boolean;
  /** Show what is under the finger, larger. */
  loupe: boolean;
  onDown?: (at: Vec2, zoom: number) => void;
  onMove?: (at: Vec2, zoom: number) => void;
  onUp?: (at: Vec2, zoom: number) => void;
  onZoom?: (zoom: number) => void;
  label: string;
}

/** A picture to work on: wheel or pinch to come nearer, drag to move, or to draw with a tool in hand. */
export function PictureStage(props: PictureStageProps) {
  const { picture, children, texts, draws, loupe, onDown, onMove, onUp, onZoom, label } = props;
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const [own, setOwn] = useState<StageView>();
  const view = own ?? wholeView(size, picture);
  const fit = fitZoom(size, picture);
  const [finger, setFinger] = useState<{ screen: Vec2; at: Vec2 }>();
  const drag = useRef<Vec2>(undefined);
  useEffect(() => {
    if (view.zoom > 0) onZoom?.(view.zoom);
  }, [view.zoom, onZoom]);

  const pointers = usePointers({
    onDown: (screen) => {
      if (!draws) {
        drag.current = screen;
        return;
      }
      const at = toPicture(view, screen);
      setFinger({ screen, at });
      onDown?.(at, view.zoom);
    },
    onMove: (screen) => {
      if (drag.current) {
        const [x, y] = drag.current;
        drag.current = screen;
        setOwn({ ...view, left: view.left + screen[0] - x, top: view.top + screen[1] - y });
      } else if (finger) {
        const at = toPicture(view, screen);
        setFinger({ screen, at });
        onMove?.(at, view.zoom);
      }
    },
    onUp: () => {
      drag.current = undefined;
      if (finger) onUp?.(finger.at, view.zoom);
      setFinger(undefined);
    },
    onPinch: (at, by) => {
      setFinger(undefined);
      drag.current = undefined;
      setOwn(zoomedAbout(view, at, by, fit));
    },
  });

  // React listens to wheels passively: the page would scroll along.
  const wheel = useRef<(event: WheelEvent) => void>(undefined);
  wheel.current = (event) => {
    event.preventDefault();
    const rect = box.current?.getBoundingClientRect();
    if (rect)
      setOwn(
        zoomedAbout(
          view,
          [event.clientX - rect.left, event.clientY - rect.top],
          Math.exp(-event.deltaY / 400),
          fit,
        ),
      );
  };
  useEffect(() => {
    const listen = (event: WheelEvent) => wheel.current?.(event);
    const element = box.current;
    element?.addEventListener('wheel', listen, { passive: false });
    return () => element?.removeEventListener('wheel', listen);
  }, []);

  return (
    <div
      ref={box}
      role="application"
      aria-label={label}
      data-testid="stage"
      data-zoom={view.zoom}
      data-left={view.left}
      data-top={view.top}
      className="relative size-full touch-none overflow-hidden bg-night select-none"
      {...pointers}
    >
      {size.width > 0 && (
        <svg width={size.width} height={size.height} aria-hidden className="block">
          <g transform={`translate(${view.left} ${view.top}) scale(${view.zoom})`}>
            <image
              href={picture.image.src}
              width={picture.width}
              height={picture.height}
              preserveAspectRatio="none"
            />
            {view.zoom > 0 && children(view.zoom)}
          </g>
        </svg>
      )}
      <OverlayTexts texts={texts} view={view} />
      {loupe && finger && <Loupe picture={picture} at={finger.at} screen={finger.screen} zoom={view.zoom} />}
    </div>
  );
}
