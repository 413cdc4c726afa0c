import { useState } from 'react';
import { inkOn, type Yard, yardLine } from '#core/yard';

interface YardBandProps {
  yard: Yard;
  /** Where its logo is. */
  logoUrl: (sha256: string) => string;
}

/** Who stands behind the report: in the yard's own colour, with its mark. */
export function YardBand({ yard, logoUrl }: YardBandProps) {
  const [isMissing, setMissing] = useState(false);
  const { colour, logo, name } = yard;
  const line = yardLine(yard);
  if (!colour && !logo) return <p className="px-4 pt-4 text-soft">{line}</p>;
  return (
    <div
      className="flex items-center gap-4 px-4 py-3"
      style={colour ? { backgroundColor: colour, color: inkOn(colour) } : undefined}
    >
      {logo && !isMissing && (
        <img
          src={logoUrl(logo)}
          alt=""
          className="h-12 w-auto max-w-40 shrink-0 rounded-sm bg-white object-contain p-1"
          onError={() => setMissing(true)}
        />
      )}
      <p className="min-w-0 leading-tight">
        <span className="block text-lg font-bold">{name}</span>
        {line.slice(name.length).replace(/^ · /, '')}
      </p>
    </div>
  );
}
