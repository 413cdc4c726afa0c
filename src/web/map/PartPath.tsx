import { type KeyboardEvent, memo } from 'react';
import type { PartId } from '#core/car';
import type { PartStatus } from '#core/walk';
import { partFill } from './partMarks';

interface PartPathProps {
  id: PartId;
  path: string;
  status: PartStatus;
  isTyre: boolean;
  isCurrent: boolean;
  /** In place of the fill its status has. */
  tint?: string | undefined;
  /** What a reader is told; without it the part is a picture only. */
  label?: string;
  onKey?: (part: PartId, event: KeyboardEvent<SVGElement>) => void;
}

/** One part of a face. Taps are taken by the drawing as a whole, which knows where they fell. */
export const PartPath = memo(function PartPath(props: PartPathProps) {
  const { id, path, status, isTyre, isCurrent, tint, label, onKey } = props;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: with a label every part is a button; without one, a picture.
    <path
      d={path}
      data-part={id}
      className={`${tint ?? (isTyre && status === 'not-looked-at' ? 'fill-line' : partFill[status])} stroke-ink outline-none focus-visible:stroke-accent`}
      vectorEffect="non-scaling-stroke"
      strokeWidth={isCurrent ? 3.5 : 1.25}
      strokeLinejoin="round"
      onKeyDown={onKey && ((event) => onKey(id, event))}
      role={label ? 'button' : undefined}
      tabIndex={label ? (isCurrent ? 0 : -1) : undefined}
      aria-label={label}
      aria-current={isCurrent || undefined}
    />
  );
});
