import { useCallback, useEffect, useRef, useState } from 'react';
import {
  type GaugeEvent,
  type GaugeLink,
  hasSerial,
  listenToGauge,
  type PracticeGauge,
  type ProbeAt,
  practiceGauge,
  serialLink,
} from '../../devices';
import { beep } from './beep';

export type GaugeState =
  | { status: 'off'; says?: string }
  | { status: 'connecting' }
  | { status: 'on'; name: string; isPractice: boolean; says?: string };

export interface Gauge {
  state: GaugeState;
  /** This browser can reach a gauge on a cable. */
  canConnect: boolean;
  connect: () => void;
  practise: () => void;
  disconnect: () => void;
  /** Presses the practice gauge's probe. */
  press: (at: ProbeAt) => void;
}

/** A gauge while its screen is open. Readings go to `onReading` at once, in the order they came. */
export function useGauge(
  car: string,
  onReading: (event: Extract<GaugeEvent, { says: 'paint' | 'tread' }>, isPractice: boolean) => void,
  onNoMetal: () => string,
): Gauge {
  const [state, setState] = useState<GaugeState>({ status: 'off' });
  const close = useRef<(() => void) | undefined>(undefined);
  const practice = useRef<PracticeGauge | undefined>(undefined);
  const latest = useRef({ onReading, onNoMetal });
  latest.current = { onReading, onNoMetal };

  const tell = useCallback(
    (says: string | undefined) =>
      setState((now) => {
        if (now.status !== 'on' || now.says === says) return now;
        const { says: _, ...rest } = now;
        return says === undefined ? rest : { ...rest, says };
      }),
    [],
  );
  const listen = useCallback(
    async (link: GaugeLink, isPractice: boolean) => {
      close.current?.();
      close.current = undefined;
      setState({ status: 'connecting' });
      try {
        close.current = await listenToGauge(link, (event) => {
          switch (event.says) {
            case 'paint':
            case 'tread':
              tell(undefined);
              beep();
              latest.current.onReading(event, isPractice);
              break;
            case 'no-metal':
              tell(latest.current.onNoMetal());
              break;
            case 'noise':
              tell(
                'The gauge sent something that cannot be read. Nothing was taken from it: read there again.',
              );
              break;
            case 'missed':
              tell(
                `${event.count === 1 ? 'One reading' : `${event.count} readings`} did not arrive. Look at the figures and read there again.`,
              );
              break;
            case 'gone':
              close.current = undefined;
              setState({
                status: 'off',
                says: 'The gauge is gone. What was read is kept; connect it again, or type the readings.',
              });
              break;
            default:
              event satisfies never;
          }
        });
        setState({ status: 'on', name: link.name, isPractice });
      } catch (error) {
        const isChosen = !(error instanceof DOMException && error.name === 'NotFoundError');
        setState({
          status: 'off',
          says: isChosen
            ? (error as Error).message
            : 'No gauge was chosen. Type the readings, or connect again.',
        });
      }
    },
    [tell],
  );
  useEffect(() => () => close.current?.(), []);

  return {
    state,
    canConnect: hasSerial(navigator),
    connect: () => void listen(serialLink(navigator), false),
    practise: () => {
      practice.current = practiceGauge(car);
      void listen(practice.current.link, true);
    },
    disconnect: () => {
      close.current?.();
      close.current = undefined;
      setState({ status: 'off' });
    },
    press: useCallback((at: ProbeAt) => practice.current?.press(at), []),
  };
}
