// Runs linter, type check, build, unit, server and browser tests, and counts them all.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';

const results = 'test-results';
const units = `${results}-units.json`;
rmSync(results, { recursive: true, force: true });
rmSync(units, { force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;

function run(name, command, args) {
  console.log(`\n== ${name}`);
  const { status } = spawnSync(command, args, { stdio: 'inherit' });
  return status === 0;
}

/** A step that passes or fails as one. */
function step(name, command, args) {
  const ok = run(name, command, args);
  if (ok) passed++;
  else failed++;
  return ok;
}

/** Counts from a runner's own report; a runner that left none, or failed without a failed test, counts as one failure. */
function suite(name, command, args, count) {
  const ok = run(name, command, args);
  let counted = { passed: 0, failed: 0 };
  try {
    counted = count();
  } catch (error) {
    console.log(`No report from ${name}: ${error.message}`);
  }
  if (counted.passed + counted.failed === 0 || (!ok && counted.failed === 0)) counted.failed++;
  passed += counted.passed;
  failed += counted.failed;
}

step('linter', 'npx', ['biome', 'check', '--error-on-warnings', '.']);
step('type check', 'npx', ['tsc', '--noEmit']);
const built = step('build', 'npm', ['run', '--silent', 'build']);
suite(
  'unit and server tests',
  'npx',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${units}`],
  () => {
    const report = JSON.parse(readFileSync(units, 'utf8'));
    return { passed: report.numPassedTests, failed: report.numFailedTests };
  },
);
if (built) {
  suite('browser tests', 'npx', ['playwright', 'test'], () => {
    const { stats } = JSON.parse(readFileSync(`${results}/e2e.json`, 'utf8'));
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
  });
}
rmSync(units, { force: true });

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
