// Draws the signs a phone shows for Zelk among its programs, from the one drawing of it.
import { readFileSync } from 'node:fs';
import sharp from 'sharp';

const folder = new URL('../src/web/public/', import.meta.url);
const drawing = readFileSync(new URL('strip.svg', folder));
const GROUND = '#fbfaf6';

/** `share` of the sign is the drawing; a phone may cut the rest into a shape of its own. */
async function icon(name, size, share) {
  const inner = Math.round(size * share);
  const sign = await sharp(drawing, { density: 1200 }).resize(inner, inner).png().toBuffer();
  await sharp({ create: { width: size, height: size, channels: 3, background: GROUND } })
    .composite([{ input: sign }])
    .png({ compressionLevel: 9, palette: true })
    .toFile(new URL(name, folder).pathname);
}

await icon('icon-180.png', 180, 0.8);
await icon('icon-192.png', 192, 0.86);
await icon('icon-512.png', 512, 0.86);
await icon('icon-maskable-512.png', 512, 0.6);
