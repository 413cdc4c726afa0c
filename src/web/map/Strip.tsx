import type { NoticeDistance } from '#core/walk';
import { type StripStanding, stripLength, TapeStrip } from './TapeStrip';

interface StripProps {
  number?: number;
  notice?: NoticeDistance;
  standing: StripStanding;
  small?: boolean;
  isGuess?: boolean;
  warns?: boolean;
}

/** A strip of marker tape in running text. */
export function Strip({ number, notice, standing, small, isGuess = false, warns = false }: StripProps) {
  const h = small ? 12 : 22;
  const width =
    h * Math.max(stripLength(notice), 0.7 + `${number ?? ''}${warns ? '!' : ''}`.length * 0.6) + 4;
  return (
    <svg
      width={width}
      height={h + 8}
      viewBox={`0 0 ${width} ${h + 8}`}
      className="shrink-0"
      aria-hidden={number === undefined}
      role={number === undefined ? undefined : 'img'}
      aria-label={number === undefined ? undefined : `Finding ${number}`}
    >
      <TapeStrip
        number={number ?? ''}
        notice={notice}
        standing={standing}
        isGuess={isGuess}
        warns={warns}
        x={width / 2}
        y={h / 2 + 4}
        height={h}
      />
    </svg>
  );
}
