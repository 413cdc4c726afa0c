import { type GaugeLine, parseGaugeLine, SEQUENCES } from './gaugeLine';
import { lineFeed } from './lineFeed';

/** A way to a gauge: bytes come until it is closed. A cable, a radio or a stand-in. */
export interface GaugeLink {
  name: string;
  /** Opens the way; rejects when it cannot be opened. Gives back what closes it again. */
  open: (onBytes: (bytes: Uint8Array) => void, onGone: () => void) => Promise<() => void>;
}

export type GaugeEvent =
  | GaugeLine
  /** Something came that cannot be read; nothing was taken from it. */
  | { says: 'noise' }
  /** So many lines never arrived. */
  | { says: 'missed'; count: number }
  /** The cable was pulled or the gauge switched off. */
  | { says: 'gone' };

/** More than this missing is a gauge that was switched on anew, not a loss. */
const MOST_MISSED = 50;

/** Listens to a gauge; gives back what ends it. Rejects when the gauge cannot be reached. */
export function listenToGauge(link: GaugeLink, onEvent: (event: GaugeEvent) => void): Promise<() => void> {
  let expected: number | undefined;
  const feed = lineFeed((text) => {
    const reading = parseGaugeLine(text);
    if (!reading.ok) {
      onEvent({ says: 'noise' });
      return;
    }
    const { line } = reading;
    const missed = expected === undefined ? 0 : (line.sequence - expected + SEQUENCES) % SEQUENCES;
    expected = (line.sequence + 1) % SEQUENCES;
    if (missed > 0 && missed <= MOST_MISSED) onEvent({ says: 'missed', count: missed });
    onEvent(line);
  });
  return link.open(feed, () => onEvent({ says: 'gone' }));
}
