import { useDraggable } from '@dnd-kit/core';
import clsx from 'clsx';
import { EyeOff, Star, TriangleAlert } from 'lucide-react';
import { faultWords, type PictureFault } from '#core/photos';
import { usePhotoUrl } from '../../../components/usePhotoUrl';
import type { FilmFrame } from './pictureList';

interface FrameProps {
  frame: FilmFrame;
  /** Where it is, or seems to be; empty when nobody knows. */
  place: string;
  isChosen: boolean;
  fault?: PictureFault;
  isCopy: boolean;
  isHidden: boolean;
  isCover: boolean;
  onChoose: () => void;
  onMove: (by: number) => void;
  onOpen: () => void;
}

/** One picture of the filmstrip. Drag it onto the car, or choose it and say its part beside. */
export function Frame(props: FrameProps) {
  const { frame, place, isChosen, fault, isCopy, isHidden, isCover, onChoose, onMove, onOpen } = props;
  const url = usePhotoUrl(frame.sha256, 320);
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: frame.sha256 });
  const waits = !frame.placed;
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      data-frame={frame.sha256}
      aria-pressed={isChosen}
      aria-label={`${place || 'No place yet'}${waits ? ', waiting' : ''}${fault ? `, ${faultWords[fault].name.toLowerCase()}` : ''}`}
      onClick={onChoose}
      onDoubleClick={onOpen}
      onKeyDown={(event) => {
        if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
          event.preventDefault();
          onMove(event.key === 'ArrowLeft' ? -1 : 1);
        } else if (event.key === 'Enter' && isChosen) onOpen();
        else listeners?.onKeyDown?.(event);
      }}
      className={clsx(
        'w-32 shrink-0 touch-pan-x rounded-md border-2 bg-sheet text-left sm:w-36',
        isChosen ? 'border-accent' : 'border-transparent',
        isDragging && 'opacity-40',
      )}
    >
      <span className="relative block">
        <img
          src={url}
          alt=""
          loading="lazy"
          draggable={false}
          className="aspect-4/3 w-full rounded-sm bg-fill object-cover"
        />
        {(fault || isCopy) && (
          <span className="absolute bottom-0 left-0 flex items-center gap-1 bg-tape px-1 text-sm font-bold">
            <TriangleAlert aria-hidden size={14} />
            {fault ? faultWords[fault].name : 'Copy'}
          </span>
        )}
        <span className="absolute top-1 right-1 flex gap-1">
          {isCover && <Star aria-label="Cover" size={18} className="rounded-sm bg-night p-0.5 text-tape" />}
          {isHidden && (
            <EyeOff
              aria-label="Something is hidden"
              size={18}
              className="rounded-sm bg-night p-0.5 text-white"
            />
          )}
        </span>
      </span>
      <span
        className={clsx(
          'block min-h-10 px-1 py-0.5 text-sm leading-tight',
          waits ? 'border-t-2 border-dashed border-ink' : 'border-t-2 border-tape',
          !place && 'text-soft',
        )}
      >
        {waits && place ? `${place}?` : place || 'No place yet'}
      </span>
    </button>
  );
}
