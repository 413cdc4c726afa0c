// Writes NOTICES.md: what ships with Zelk and under which licence. `--check` says whether it is up to date instead.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';

const file = 'NOTICES.md';
/** Licences that let a product ship what they cover, with a notice; what is under MPL-2.0 is shipped as its maker wrote it. */
const allowed =
  /^(MIT|MIT-0|ISC|BSD-2-Clause|BSD-3-Clause|0BSD|Apache-2\.0|BlueOak-1\.0\.0|OFL-1\.1|CC0-1\.0|Unlicense|Python-2\.0|Bitstream-Vera|Zlib|MPL-2\.0)$/;
const listed = JSON.parse(
  execFileSync('npx', ['license-checker-rseidelsohn', '--production', '--excludePrivatePackages', '--json'], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
    stdio: ['ignore', 'pipe', 'ignore'],
  }),
);
/** Told by hand, where a package’s own words are not a licence’s name. */
const readByHand = { 'dejavu-fonts-ttf': 'Bitstream-Vera' };
/** Binaries of one machine are no part of what is told of all. */
const isOfOneMachine = (name) => /^@img\/|^@rolldown\/binding-|-(linux|darwin|win32)-/.test(name);
const packages = Object.entries(listed)
  .map(([id, facts]) => {
    const at = id.lastIndexOf('@');
    const name = id.slice(0, at);
    const licences = readByHand[name] ?? String(facts.licenses).replace(/\*$/, '');
    return { name, version: id.slice(at + 1), licences };
  })
  .filter(({ name }) => !isOfOneMachine(name))
  .sort((a, b) => (a.name < b.name ? -1 : a.name > b.name ? 1 : a.version < b.version ? -1 : 1));

const choices = (licences) => licences.replace(/[()]/g, '').split(/ OR /);
const refused = packages.filter(
  ({ licences }) => !choices(licences).some((one) => one.split(/ AND /).every((each) => allowed.test(each))),
);
if (refused.length > 0) {
  console.error('These licences were not looked at yet:');
  for (const { name, version, licences } of refused) console.error(`  ${name} ${version}: ${licences}`);
  process.exit(1);
}
const text = [
  '# Notices',
  '',
  'Zelk ships with these packages, fonts among them, each under its own licence; the licence texts lie in their folders under `node_modules`.',
  'Written by `npm run notices`; `bin/test` checks that it is up to date.',
  '',
  '| package | version | licence |',
  '|---|---|---|',
  ...packages.map(({ name, version, licences }) => `| ${name} | ${version} | ${licences} |`),
  '',
  'libvips, which `sharp` carries along as a prebuilt library, is under LGPL-3.0-or-later.',
  '',
].join('\n');

if (process.argv.includes('--check')) {
  if (readFileSync(file, 'utf8') === text) process.exit(0);
  console.error(`${file} is not up to date: npm run notices`);
  process.exit(1);
}
writeFileSync(file, text);
console.log(`${packages.length} packages in ${file}.`);
