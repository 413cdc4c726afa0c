import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { makeSlots } from './slots';
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

describe('slots', () => {
  it('run no more jobs at once than there are, and all of them in the end', async () => {
    const slots = makeSlots(2);
    let running = 0;
    let most = 0;
    const job = async () => {
      running++;
      most = Math.max(most, running);
      await new Promise((resolve) => setTimeout(resolve, 5));
      running--;
      return most;
    };
    await Promise.all(Array.from({ length: 9 }, () => slots(job)));
    expect(most).toBe(2);
    expect(running).toBe(0);
  });

  it('are free again after a job that failed', async () => {
    const slots = makeSlots(1);
    await expect(slots(() => Promise.reject(new Error('no')))).rejects.toThrow('no');
    await expect(slots(() => Promise.resolve('yes'))).resolves.toBe('yes');
  });
});
