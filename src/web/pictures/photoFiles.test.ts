import { describe, expect, it } from 'vitest';
import { photoProblem } from './photoFiles';

const ascii = (text: string) => new TextEncoder().encode(text);
const file = (bytes: Uint8Array, type = '') => new Blob([bytes as Uint8Array<ArrayBuffer>], { type });
const jpeg = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0, 0, 0, 0, 0, 0]);
const box = (brand: string) => Uint8Array.from([0, 0, 0, 24, ...ascii(`ftyp${brand}`)]);

describe('why a photo cannot be taken', () => {
  it('has nothing to say of JPEG, PNG and WebP, whatever they call themselves', async () => {
    const webp = Uint8Array.from([...ascii('RIFF'), 0, 0, 0, 0, ...ascii('WEBP')]);
    const png = Uint8Array.from([0x89, ...ascii('PNG'), 13, 10, 26, 10, 0, 0, 0, 0]);
    for (const bytes of [jpeg, png, webp]) expect(await photoProblem(file(bytes), 'a')).toBeUndefined();
  });

  it.each(['heic', 'heix', 'mif1', 'hevc'])(
    'tells of HEIC (%s) what to do, also where its type is hidden',
    async (brand) => {
      expect(await photoProblem(file(box(brand)), 'IMG_1.JPG')).toMatch(/HEIC.*most compatible/);
    },
  );

  it('believes a type that says HEIC', async () => {
    expect(await photoProblem(file(jpeg, 'image/heic'), 'a')).toMatch(/HEIC/);
  });

  it('leaves out what is no picture, what is empty and what is too large', async () => {
    expect(await photoProblem(file(ascii('hello, I am text')), 'notes.txt')).toBe(
      'notes.txt is no JPEG, PNG or WebP; it was left out.',
    );
    expect(await photoProblem(file(new Uint8Array()), 'a.jpg')).toMatch(/empty/);
    const large = { size: 41 * 1024 * 1024 } as Blob;
    expect(await photoProblem(large, 'a.jpg')).toMatch(/40 MB/);
  });
});
