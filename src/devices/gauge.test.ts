import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type GaugeEvent,
  type GaugeLine,
  inventedPaintUm,
  listenToGauge,
  parseGaugeLine,
  practiceGauge,
  serialLink,
  writeGaugeLine,
} from '.';
import { sumOf } from './gaugeLine';

const bytes = (text: string) => new TextEncoder().encode(text);
const anyLine: fc.Arbitrary<GaugeLine> = fc.oneof(
  fc.record({
    says: fc.constant('paint' as const),
    sequence: fc.integer({ min: 0, max: 65_535 }),
    um: fc.integer({ min: 1, max: 49_999 }).map((tenths) => tenths / 10),
    base: fc.constantFrom('steel' as const, 'aluminium' as const),
  }),
  fc.record({
    says: fc.constant('tread' as const),
    sequence: fc.integer({ min: 0, max: 65_535 }),
    mm: fc.integer({ min: 0, max: 300 }).map((tenths) => tenths / 10),
  }),
  fc.record({ says: fc.constant('no-metal' as const), sequence: fc.integer({ min: 0, max: 65_535 }) }),
);

/** A link whose other end is held here. */
async function held() {
  const events: GaugeEvent[] = [];
  let send: (chunk: Uint8Array) => void = () => undefined;
  let pull: () => void = () => undefined;
  const close = await listenToGauge(
    {
      name: 'held',
      open: async (onBytes, onGone) => {
        [send, pull] = [onBytes, onGone];
        return () => undefined;
      },
    },
    (event) => events.push(event),
  );
  return { events, send, pull, close };
}

describe('a gauge’s line', () => {
  it('is read as it was written', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        expect(parseGaugeLine(writeGaugeLine(line).trimEnd())).toEqual({ ok: true, line });
      }),
    );
  });

  it('is as docs/devices.md prints it, in either unit', () => {
    expect(parseGaugeLine('ZG1 17 PAINT 118.4 UM FE *9F')).toEqual({
      ok: true,
      line: { says: 'paint', sequence: 17, um: 118.4, base: 'steel' },
    });
    const text = 'ZG1 17 PAINT 4.6 MIL NFE ';
    expect(parseGaugeLine(`${text}*${sumOf(text)}`)).toEqual({
      ok: true,
      line: { says: 'paint', sequence: 17, um: 116.84, base: 'aluminium' },
    });
    const tread = 'ZG1 18 TREAD 5 IN32 ';
    expect(parseGaugeLine(`${tread}*${sumOf(tread)}`)).toMatchObject({ line: { mm: 3.97 } });
    // 'A' is 65 and 'B' 66: 131 is 83 in hexadecimal.
    expect(sumOf('AB')).toBe('83');
  });

  it('is never taken for another when a character of it is changed', () => {
    fc.assert(
      fc.property(anyLine, fc.nat(), fc.integer({ min: 1, max: 94 }), (line, at, by) => {
        const text = writeGaugeLine(line).trimEnd();
        const i = at % text.length;
        const changed = String.fromCharCode(32 + ((text.charCodeAt(i) - 32 + by) % 95));
        expect(parseGaugeLine(text.slice(0, i) + changed + text.slice(i + 1)).ok).toBe(false);
      }),
    );
  });

  it.each(['', 'ZG1', 'hello', 'ZG1 1 PAINT -4.0 UM FE *00', 'ZG2 1 NOMETAL *00'])(
    '“%s” is noise',
    (text) => {
      expect(parseGaugeLine(text)).toEqual({ ok: false, problem: 'noise' });
    },
  );

  it('beyond any coating is refused though its sum is right', () => {
    const text = 'ZG1 1 PAINT 9000.0 UM FE ';
    expect(parseGaugeLine(`${text}*${sumOf(text)}`)).toEqual({ ok: false, problem: 'out-of-range' });
    const nothing = 'ZG1 1 PAINT 0.0 UM FE ';
    expect(parseGaugeLine(`${nothing}*${sumOf(nothing)}`)).toEqual({ ok: false, problem: 'out-of-range' });
  });
});

describe('listening', () => {
  it('finds every line however its bytes are cut', () => {
    fc.assert(
      fc.asyncProperty(
        fc.array(anyLine, { minLength: 1, maxLength: 8 }),
        fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 30 }),
        async (lines, cuts) => {
          const { events, send } = await held();
          const numbered = lines.map((line, sequence) => ({ ...line, sequence }));
          const all = bytes(numbered.map(writeGaugeLine).join(''));
          for (let at = 0, i = 0; at < all.length; i++) {
            const next = at + (cuts[i % cuts.length] as number);
            send(all.slice(at, next));
            at = next;
          }
          expect(events).toEqual(numbered);
        },
      ),
    );
  });

  it('tells noise, a lost line and a pulled cable, and goes on after noise', async () => {
    const { events, send, pull } = await held();
    const line = (sequence: number) => writeGaugeLine({ says: 'tread', sequence, mm: 4 });
    send(bytes(line(4)));
    send(new Uint8Array([0xff, 0x00, 0x0a, 0x0d, 0x0a]));
    send(bytes(line(5)));
    send(bytes(line(8)));
    pull();
    expect(events.map(({ says }) => says)).toEqual(['tread', 'noise', 'tread', 'missed', 'tread', 'gone']);
    expect(events[3]).toEqual({ says: 'missed', count: 2 });
  });

  it('counts on over the end of the numbers, and takes a gauge switched on anew for new', async () => {
    const { events, send } = await held();
    for (const sequence of [65_535, 0, 1, 40_000])
      send(bytes(writeGaugeLine({ says: 'no-metal', sequence })));
    expect(events.every(({ says }) => says === 'no-metal')).toBe(true);
  });

  it('does not keep noise without an end', async () => {
    const { events, send } = await held();
    for (let i = 0; i < 50; i++) send(new Uint8Array(1000).fill(0x41));
    send(bytes(`\n${writeGaugeLine({ says: 'tread', sequence: 1, mm: 4 })}`));
    expect(events.map(({ says }) => says)).toEqual(['noise', 'tread']);
  });
});

describe('a gauge on a cable', () => {
  it('says plainly that a browser cannot reach one', async () => {
    await expect(listenToGauge(serialLink({}), () => undefined)).rejects.toThrow('Type the readings instead');
  });

  it('sends its lines, and tells when the cable is pulled', async () => {
    let controller: ReadableStreamDefaultController<Uint8Array> | undefined;
    const port = {
      open: async () => undefined,
      close: async () => undefined,
      readable: new ReadableStream<Uint8Array>({
        start: (c) => {
          controller = c;
        },
      }),
    };
    const events: GaugeEvent[] = [];
    await listenToGauge(serialLink({ serial: { requestPort: async () => port } }), (event) =>
      events.push(event),
    );
    controller?.enqueue(bytes(writeGaugeLine({ says: 'tread', sequence: 1, mm: 4 })));
    controller?.error(new Error('pulled'));
    await new Promise((done) => setTimeout(done, 20));
    expect(events.map(({ says }) => says)).toEqual(['tread', 'gone']);
  });
});

describe('the practice gauge', () => {
  it('sends an invented car’s values over the same lines, alike about one panel', async () => {
    const gauge = practiceGauge('car');
    const events: GaugeEvent[] = [];
    const close = await listenToGauge(gauge.link, (event) => events.push(event));
    for (let i = 0; i < 20; i++) gauge.press({ on: 'paint', part: 'roof', base: 'steel' });
    gauge.press({ on: 'paint', part: 'bumper-front', base: 'other' });
    close();
    gauge.press({ on: 'paint', part: 'roof', base: 'steel' });
    expect(events).toHaveLength(21);
    expect(events.at(-1)?.says).toBe('no-metal');
    const values = events.flatMap((event) => (event.says === 'paint' ? [event.um] : []));
    expect(values[0]).toBeCloseTo(inventedPaintUm('car', 'roof', 0), 1);
    expect(new Set(values).size).toBeGreaterThan(10);
  });

  it('invents cars that differ, some with panels painted again', () => {
    const parts = [
      'bonnet',
      'wing-fl',
      'door-fl',
      'door-rl',
      'quarter-rl',
      'roof',
      'tailgate',
      'wing-fr',
      'door-fr',
    ];
    const thick = Array.from({ length: 60 }, (_, car) =>
      parts.some((part) => inventedPaintUm(`${car}`, part, 0) > 1.4 * inventedPaintUm(`${car}`, 'roof', 1)),
    );
    expect(thick.filter(Boolean).length).toBeGreaterThan(10);
    expect(thick.filter(Boolean).length).toBeLessThan(55);
  });
});
