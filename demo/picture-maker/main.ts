import { mkdir, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { createServer } from 'vite';
import { type Picture, pictures } from './shots';

/** Renders the yard's pictures: `npm run demo:pictures [name …]`. */
const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const out = here('../pictures');
const wanted = process.argv.slice(2);

/** A camera's grain and the fall-off of its lens, then Exif as a phone writes it. */
async function develop(png: Buffer, picture: Picture): Promise<Buffer> {
  const { width, height } = { width: 1600, height: 1200 };
  const noise = await sharp({
    create: {
      width,
      height,
      channels: 3,
      background: '#808080',
      noise: { type: 'gaussian', mean: 128, sigma: 7 },
    },
  })
    .png()
    .toBuffer();
  const vignette = Buffer.from(
    `<svg width="${width}" height="${height}"><radialGradient id="v" r="0.75"><stop offset="0.55" stop-color="#000" stop-opacity="0"/><stop offset="1" stop-color="#000" stop-opacity="0.32"/></radialGradient><rect width="100%" height="100%" fill="url(#v)"/></svg>`,
  );
  const time = `2026:03:14 09:${String(30 + picture.minute).padStart(2, '0')}:${String(picture.seed * 5).padStart(2, '0')}`;
  return sharp(png)
    .blur(0.5)
    .composite([
      { input: noise, blend: 'soft-light' },
      { input: vignette, blend: 'over' },
    ])
    .withExif({
      IFD0: { Software: 'Picture maker', DateTime: time },
      IFD2: { DateTimeOriginal: time, FocalLength: '26/5' },
      ...(picture.withPlace && {
        IFD3: {
          GPSLatitudeRef: 'N',
          GPSLatitude: '12/1 34/1 0/1',
          GPSLongitudeRef: 'W',
          GPSLongitude: '45/1 6/1 0/1',
        },
      }),
    })
    .jpeg({ quality: 84, chromaSubsampling: '4:2:0' })
    .toBuffer();
}

const server = await createServer({
  root: here('./stage'),
  configFile: false,
  logLevel: 'error',
  server: { port: 0, host: '127.0.0.1', fs: { allow: [here('../..')] } },
});
await server.listen();
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
});
try {
  await mkdir(out, { recursive: true });
  const page = await browser.newPage();
  page.on('pageerror', (error) => process.stderr.write(`${error.message}\n`));
  await page.goto(server.resolvedUrls?.local[0] ?? '');
  await page.waitForFunction(() => 'takePicture' in window);
  for (const picture of pictures.filter(({ name }) => wanted.length === 0 || wanted.includes(name))) {
    const data = await page.evaluate((asked) => window.takePicture(asked), picture);
    const jpeg = await develop(Buffer.from(data.slice(data.indexOf(',') + 1), 'base64'), picture);
    await writeFile(`${out}/${picture.name}.jpg`, jpeg);
    process.stdout.write(`${picture.name} ${Math.round(jpeg.length / 1024)} kB\n`);
  }
} finally {
  await browser.close();
  await server.close();
}
