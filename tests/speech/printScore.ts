import { scoreLines } from './lines';
import { f1, scoreFolder } from './score';

/* `npm run speech:score [build|held] [-v]`: precision, recall and F1 by kind of statement; with -v what was missed and what was wrong. */
const folder = process.argv.includes('held') ? 'held' : 'build';
const { counts, sidesWrong, deniedDrafted, asked, missed, wrong } = scoreFolder(folder);
const share = (value: number) => value.toFixed(2);
process.stdout.write(
  `| ${folder} | right | drafted | labelled | precision | recall | F1 |\n|---|---|---|---|---|---|---|\n`,
);
for (const [is, counted] of [...counts].sort()) {
  const { precision, recall, f1: both } = f1(counted);
  process.stdout.write(
    `| ${is} | ${counted.right} | ${counted.drafted} | ${counted.labelled} | ${share(precision)} | ${share(recall)} | ${share(both)} |\n`,
  );
}
process.stdout.write(
  `\nSides wrong: ${sidesWrong}. Denied faults drafted: ${deniedDrafted.length}. Asked: ${asked}.\n`,
);
if (process.argv.includes('-v'))
  process.stdout.write(
    `\nMissed:\n${missed.join('\n')}\n\nWrong:\n${wrong.join('\n')}\n\nDenied:\n${deniedDrafted.join('\n')}\n`,
  );

const lines = scoreLines();
const of = (how: string) => lines.filter((line) => line.how === how);
process.stdout.write(
  `\nLines: ${lines.length}; right ${of('right').length}, wrong ${of('wrong').length}, open ${of('open').length}.\n`,
);
if (process.argv.includes('-v'))
  for (const { line, wanted, told, how } of lines)
    if (how !== 'right') process.stdout.write(`${how}: ${line} => ${wanted} | ${told}\n`);
