import type { PracticeMark, PracticeTruth } from '#core/practice';

interface PicturePlaneProps {
  picture: string;
  width: number;
  height: number;
  marks: readonly PracticeMark[];
  chosen: number | undefined;
  truth: PracticeTruth | undefined;
  onTap: (at: PracticeMark['at']) => void;
  onChoose: (mark: number) => void;
}

/** The picture with one's marks on it, and the outline of what is there once that is told. */
export function PicturePlane({
  picture,
  width,
  height,
  marks,
  chosen,
  truth,
  onTap,
  onChoose,
}: PicturePlaneProps) {
  return (
    <div className="relative bg-fill" style={{ aspectRatio: `${width} / ${height}` }}>
      <img
        src={picture}
        alt="Part of a car, to be looked at"
        width={width}
        height={height}
        className="size-full"
      />
      <button
        type="button"
        aria-label="Mark a place in the middle of what is shown"
        disabled={truth !== undefined}
        className="absolute inset-0 cursor-crosshair"
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          // A key press has no place: it marks the middle, to be moved by a tap.
          const isKey = event.detail === 0;
          onTap({
            x: isKey ? 0.5 : clamp((event.clientX - box.left) / box.width),
            y: isKey ? 0.5 : clamp((event.clientY - box.top) / box.height),
          });
        }}
      />
      {truth?.area && (
        <svg
          aria-hidden
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 size-full"
        >
          <polygon
            points={truth.area.map(([x, y]) => `${x},${y}`).join(' ')}
            fill="none"
            className="stroke-white"
            strokeWidth={5}
            vectorEffect="non-scaling-stroke"
          />
          <polygon
            points={truth.area.map(([x, y]) => `${x},${y}`).join(' ')}
            fill="none"
            className="stroke-night"
            strokeWidth={2}
            strokeDasharray="6 4"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
      {marks.map(({ at, is }, i) => (
        <button
          // biome-ignore lint/suspicious/noArrayIndexKey: marks have no name but their number.
          key={i}
          type="button"
          aria-label={`Mark ${i + 1}: ${is === 'dirt' ? 'dirt' : 'fault'}`}
          aria-pressed={i === chosen}
          onClick={() => onChoose(i)}
          className="absolute grid size-11 -translate-1/2 place-items-center"
          style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
        >
          <span
            className={`grid h-7 min-w-8 place-items-center border border-night px-1 font-bold text-night ${is === 'dirt' ? 'border-dashed bg-white' : 'bg-tape'} ${i === chosen ? 'outline-2 outline-night' : ''}`}
          >
            {i + 1}
          </span>
        </button>
      ))}
    </div>
  );
}

const clamp = (value: number): number => Math.min(1, Math.max(0, value));
