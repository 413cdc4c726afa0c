// Builds interface and server unless what was built came from the same sources.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

const stampFile = 'dist/.built-from';
const sources = ['src', 'demo/yard', 'package-lock.json', 'vite.config.ts', 'vite.server.config.ts'];

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
execFileSync('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 2, 2] });
writeFileSync(stampFile, stamp);
