import { useEffect, useState } from 'react';
import type { Cut } from '../../../film/cutFilm';
import { cutOf } from '../../../film/filmWorker';

export interface CutMade {
  of: Cut['of'];
  seconds: number;
  blob: Blob;
  url: string;
}

/** Seconds of the film that were cut, to be played before they are kept. */
export function useCutting() {
  const [made, setMade] = useState<CutMade>();
  const [problem, setProblem] = useState<string>();
  const [isCutting, setCutting] = useState(false);
  useEffect(() => () => void (made && URL.revokeObjectURL(made.url)), [made]);
  return {
    made,
    problem,
    isCutting,
    drop: () => {
      setMade(undefined);
      setProblem(undefined);
    },
    cut: async (wanted: Cut) => {
      setCutting(true);
      setProblem(undefined);
      const blob = await cutOf(wanted);
      setCutting(false);
      if (blob)
        setMade({
          of: wanted.of,
          seconds: Math.round((wanted.toS - wanted.fromS) * 10) / 10,
          blob,
          url: URL.createObjectURL(blob),
        });
      else
        setProblem(
          wanted.of === 'sound'
            ? 'This device cannot cut sound out of this film: it has none there, or no encoder for it. Try it on another device.'
            : 'This device cannot cut this film: it has no encoder for it. A picture of the moment goes along all the same.',
        );
    },
  };
}
