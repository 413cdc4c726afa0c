import { describe, expect, it } from 'vitest';
import { readTextFile } from './readTextFile';

const text = 'Nearside door – “dent”, 5½ mm';
const wide = (little: boolean): number[] =>
  [...text].flatMap((sign) => {
    const code = sign.charCodeAt(0);
    const bytes = [code & 0xff, code >> 8];
    return little ? bytes : bytes.reverse();
  });
const utf8 = [...new TextEncoder().encode(text)];
/** What older programs write. Node's decoder knows of windows-1252 only what it shares with Latin-1; browsers know its quotes too. */
const older = 'Nearside door · 5½ mm, façade';
const western = [...older].map((sign) => sign.charCodeAt(0));

describe('a file of words', () => {
  it.each<[string, number[]]>([
    ['UTF-8', utf8],
    ['UTF-8 with a mark', [0xef, 0xbb, 0xbf, ...utf8]],
    ['UTF-16, little end first', [0xff, 0xfe, ...wide(true)]],
    ['UTF-16, big end first', [0xfe, 0xff, ...wide(false)]],
  ])('in %s is read', async (_name, bytes) => {
    expect(await readTextFile(new Blob([new Uint8Array(bytes)]))).toBe(text);
  });

  it('in a western European encoding is read', async () => {
    expect(await readTextFile(new Blob([new Uint8Array(western)]))).toBe(older);
  });

  it.each([true, false])(
    'in UTF-16 without a mark is known by its zeros (little end first: %s)',
    async (little) => {
      const plain = [...'WEBVTT 00:01'].flatMap((sign) => {
        const bytes = [sign.charCodeAt(0), 0];
        return little ? bytes : bytes.reverse();
      });
      expect(await readTextFile(new Blob([new Uint8Array(plain)]))).toBe('WEBVTT 00:01');
    },
  );
});
