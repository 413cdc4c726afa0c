import { createHash } from 'node:crypto';
import { createReadStream, existsSync } from 'node:fs';
import { readdir, readFile } from 'node:fs/promises';
import { join, resolve } from 'node:path';

/**
 * Stands in for a speech-to-text program: given the path of a film it prints the captions that were prepared for it, when it is one of the demo's films, known
 * by its bytes. It hears nothing. `node dist/server/captions.js [--films folder] film`.
 */
const args = process.argv.slice(2);
const at = args.indexOf('--films');
const [folder] = at === -1 ? ['demo/films'] : args.splice(at, 2).slice(1);
const [file] = args;
const films = resolve(folder ?? 'demo/films');

if (file === undefined || !existsSync(file)) {
  process.stderr.write('Name the film to write the words of.\n');
  process.exit(2);
}
const wanted = await hashOf(file);
for (const name of await readdir(films)) {
  if (!/\.(mp4|webm)$/.test(name) || (await hashOf(join(films, name))) !== wanted) continue;
  const stem = name.replace(/\.\w+$/, '');
  const captions = ['vtt', 'json'].map((kind) => join(films, `${stem}.${kind}`)).find(existsSync);
  if (captions) {
    process.stdout.write(await readFile(captions));
    process.exit(0);
  }
}
process.stderr.write('This stand-in knows the words of the demo’s films alone.\n');
process.exit(1);

async function hashOf(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path)) hash.update(chunk as Buffer);
  return hash.digest('hex');
}
