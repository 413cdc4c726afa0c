import type { GaugeLink } from '../gauge';
import { type GaugeLine, SEQUENCES, writeGaugeLine } from '../gaugeLine';
import { inventedPaintUm, inventedTreadMm } from './inventedCar';

/** Where the probe of the stand-in is held. */
export type ProbeAt =
  | { on: 'paint'; part: string; base: 'steel' | 'aluminium' | 'other' }
  | { on: 'tread'; part: string; third: string };

export interface PracticeGauge {
  link: GaugeLink;
  /** Presses the probe where it is held: one line is sent. Nothing happens while the link is closed. */
  press: (at: ProbeAt) => void;
  /** Pulls the cable. */
  pull: () => void;
}

/**
 * A stand-in for a paint and tread gauge: it measures nothing, but sends an invented car's values over the same lines a real one would.
 * For practice and for tests; what it sends is marked as practice wherever it is shown.
 */
export function practiceGauge(car: string): PracticeGauge {
  const ascii = new TextEncoder();
  const counts = new Map<string, number>();
  let sequence = 0;
  let open: { onBytes: (bytes: Uint8Array) => void; onGone: () => void } | undefined;
  const lineAt = (at: ProbeAt): GaugeLine => {
    const key = `${at.part} ${at.on === 'tread' ? at.third : ''}`;
    const count = counts.get(key) ?? 0;
    counts.set(key, count + 1);
    if (at.on === 'tread')
      return { says: 'tread', sequence, mm: inventedTreadMm(car, at.part, at.third, count) };
    if (at.base === 'other') return { says: 'no-metal', sequence };
    return { says: 'paint', sequence, um: inventedPaintUm(car, at.part, count), base: at.base };
  };
  return {
    link: {
      name: 'Practice gauge',
      open: async (onBytes, onGone) => {
        open = { onBytes, onGone };
        return () => {
          open = undefined;
        };
      },
    },
    press: (at) => {
      if (!open) return;
      const line = writeGaugeLine(lineAt(at));
      sequence = (sequence + 1) % SEQUENCES;
      open.onBytes(ascii.encode(line));
    },
    pull: () => {
      open?.onGone();
      open = undefined;
    },
  };
}
