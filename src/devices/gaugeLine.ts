/** What a gauge says in one line. See docs/devices.md for the protocol. */
export type GaugeLine =
  | { says: 'paint'; sequence: number; um: number; base: 'steel' | 'aluminium' }
  | { says: 'tread'; sequence: number; mm: number }
  /** The probe is not over metal. */
  | { says: 'no-metal'; sequence: number };

export type GaugeLineReading =
  | { ok: true; line: GaugeLine }
  | { ok: false; problem: 'noise' | 'bad-sum' | 'out-of-range' };

const UM_PER_MIL = 25.4;
const MM_PER_32ND = 25.4 / 32;
/** Sequence numbers run 0..65535 and then begin again. */
export const SEQUENCES = 65_536;
/** Beyond this it is no coating and no tread, whatever was sent. */
const MOST = { um: 5000, mm: 30 } as const;

const SHAPE =
  /^ZG1 (\d{1,5}) (?:(PAINT) (\d{1,5}(?:\.\d{1,2})?) (UM|MIL) (FE|NFE)|(TREAD) (\d{1,3}(?:\.\d{1,2})?) (MM|IN32)|(NOMETAL)) \*([0-9A-F]{2})$/;

/** Sum of the bytes before the star, modulo 256, as two hexadecimal digits. */
export function sumOf(text: string): string {
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum = (sum + text.charCodeAt(i)) % 256;
  return sum.toString(16).toUpperCase().padStart(2, '0');
}

/** Reads one line, without its end. Anything that is not whole and in order is told apart from what is. */
export function parseGaugeLine(text: string): GaugeLineReading {
  const match = SHAPE.exec(text);
  if (!match) return { ok: false, problem: 'noise' };
  const [, count, paint, depth, unit, base, tread, mm, treadUnit, , sum] = match;
  if (sumOf(text.slice(0, text.lastIndexOf('*'))) !== sum) return { ok: false, problem: 'bad-sum' };
  const sequence = Number(count);
  if (sequence >= SEQUENCES) return { ok: false, problem: 'out-of-range' };
  if (paint) {
    const um = tidy(Number(depth) * (unit === 'MIL' ? UM_PER_MIL : 1));
    return um > 0 && um <= MOST.um
      ? { ok: true, line: { says: 'paint', sequence, um, base: base === 'FE' ? 'steel' : 'aluminium' } }
      : { ok: false, problem: 'out-of-range' };
  }
  if (tread) {
    const depthMm = tidy(Number(mm) * (treadUnit === 'IN32' ? MM_PER_32ND : 1));
    return depthMm <= MOST.mm
      ? { ok: true, line: { says: 'tread', sequence, mm: depthMm } }
      : { ok: false, problem: 'out-of-range' };
  }
  return { ok: true, line: { says: 'no-metal', sequence } };
}

/** Writes a line as a gauge sends it, with its end. */
export function writeGaugeLine(line: GaugeLine): string {
  const said = {
    paint: (l: Extract<GaugeLine, { says: 'paint' }>) =>
      `PAINT ${l.um.toFixed(1)} UM ${l.base === 'steel' ? 'FE' : 'NFE'}`,
    tread: (l: Extract<GaugeLine, { says: 'tread' }>) => `TREAD ${l.mm.toFixed(1)} MM`,
    'no-metal': () => 'NOMETAL',
  }[line.says] as (line: GaugeLine) => string;
  const text = `ZG1 ${line.sequence} ${said(line)} `;
  return `${text}*${sumOf(text)}\r\n`;
}

const tidy = (value: number) => Math.round(value * 100) / 100;
