// Builds interface and server unless what was built came from the same sources.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

const stampFile = 'dist/.built-from';
const sources = [
  'src',
  'demo/yard',
  'demo/captions',
  'package-lock.json',
  ...readdirSync('.').filter((name) => /^vite\..*\.ts$/.test(name)),
];

function files(path) {
  if (!existsSync(path)) return [];
  try {
    return readdirSync(path, { withFileTypes: true }).flatMap((entry) => files(`${path}/${entry.name}`));
  } catch {
    return [path];
  }
}

const hash = createHash('sha256');
for (const file of sources.flatMap(files).sort()) hash.update(file).update('\0').update(readFileSync(file));
const stamp = hash.digest('hex');

if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) process.exit(0);
execFileSync(process.execPath, ['bin/build.mjs'], { stdio: ['ignore', 2, 2] });
writeFileSync(stampFile, stamp);
