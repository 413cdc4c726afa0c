import { MM_PER_INCH } from '../measure';

/** Longer than anyone says in one breath; what is beyond it was pasted by mistake. */
export const MAX_LINE = 300;

/** Splits a line into lower-case words; numbers keep their point, dash and unit. */
export function wordsOf(line: string): string[] {
  return line
    .toLowerCase()
    .replace(/[’`]/g, "'")
    .replace(/\bn\/s/g, 'ns')
    .replace(/\bo\/s/g, 'os')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/[″”“"]/g, ' in ')
    .replace(/×/g, 'x')
    .replace(/…/g, ' ')
    .replace(/(^|[^\d])\.+|\.+(?=[^\d]|$)/g, '$1 ')
    .replace(/[,;:!?()]+/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '' && word !== '-' && word !== '–');
}

/** A word as it is looked up, and as it was spoken. */
export interface SpokenWord {
  word: string;
  spoken: string;
}

/** The same words with what was spoken, capitals and all: what is not understood is kept as it was said. */
export const spokenWords = (line: string): SpokenWord[] =>
  line.split(/\s+/).flatMap((piece) => {
    const words = wordsOf(piece);
    const spoken = piece.replace(/^[,;:!?()]+|[,;:!?()]+$/g, '');
    return words.map((word) => ({ word, spoken: words.length === 1 ? spoken : word }));
  });

const UNIT_MM: Record<string, number> = {
  mm: 1,
  mil: 1,
  millimetre: 1,
  millimetres: 1,
  millimeters: 1,
  cm: 10,
  centimetres: 10,
  centimeters: 10,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
};

/** A number as said: of a range ("3-4") the high end, which is the fair one for a size. */
const numberOf = (text: string): number | undefined => {
  const range = /^(-?\d+(?:\.\d+)?)-(\d+(?:\.\d+)?)$/.exec(text);
  if (range) return Number(range[2]);
  const fraction = /^(\d+)\/(\d+)$/.exec(text);
  if (fraction) return Number(fraction[1]) / Number(fraction[2]);
  return /^-?\d+(?:\.\d+)?$/.test(text) ? Number(text) : undefined;
};

export interface Quantity {
  /** Words it took. */
  used: number;
  value: number;
  /** The other side of an area. */
  second?: number;
  unitMm?: number;
  /** "x3" and "3x" can only be a count. */
  isCount?: true;
}

/** Reads a number with what belongs to it, at a place in the line: "3", "x3", "140 mm", "1 1/2 in", "30x20mm", "30 by 20 mm". */
export function quantityAt(words: readonly string[], at: number): Quantity | undefined {
  const word = words[at];
  if (word === undefined) return undefined;
  const first = word.charCodeAt(0);
  // Most words are no numbers: say so quickly.
  if (first > 57 && first !== 120) return undefined;
  const times = /^(?:x(\d+)|(\d+)x)$/.exec(word);
  if (times) return { used: 1, value: Number(times[1] ?? times[2]), isCount: true };
  const glued = /^(-?[\d./-]+?)(?:x(-?[\d./]+))?([a-z]+)?$/.exec(word);
  if (!glued) return undefined;
  let value = numberOf(glued[1] as string);
  if (value === undefined) return undefined;
  let used = 1;
  let second = glued[2] === undefined ? undefined : numberOf(glued[2]);
  let unitMm = glued[3] === undefined ? undefined : UNIT_MM[glued[3]];
  if (glued[3] !== undefined && unitMm === undefined) return undefined;
  const next = () => words[at + used];
  const half = /^\d+\/\d+$/.test(next() ?? '') ? numberOf(next() as string) : undefined;
  if (half !== undefined && unitMm === undefined) {
    value += half;
    used++;
  }
  if (unitMm === undefined && UNIT_MM[next() ?? ''] !== undefined && !isPlainIn(words, at + used)) {
    unitMm = UNIT_MM[next() as string];
    used++;
  }
  if (second === undefined && (next() === 'by' || next() === 'x')) {
    const other = quantityAt(words, at + used + 1);
    if (other && !other.isCount) {
      second = other.value;
      unitMm = other.unitMm ?? unitMm;
      used += 1 + other.used;
    }
  }
  return { used, value, ...(second !== undefined && { second }), ...(unitMm !== undefined && { unitMm }) };
}

/** "3 in the door": there "in" is no inch. */
function isPlainIn(words: readonly string[], at: number): boolean {
  return words[at] === 'in' && /^(the|a|its|glass|paint)$/.test(words[at + 1] ?? '');
}
