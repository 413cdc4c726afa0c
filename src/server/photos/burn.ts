import { createHash, randomUUID } from 'node:crypto';
import { createRequire } from 'node:module';
import sharp, { type OverlayOptions } from 'sharp';
import { drawOverlay, isBare, type Overlay, overlaySvg, type PlacedText } from '#core/picture';
import { escapeXml } from '#core/wording';
import { makeLine } from '../line';
import type { Copies } from './copies';
import type { Keeper } from './keeper';
import { type DerivativeWidth, discard, type PhotoFiles } from './photoFiles';

const fontfile = createRequire(import.meta.url).resolve('dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf');
const QUALITY = { 1600: 80, 320: 72 } as const;

/** Bumped when the drawing changes, so that copies burned before are made anew. */
const DRAWING = 2;

/** Names what is drawn: the same marks, boxes and rings give the same name, and a picture is shared under it. */
export function drawingOf(overlay: Overlay): string {
  if (isBare(overlay)) return 'bare';
  const { marks = [], boxes = [], spots = [] } = overlay;
  return createHash('sha256')
    .update(JSON.stringify([DRAWING, marks, boxes, spots]))
    .digest('hex')
    .slice(0, 24);
}

/**
 * Makes the copies that leave the yard: marks drawn, and what is to be hidden painted over so that no pixel of it is left. A picture
 * with nothing on it is its plain copy. Copies are kept: the same drawing gives the same file.
 */
export function makeBurner(files: PhotoFiles, { keep, isSound }: Keeper, { copyOf }: Copies, atOnce = 2) {
  const line = makeLine(atOnce);
  return async function burnedFile(
    sha256: string,
    overlay: Overlay,
    width: DerivativeWidth,
  ): Promise<string> {
    if (isBare(overlay)) return copyOf(sha256, width);
    const drawing = drawingOf(overlay);
    const file = files.burned(sha256, drawing, width);
    if (await isSound(file)) return file;
    return line.run(file, async () => {
      const making = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}.burned`);
      try {
        await burn(await copyOf(sha256, width), overlay, QUALITY[width], making);
        await keep([[making, file]]);
      } finally {
        await discard(making);
      }
      return file;
    });
  };
}

export type Burner = ReturnType<typeof makeBurner>;

async function burn(from: string, overlay: Overlay, quality: number, to: string): Promise<void> {
  const { width, height } = await sharp(from).metadata();
  const drawn = drawOverlay(overlay, width, height);
  const layers: OverlayOptions[] = [
    svg(overlaySvg(drawn.boxes), width, height),
    svg(overlaySvg(drawn.shapes), width, height),
    ...(await Promise.all(drawn.texts.filter(isSeen).map((text) => label(text, width, height)))),
  ];
  // Chroma at full resolution: a yellow line must not bleed, nor colour out from under a box.
  await sharp(from).composite(layers).jpeg({ quality, chromaSubsampling: '4:4:4' }).toFile(to);
}

const svg = (content: string, width: number, height: number): OverlayOptions => ({
  input: Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${content}</svg>`,
  ),
  left: 0,
  top: 0,
});

/** A label of blanks alone has nothing to draw. */
const isSeen = ({ text }: PlacedText): boolean => /[^\s\p{Cf}\p{Cc}]/u.test(text);

/** Words on a plate of tape, within the picture whatever they are. The font comes with Zelk: a server may have none. */
async function label(text: PlacedText, width: number, height: number): Promise<OverlayOptions> {
  const pad = Math.min(Math.round(text.size * 0.25), Math.floor(Math.min(width, height) / 4));
  const words = await sharp({
    text: {
      text: `<span foreground="#14181c">${escapeXml(text.text)}</span>`,
      font: `DejaVu Sans Bold ${Math.max(6, Math.round(text.size))}`,
      fontfile,
      dpi: 72,
      // Longer words than the picture is wide are broken.
      width: Math.max(40, width - 4 * pad),
      wrap: 'word-char',
      rgba: true,
    },
  })
    .png()
    .toBuffer();
  // On a small picture they may still be too many: then they shrink.
  const { data, info } = await sharp(words)
    .resize({
      width: Math.max(1, width - 2 * pad),
      height: Math.max(1, height - 2 * pad),
      fit: 'inside',
      withoutEnlargement: true,
    })
    .png()
    .toBuffer({ resolveWithObject: true });
  const plate = await sharp({
    create: {
      width: Math.min(width, info.width + 2 * pad),
      height: Math.min(height, info.height + 2 * pad),
      channels: 4,
      background: '#ffc933',
    },
  })
    .composite([{ input: data, left: pad, top: pad }])
    .png()
    .toBuffer({ resolveWithObject: true });
  const left = text.anchor === 'middle' ? text.x - plate.info.width / 2 : text.x;
  const within = (at: number, most: number) => Math.round(Math.max(0, Math.min(most, at)));
  return {
    input: plate.data,
    left: within(left, width - plate.info.width),
    top: within(text.y - plate.info.height / 2, height - plate.info.height),
  };
}
