import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { woffToSfnt } from './woffToSfnt';

const require = createRequire(import.meta.url);
const load = (path: string) => {
  const bytes = readFileSync(require.resolve(path));
  return path.endsWith('.woff') ? woffToSfnt(bytes) : bytes;
};

export type Weight = 'regular' | 'bold';

/** Characters the house face has: Latin with western accents and the usual signs. */
const latin =
  /^[\u0020-\u007e\u00a0-\u00ff\u0131\u0152\u0153\u2013\u2014\u2018-\u201a\u201c-\u201e\u2022\u2026\u20ac\u2122]*$/;

const files = {
  'house-regular':
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  'house-bold':
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  'wide-regular': 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf',
  'wide-bold': 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf',
} as const;
export type FontName = keyof typeof files;

const loaded = new Map<FontName, Buffer>();

/** Bytes of a face, read once. */
export function fontBytes(name: FontName): Buffer {
  let bytes = loaded.get(name);
  if (!bytes) {
    bytes = load(files[name]);
    loaded.set(name, bytes);
  }
  return bytes;
}

/** Signs the house face lacks, borrowed singly from the other one: a whole line need not change its face for them. */
const borrowed = /(µ)/;

/** Pieces of a text with the face for each. */
export function runsOf(text: string, weight: Weight): { text: string; font: FontName }[] {
  const font = fontFor(text, weight);
  if (font === `wide-${weight}` || !borrowed.test(text)) return [{ text, font }];
  return text
    .split(borrowed)
    .filter((piece) => piece !== '')
    .map((piece) => ({ text: piece, font: borrowed.test(piece) ? (`wide-${weight}` as const) : font }));
}

/** The face for a text: the house one where it has every character, else one that knows most scripts. */
export function fontFor(text: string, weight: Weight): FontName {
  return `${latin.test(text.replace(/\n/g, ' ')) ? 'house' : 'wide'}-${weight}`;
}
