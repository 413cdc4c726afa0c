import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { sniff } from './sniff';

const pixel = () => sharp({ create: { width: 2, height: 2, channels: 3, background: '#fff' } });

describe('the first bytes of a file', () => {
  it.each(['jpeg', 'png', 'webp'] as const)('tell a %s, by an independent encoder', async (format) => {
    expect(sniff(await pixel()[format]().toBuffer())).toBe(`image/${format}`);
  });

  it.each(['gif', 'tiff', 'avif'] as const)('do not take a %s for a photo Zelk knows', async (format) => {
    expect(['not-a-photo', 'heic']).toContain(sniff(await pixel()[format]().toBuffer()));
  });

  it.each([
    ['nothing', ''],
    ['a page', '<!doctype html>'],
    ['a PDF', '%PDF-1.7'],
    ['a sound', 'RIFF\0\0\0\0WAVE'],
  ])('give %s away', (_name, text) => {
    expect(sniff(Buffer.from(text))).toBe('not-a-photo');
  });
});
