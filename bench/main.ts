import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { benchAppend } from './append';
import { benchBuyer } from './buyer';
import { benchFilm } from './film';
import { benchGauge } from './gauge';
import { benchHandover } from './handover';
import { benchHostile } from './hostile/main';
import { benchJudge } from './judge';
import { benchKills } from './kills';
import { benchPaint } from './paint';
import { benchPapers } from './papers';
import { benchPdf } from './pdf';
import { benchPhones } from './phones';
import { benchPhotos } from './photos';
import { benchPictures } from './pictures';
import { benchPlan } from './plan';
import { benchReaders } from './readers';
import { benchReading } from './reading';
import { benchReplay } from './replay';
import type { Row } from './row';
import { benchScale } from './scale';
import { benchSchedule } from './schedule';
import { benchSpeech } from './speech';
import { benchWalk } from './walk';
import { benchYard } from './yard';

/** `npm run bench [name …]`: each figure against a bare baseline measured in the same run. */
const benches = {
  append: benchAppend,
  phones: benchPhones,
  replay: benchReplay,
  speech: benchSpeech,
  film: benchFilm,
  walk: benchWalk,
  yard: benchYard,
  photos: benchPhotos,
  pictures: benchPictures,
  paint: benchPaint,
  gauge: benchGauge,
  papers: benchPapers,
  pdf: benchPdf,
  handover: benchHandover,
  buyer: benchBuyer,
  reading: benchReading,
  readers: benchReaders,
  hostile: benchHostile,
  plan: benchPlan,
  schedule: benchSchedule,
  judge: benchJudge,
  kills: benchKills,
  scale: benchScale,
};
const wanted = process.argv.slice(2);

const rows: Row[] = [];
for (const [name, bench] of Object.entries(benches)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const dir = mkdtempSync(join(tmpdir(), 'zelk-bench-'));
  try {
    rows.push(...(await bench(dir)));
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

const cell = (row: Row) =>
  `| ${row.what} | ${row.measured} | ${row.baseline ?? ''} | ${row.ratio ?? ''} | ${row.target ?? ''} |`;
const table = [
  '| what | Zelk | bare baseline | ratio | target |',
  '|---|---|---|---|---|',
  ...rows.map(cell),
].join('\n');
process.stdout.write(`${table}\n`);
if (wanted.length === 0) {
  const [cpu] = cpus();
  writeFileSync(
    'docs/benchmarks.md',
    `# Benchmarks\n\nPrinted by \`npm run bench\`. Each figure stands beside a bare baseline measured in the same run, since machines differ and are noisy; read the ratios.\nThis table: ${new Date().toISOString().slice(0, 10)}, ${cpus().length} cores (${cpu?.model.trim()}), Node ${process.version}.\n\n${table}\n\n- *Append*: one entry through the store (checked, replayed, list figures projected) in a walk of 500 entries, against a bare insert of the same JSON with the same pragmas (WAL, synchronous=FULL).\n- *Shorthand*: the lines of the core’s own table of phrases, as a salesperson would type or dictate them.\n- *Walk*: the walk screen in Chromium on a phone’s viewport; opening is from navigation to the part in hand on the map; a tap is “Clear” (logged, replayed, walked on), from the finger to the next frame painted as the browser’s Event Timing measures it; a turn is counted in animation frames. Opening is over its target: at this throttle some 170 kB of script, compressed, take half of it to load and run, the first drawing of a hundred parts and their words most of the rest.\n- *Yard*: what \`bin/demo --fresh\` does after building, against sharp alone, one file after another. Copies of its pictures are kept by their hash once they were made, which is what a machine’s first loading takes longer for; the sixty walks of earlier months are one transaction, and the board is planned once.\n- *Photos*: 300 JPEGs of 12 megapixels through the whole intake (hash, proof by decoding, both widths, fsync), two at a time, against sharp alone making the same two widths from files, two at a time. Peak memory is the whole process. The server judges them afterwards, when nobody waits.\n- *Pictures*: placing in the core; judging in the worker as it ships, in Chromium, with how long the page’s own thread stood still meanwhile; the ZIP over HTTP with descriptions put in, against yazl on the same copies.\n- *Paint*: see paint-depth.md.\n- *Gauge*: the paint screen on a phone’s viewport while the practice gauge sends 20 readings a second over its line for a minute; every 0.7 s a tap takes another panel in hand. Lost readings are those pressed and not in the server’s log.\n- *Papers*: see papers.md.\n- *PDF*: a report with 60 photos of 1600 pixels, against pdfkit placing the same pictures and writing the same words in the same embedded faces one below the other, without layout, tags or contents.\n- *Handover*: a server that has done nothing else hands over the report of 60 photos of 1600 pixels five times as PDF and as archive; peak memory is the whole process.\n- *Buyer*: the share link in Chromium; bytes as sent over the wire, compressed; first and largest content and layout shift at 4 × CPU throttle, 1.6 Mbit/s and a round trip of 40 ms, with a cover photo of 1600 pixels.\n- *Reading*: the share link of a report of twelve findings with pictures on a phone’s viewport, six seconds after it was opened.\n- *Hostile*: 93 requests and files that mean no good, one after another, at a built server, beside one who asks for the yard’s name every ten milliseconds from a process of its own. \`ZELK_BENCH_VERBOSE=1\` lists each. Memory is the highest of the server, and the highest sum of it and its child processes, looked at 20 times a second.\n- *Kills*: SIGKILL in the middle of posting entries one by one and sending photos, then a start and a look at everything that had been acknowledged.\n- *Readers*: 200 loopback clients, each a connection of its own, who ask for the document of a report with 40 findings, read for a second and ask again, five times.\n`,
  );
}
