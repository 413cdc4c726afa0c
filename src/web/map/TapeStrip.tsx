import type { NoticeDistance } from '#core/walk';

export type StripStanding = 'confirmed' | 'suspected' | 'dismissed' | 'put-right' | 'heard';

/** Strip lengths: longer the farther off the finding is noticed. In strip heights. */
const lengths: Record<NoticeDistance, number> = {
  'up-close': 1.5,
  'one-step-back': 2.5,
  'across-the-bay': 4,
};

export const stripLength = (notice: NoticeDistance | undefined): number => lengths[notice ?? 'up-close'];

interface TapeStripProps {
  number: number | '';
  notice?: NoticeDistance;
  standing: StripStanding;
  /** From where it is noticed was worked out: its length is drawn open, only its tab is tape. */
  isGuess?: boolean;
  /** It has a caution: a mark behind the number. */
  warns?: boolean;
  x: number;
  y: number;
  /** Height of the strip in the drawing's units. */
  height: number;
}

/** A numbered strip of marker tape stuck on the drawing; one end is torn. */
export function TapeStrip({ number, notice, standing, isGuess, warns, x, y, height: h }: TapeStripProps) {
  const text = `${number}${warns ? '!' : ''}`;
  const w = h * Math.max(stripLength(notice), 0.7 + text.length * 0.6);
  const isOpen = isGuess && standing === 'confirmed';
  const torn = `l${-h * 0.16} ${h / 3}l${h * 0.16} ${h / 6}l${-h * 0.16} ${h / 2}`;
  const outline = `M${x - w / 2} ${y - h / 2}h${w}${torn}h${-w + h * 0.16}z`;
  const look = {
    confirmed: isOpen ? 'fill-sheet stroke-ink' : 'fill-tape stroke-ink',
    suspected: 'fill-sheet stroke-ink',
    dismissed: 'fill-transparent stroke-soft opacity-50',
    'put-right': 'fill-sheet stroke-soft',
    // Said, and not yet in the record: a strip that is only drawn.
    heard: 'fill-sheet/70 stroke-ink',
  }[standing];
  return (
    <g pointerEvents="none" transform={`rotate(-4 ${x} ${y})`}>
      <path
        d={outline}
        className={look}
        strokeWidth={h * 0.07}
        strokeDasharray={
          (standing === 'confirmed' && !isOpen) || standing === 'put-right'
            ? undefined
            : `${h * 0.25} ${h * 0.18}`
        }
      />
      {isOpen && <rect x={x - w / 2} y={y - h / 2} width={h * 0.5} height={h} className="fill-tape" />}
      <text
        x={x}
        y={y}
        dy="0.35em"
        textAnchor="middle"
        fontSize={h * 0.78}
        fontWeight={700}
        className={
          standing === 'dismissed' || standing === 'put-right'
            ? 'fill-soft'
            : standing === 'confirmed' && !isOpen
              ? 'fill-night'
              : 'fill-ink'
        }
      >
        {text}
      </text>
    </g>
  );
}
