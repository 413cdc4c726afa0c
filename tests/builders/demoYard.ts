import { execFileSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

const SHELF = resolve('node_modules/.cache/zelk-test-yard');
const STAMP = 'built-from';

/** Makes the demo yard in a folder with the built program, as `bin/demo` does; gives what it said. */
export const makeDemoYard = (dir: string, ...args: string[]): string =>
  execFileSync(process.execPath, ['dist/server/demo.js', ...args], {
    env: { ...process.env, ZELK_DATA: dir, PORT: '0' },
    stdio: 'pipe',
  }).toString();

/** Puts the demo yard into a folder, in place of whatever is in it: made once with what is built, and copied from then on. */
export function putDemoYard(dir: string): void {
  const builtFrom = readFileSync('dist/.built-from', 'utf8');
  const stamp = join(SHELF, STAMP);
  // A day later its mornings and promised days would be other ones.
  const wanted = `${builtFrom} ${new Date().toISOString().slice(0, 10)}`;
  if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== wanted) {
    rmSync(SHELF, { recursive: true, force: true });
    mkdirSync(SHELF, { recursive: true, mode: 0o700 });
    makeDemoYard(SHELF);
    writeFileSync(stamp, wanted);
  }
  rmSync(dir, { recursive: true, force: true });
  mkdirSync(dir, { mode: 0o700 });
  cpSync(SHELF, dir, { recursive: true, filter: (from) => from !== stamp });
}
