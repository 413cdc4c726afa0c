import type { GaugeLink } from './gauge';

/** As much of Web Serial as is used here; browsers without it have no `serial`. */
interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}
interface SerialNavigator {
  serial?: { requestPort: () => Promise<SerialPort> };
}

const BAUD = 9600;

export const hasSerial = (navigator: object): boolean => 'serial' in navigator;

/** A gauge on a cable or on a radio that looks like one. The browser asks which; it must be called from a tap. */
export function serialLink(navigator: object): GaugeLink {
  return {
    name: 'Gauge',
    open: async (onBytes, onGone) => {
      const { serial } = navigator as SerialNavigator;
      if (!serial) throw new Error('This browser cannot reach a gauge. Type the readings instead.');
      const port = await serial.requestPort();
      await port.open({ baudRate: BAUD });
      const reader = port.readable?.getReader();
      if (!reader) throw new Error('The gauge sends nothing. Switch it off and on, and connect again.');
      let isClosed = false;
      const listen = async () => {
        for (;;) {
          const { value, done } = await reader.read();
          if (done) break;
          onBytes(value);
        }
      };
      // A pulled cable ends the stream or breaks it; either way the gauge is gone.
      listen()
        .catch(() => undefined)
        .finally(() => {
          if (!isClosed) onGone();
          port.close().catch(() => undefined);
        });
      return () => {
        isClosed = true;
        reader.cancel().catch(() => undefined);
      };
    },
  };
}
