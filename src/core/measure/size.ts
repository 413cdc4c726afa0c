import type { Vocabulary } from '../car';
import type { Message } from '../told';
import { inchesFromMm, mmFromInches } from './units';
import { inEnglish, say } from './words';

export type SizeReading =
  | { ok: true; mm: number; isAbout: boolean }
  | { ok: false; problem: 'not-a-size' | 'not-positive' | 'too-large' };

/** Longer than a car: a slip of the finger. */
export const MAX_SIZE_MM = 6000;

const ABOUT = /^(?:~|≈|about|around|roughly|approx\.?|approximately|ca\.?|circa)\s*/;

/** Reads a size as people type it: "12", "12 mm", "1.2 cm", "1/2 in", '0.5"', and "about 12", "~12" of one that was judged by eye. A bare number is in millimetres, or inches in the US vocabulary. */
export function parseSize(text: string, vocabulary: Vocabulary): SizeReading {
  const typed = text.trim().toLowerCase();
  const isAbout = ABOUT.test(typed);
  const clean = typed.replace(ABOUT, '').replace(/,/g, '.').replace(/\s+/g, '');
  const spoken = /^(-?[\d.]+)(?:\/(\d+))?(mm|cm|m|in|inch|inches|")?$/.exec(clean);
  if (!spoken) return { ok: false, problem: 'not-a-size' };
  const value = Number(spoken[1]) / Number(spoken[2] ?? 1);
  if (!Number.isFinite(value)) return { ok: false, problem: 'not-a-size' };
  const unit = spoken[3] ?? (vocabulary === 'us' ? 'in' : 'mm');
  const scale: Record<string, number> = { mm: 1, cm: 10, m: 1000 };
  const mm = scale[unit] ? value * scale[unit] : mmFromInches(value);
  if (mm <= 0) return { ok: false, problem: 'not-positive' };
  if (mm > MAX_SIZE_MM) return { ok: false, problem: 'too-large' };
  return { ok: true, mm: Math.round(mm * 10) / 10, isAbout };
}

export function sizeProblemMessage(problem: Extract<SizeReading, { ok: false }>['problem']): string {
  switch (problem) {
    case 'not-a-size':
      return 'Type a size like 12, 1.2 cm or 1/2 in.';
    case 'not-positive':
      return 'A size must be more than 0.';
    case 'too-large':
      return `That is larger than ${MAX_SIZE_MM / 1000} m. Check the unit.`;
  }
}

/** "12 mm"; in the US vocabulary inches with the millimetres beside them. */
export const sizeTold = (mm: number): Message =>
  say('size', { mm: Math.round(mm * 10) / 10, inches: Number(inchesFromMm(mm).toFixed(2)) });
export const speakSize = (mm: number, vocabulary: Vocabulary): string => inEnglish(sizeTold(mm), vocabulary);

/** A figure as rough as it was taken: two digits of it. */
export const tidy = (value: number): number => Number(value.toPrecision(2));

/** Millimetres alone, in every vocabulary: of a tolerance. */
export const roughMm = (mm: number): Message => say('size.mm', { mm: tidy(mm) });

const MM2_PER_SQ_IN = 645.16;
/** "16 cm²"; small ones in mm². */
export function areaTold(mm2: number): Message {
  const sqIn = tidy(mm2 / MM2_PER_SQ_IN);
  return mm2 < 100
    ? say('size.area.mm2', { mm2: tidy(mm2), sqIn })
    : say('size.area.cm2', { cm2: tidy(mm2 / 100), sqIn });
}
