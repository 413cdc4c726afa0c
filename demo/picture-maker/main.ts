import { mkdir, readdir, rm, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { develop } from './develop';
import { openStage } from './openStage';
import { pictures } from './pictures';
import type { Picture } from './spec';

/**
 * Renders the yard's pictures with the truth beside them: `npm run demo:pictures` makes all and removes what is no longer named;
 * `npm run demo:pictures -- door-fl whole` makes those whose names hold one of the words.
 */
const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const out = here('../pictures');
const words = process.argv.slice(2);
const wanted = pictures.filter(({ name }) => words.length === 0 || words.some((word) => name.includes(word)));

/** A picture is gathered from so many frames: more where it is blurred, or where shade falls on the ground. */
function framesFor({ view, camera }: Picture): number {
  if (camera.shakePx > 3 || camera.focusOffMm !== 0) return 14;
  return view.of === 'car' || view.of === 'seat' ? 7 : 5;
}

const stage = await openStage();
try {
  await mkdir(out, { recursive: true });
  if (words.length === 0) {
    const kept = new Set(pictures.flatMap(({ name }) => [`${name}.jpg`, `${name}.json`]));
    for (const file of await readdir(out)) if (!kept.has(file)) await rm(`${out}/${file}`);
  }
  const { page } = stage;
  for (const picture of wanted) {
    const { png, truth } = await page.evaluate(([asked, frames]) => window.takePicture(asked, frames), [
      picture,
      framesFor(picture),
    ] as const);
    const jpeg = await develop(Buffer.from(png.slice(png.indexOf(',') + 1), 'base64'), picture);
    await writeFile(`${out}/${picture.name}.jpg`, jpeg);
    await writeFile(`${out}/${picture.name}.json`, `${JSON.stringify(truth)}\n`);
    process.stdout.write(`${picture.name} ${Math.round(jpeg.length / 1024)} kB\n`);
  }
} finally {
  await stage.close();
}
