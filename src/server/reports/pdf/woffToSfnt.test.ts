import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { expect, it } from 'vitest';
import { fontBytes, fontFor } from './fonts';
import { woffToSfnt } from './woffToSfnt';

const require = createRequire(import.meta.url);
const woff = readFileSync(
  require.resolve(
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  ),
);

/** Width of a text as the PDF writer's own font reader measures it. */
const widthIn = (font: Buffer, text: string) => new PDFDocument().font(font).fontSize(10).widthOfString(text);

it('unpacks a font that measures like the packed one, by an independent reader', () => {
  const text = 'Nearside rear door, 42 mm × 3';
  expect(widthIn(woffToSfnt(woff), text)).toBeCloseTo(widthIn(woff, text), 9);
});

it('refuses what is no WOFF', () => {
  expect(() => woffToSfnt(Buffer.from('OTTO and then some more bytes'))).toThrow(/WOFF/);
});

it('writes other scripts in a face that has them', () => {
  expect(fontFor('Dent × 3, “small”', 'regular')).toBe('house-regular');
  expect(fontFor('Łódź', 'bold')).toBe('wide-bold');
  expect(widthIn(fontBytes('wide-bold'), 'Łódź')).toBeGreaterThan(10);
});
