import type Konva from 'konva';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { Group, Image as KonvaImage, Layer, Stage } from 'react-konva';
import type { Vec2 } from '#core/picture';
import { useSize } from '../../map/useSize';
import { Loupe } from './Loupe';
import type { LoadedPicture } from './usePicture';

interface View {
  /** Screen pixels per pixel of the picture. */
  zoom: number;
  left: number;
  top: number;
}

interface PictureStageProps {
  picture: LoadedPicture;
  /** What lies over it, in pixels of the picture; `zoom` tells how thick a line must be. */
  children: (zoom: number) => ReactNode;
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

const MOST_ZOOM = 12;

/** A picture to work on: wheel or pinch to come nearer, drag to move, or to draw with a tool in hand. */
export function PictureStage(props: PictureStageProps) {
  const { picture, children, draws, loupe, onDown, onMove, onUp, onZoom, label } = props;
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const fit = size.width > 0 ? Math.min(size.width / picture.width, size.height / picture.height) : 0;
  const [own, setOwn] = useState<View>();
  const view: View = own ?? {
    zoom: fit,
    left: (size.width - picture.width * fit) / 2,
    top: (size.height - picture.height * fit) / 2,
  };
  const [finger, setFinger] = useState<{ screen: Vec2; at: Vec2 }>();
  const pinch = useRef<{ apart: number; at: Vec2 }>(undefined);
  const drag = useRef<Vec2>(undefined);
  useEffect(() => {
    if (view.zoom > 0) onZoom?.(view.zoom);
  }, [view.zoom, onZoom]);

  const toPicture = ([x, y]: Vec2): Vec2 => [(x - view.left) / view.zoom, (y - view.top) / view.zoom];
  const zoomAbout = ([x, y]: Vec2, by: number) => {
    const zoom = Math.max(fit * 0.8, Math.min(MOST_ZOOM, view.zoom * by));
    const scale = zoom / view.zoom;
    setOwn({ zoom, left: x - (x - view.left) * scale, top: y - (y - view.top) * scale });
  };
  const pointOf = (stage: Konva.Stage | null): Vec2 | undefined => {
    const at = stage?.getPointerPosition();
    return at ? [at.x, at.y] : undefined;
  };
  const down = (event: Konva.KonvaEventObject<MouseEvent | TouchEvent>) => {
    const at = pointOf(event.target.getStage());
    if (!at || ('touches' in event.evt && event.evt.touches.length > 1)) return;
    if (!draws) {
      drag.current = at;
      return;
    }
    setFinger({ screen: at, at: toPicture(at) });
    onDown?.(toPicture(at), view.zoom);
  };
  const move = (event: Konva.KonvaEventObject<MouseEvent | TouchEvent>) => {
    event.evt.preventDefault();
    if ('touches' in event.evt && event.evt.touches.length === 2) {
      pinchTo(event.evt.touches);
      return;
    }
    const at = pointOf(event.target.getStage());
    if (!at) return;
    if (drag.current) {
      const [x, y] = drag.current;
      drag.current = at;
      setOwn({ ...view, left: view.left + at[0] - x, top: view.top + at[1] - y });
    } else if (finger) {
      setFinger({ screen: at, at: toPicture(at) });
      onMove?.(toPicture(at), view.zoom);
    }
  };
  const up = () => {
    pinch.current = undefined;
    drag.current = undefined;
    if (finger) onUp?.(finger.at, view.zoom);
    setFinger(undefined);
  };
  const pinchTo = (touches: TouchList) => {
    const rect = box.current?.getBoundingClientRect();
    const [a, b] = [touches[0], touches[1]];
    if (!rect || !a || !b) return;
    const apart = Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY);
    const at: Vec2 = [(a.clientX + b.clientX) / 2 - rect.left, (a.clientY + b.clientY) / 2 - rect.top];
    if (pinch.current) zoomAbout(at, apart / pinch.current.apart);
    // What one finger began, two undo.
    setFinger(undefined);
    drag.current = undefined;
    pinch.current = { apart, at };
  };
  return (
    <div
      ref={box}
      role="application"
      aria-label={label}
      data-testid="stage"
      data-zoom={view.zoom}
      data-left={view.left}
      data-top={view.top}
      className="relative size-full touch-none overflow-hidden bg-ink"
    >
      {size.width > 0 && (
        <Stage
          width={size.width}
          height={size.height}
          onMouseDown={down}
          onTouchStart={down}
          onMouseMove={move}
          onTouchMove={move}
          onMouseUp={up}
          onTouchEnd={up}
          onMouseLeave={up}
          onWheel={(event) => {
            event.evt.preventDefault();
            const at = pointOf(event.target.getStage());
            if (at) zoomAbout(at, Math.exp(-event.evt.deltaY / 400));
          }}
        >
          <Layer>
            <Group x={view.left} y={view.top} scaleX={view.zoom} scaleY={view.zoom}>
              <KonvaImage image={picture.image} width={picture.width} height={picture.height} />
              {view.zoom > 0 && children(view.zoom)}
            </Group>
          </Layer>
        </Stage>
      )}
      {loupe && finger && <Loupe picture={picture} at={finger.at} screen={finger.screen} zoom={view.zoom} />}
    </div>
  );
}
