// Runs linter, type checks, build, unit, server and browser tests, or the part of them that is asked for, and counts them all.
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { parseArgs } from 'node:util';

const results = 'test-results';
const units = `${results}-units.json`;
/** Written down by the runs: seconds of processor time and the file of tests, a line each. */
const ledger = 'test-results-processor.txt';
const [SLOWEST, DEAREST] = [10, 20];
/** A file of tests has grown when it takes so many times its budget, and so many seconds more. */
const GROWN = { times: 1.5, seconds: 3 };

const tally = { passed: 0, failed: 0 };
/** Seconds and names of single tests. */
const timed = [];
/** Names of steps and tests that failed: told last, where they are seen. */
const failures = [];
const phases = [];

function usage(problem) {
  console.error(`${problem}\nUsage: bin/test [--quick | --shard 1/2 | FILE…]`);
  process.exit(2);
}

function wishes() {
  try {
    const { values, positionals } = parseArgs({
      options: { quick: { type: 'boolean' }, shard: { type: 'string' } },
      allowPositionals: true,
    });
    if (values.shard && !/^[1-9]\d*\/[1-9]\d*$/.test(values.shard)) usage('A shard is written like 1/2.');
    if ([values.quick, values.shard, positionals.length > 0].filter(Boolean).length > 1)
      usage('Choose one of --quick, --shard and files.');
    return { ...values, files: positionals };
  } catch (error) {
    return usage(error.message);
  }
}

/** Runs a command; its output waits until it ends, so that steps side by side do not mix. */
function run(name, command, args, { isLive = false } = {}) {
  const began = Date.now();
  return new Promise((resolve) => {
    const chunks = [];
    if (isLive) console.log(`\n== ${name}`);
    const child = spawn(command, args, {
      stdio: ['ignore', isLive ? 'inherit' : 'pipe', isLive ? 'inherit' : 'pipe'],
    });
    child.stdout?.on('data', (chunk) => chunks.push(chunk));
    child.stderr?.on('data', (chunk) => chunks.push(chunk));
    child.on('error', (error) => chunks.push(Buffer.from(`${error.message}\n`)));
    child.on('close', (code) => {
      if (!isLive) process.stdout.write(`\n== ${name}\n${Buffer.concat(chunks)}`);
      phases.push([name, (Date.now() - began) / 1000]);
      resolve(code === 0);
    });
  });
}

/** A step that passes or fails as one. */
async function step(name, command, args) {
  const ok = await run(name, command, args);
  if (ok) tally.passed++;
  else {
    tally.failed++;
    failures.push(name);
  }
  return ok;
}

/** Counts from a runner's own report; a runner that left none, or failed without a failed test, counts as one failure. */
async function suite(name, command, args, count, { mayBeEmpty = false } = {}) {
  const ok = await run(name, command, args, { isLive: true });
  let counted = { passed: 0, failed: 0 };
  try {
    counted = count();
  } catch (error) {
    console.log(`No report from ${name}: ${error.message}`);
  }
  const isEmpty = counted.passed + counted.failed === 0;
  if ((isEmpty && !(ok && mayBeEmpty)) || (!ok && counted.failed === 0)) {
    counted.failed++;
    failures.push(name);
  }
  tally.passed += counted.passed;
  tally.failed += counted.failed;
}

function countUnits() {
  const report = JSON.parse(readFileSync(units, 'utf8'));
  for (const { assertionResults, name } of report.testResults)
    for (const { duration, fullName, status } of assertionResults) {
      const told = `${name.replace(`${process.cwd()}/`, '')}: ${fullName}`;
      if (duration) timed.push([duration / 1000, told]);
      if (status === 'failed') failures.push(told);
    }
  return { passed: report.numPassedTests, failed: report.numFailedTests };
}

function countBrowser() {
  const { stats, suites } = JSON.parse(readFileSync(`${results}/e2e.json`, 'utf8'));
  const visit = ({ specs = [], suites: inner = [] }) => {
    for (const { title, file, tests } of specs)
      for (const { projectName, results: tries, status } of tests) {
        const told = `${file} at the ${projectName}: ${title}`;
        timed.push([tries.reduce((sum, { duration }) => sum + duration, 0) / 1000, told]);
        if (status === 'unexpected' || status === 'flaky') failures.push(told);
      }
    inner.forEach(visit);
  };
  suites.forEach(visit);
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}

const unitTests = (args, more) =>
  suite(
    'unit and server tests',
    'npx',
    ['vitest', ...args, '--reporter=default', '--reporter=json', `--outputFile.json=${units}`],
    countUnits,
    more,
  );
const browserTests = (args) => suite('browser tests', 'npx', ['playwright', 'test', ...args], countBrowser);

const lint = (files) => step('linter', 'npx', ['biome', 'check', '--error-on-warnings', ...files]);
const types = () => step('type check', 'npm', ['run', '--silent', 'typecheck']);
const build = () => step('build', 'node', ['bin/buildWhenChanged.mjs']);

/** Files changed or new since the last commit. */
const changedFiles = () =>
  [
    ['diff', '--name-only', '--diff-filter=d', 'HEAD'],
    ['ls-files', '--others', '--exclude-standard'],
  ].flatMap((args) => execFileSync('git', args, { encoding: 'utf8' }).split('\n').filter(Boolean));

async function everything(shard) {
  const isFirst = !shard || shard.startsWith('1/');
  const part = shard ? [`--shard=${shard}`] : [];
  // What needs the whole tree is looked at once, beside the build that all need.
  const [built] = await Promise.all([
    build(),
    ...(isFirst
      ? [
          lint(['.']),
          types(),
          step('unused code', 'npm', ['run', '--silent', 'unused']),
          step('notices', 'node', ['bin/notices.mjs', '--check']),
        ]
      : []),
  ]);
  await unitTests(['run', ...part]);
  if (built) await browserTests(part);
}

async function quick() {
  const changed = changedFiles();
  const code = changed.filter((file) => /\.(m?tsx?|mjs|css|json)$/.test(file));
  console.log(`${changed.length} files changed since the last commit.`);
  await Promise.all([...(code.length > 0 ? [lint(['--no-errors-on-unmatched', ...code])] : []), types()]);
  // The tests that stand beside what changed, and those changed themselves; what else may rest on it is for the whole run.
  const sources = code.filter((file) => /\.tsx?$/.test(file) && !/\.spec\.ts$/.test(file));
  const beside = sources.map((file) => (/\.test\.ts$/.test(file) ? file : `${dirname(file)}/`));
  const wanted = [...new Set(beside)].filter((path) => path !== './');
  if (wanted.length > 0)
    await unitTests(['run', '--passWithNoTests', 'tests/structure.test.ts', ...wanted], { mayBeEmpty: true });
}

async function these(files) {
  const specs = files.filter((file) => /\.spec\.ts/.test(file));
  const others = files.filter((file) => !specs.includes(file));
  // Some unit tests drive the built server.
  const built = await build();
  if (others.length > 0) await unitTests(['run', ...others]);
  if (specs.length > 0 && built) await browserTests(specs);
}

const seconds = (value) => `${value.toFixed(1).padStart(7)} s`;

/** Names the files of tests that take most of the processors, and those that grew beyond what `.ci/budget.json` gives them: that says, and fails nothing. */
function tellProcessorTime() {
  if (!existsSync(ledger)) return;
  const byFile = new Map();
  for (const line of readFileSync(ledger, 'utf8').split('\n').filter(Boolean)) {
    const [seconds, file] = line.split('\t');
    byFile.set(file, (byFile.get(file) ?? 0) + Number(seconds));
  }
  rmSync(ledger, { force: true });
  const dearest = [...byFile].toSorted(([, a], [, b]) => b - a).slice(0, DEAREST);
  const all = [...byFile.values()].reduce((sum, each) => sum + each, 0);
  console.log(`\nProcessor time of the tests, ${all.toFixed(0)} s in all; the dearest files:`);
  for (const [file, time] of dearest) console.log(`${seconds(time)}  ${file}`);
  const budget = JSON.parse(readFileSync('.ci/budget.json', 'utf8'));
  for (const [file, time] of byFile) {
    const given = budget[file] ?? budget.others ?? Number.POSITIVE_INFINITY;
    if (time > given * GROWN.times && time > given + GROWN.seconds)
      console.log(`Grown: ${file} takes ${time.toFixed(1)} s, its budget is ${given} s (.ci/budget.json).`);
  }
}

const { quick: isQuick, shard, files } = wishes();
rmSync(results, { recursive: true, force: true });
rmSync(units, { force: true });
rmSync(ledger, { force: true });
mkdirSync(results, { recursive: true });

if (isQuick) await quick();
else if (files.length > 0) await these(files);
else await everything(shard);
rmSync(units, { force: true });

console.log('\nSlowest tests:');
for (const [time, name] of timed.toSorted(([a], [b]) => b - a).slice(0, SLOWEST))
  console.log(`${seconds(time)}  ${name}`);
tellProcessorTime();
console.log('\nSteps:');
for (const [name, time] of phases) console.log(`${seconds(time)}  ${name}`);
if (failures.length > 0) console.log(`\nFailed:\n${failures.map((name) => `  ${name}`).join('\n')}`);
console.log(`\n${tally.passed} passed, ${tally.failed} failed`);
process.exit(tally.failed === 0 ? 0 : 1);
