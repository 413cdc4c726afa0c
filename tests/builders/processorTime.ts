import { appendFileSync, readdirSync, readFileSync } from 'node:fs';

/** Where the runs write down what each file of tests took; `bin/test` names the dearest at its end. */
const LEDGER = 'test-results-processor.txt';
/** Linux counts in hundredths of a second. */
const TICKS_A_SECOND = 100;

/** Seconds of processor time that a process, the children it has and those it had have taken; 0 where Linux does not tell. */
export function processorSeconds(pid: number = process.pid): number {
  try {
    // Behind the name, which may hold anything: utime, stime, and those of children that ended (proc(5)).
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1)?.split(' ') ?? [];
    const own = fields.slice(11, 15).reduce((sum, ticks) => sum + Number(ticks), 0) / TICKS_A_SECOND;
    return childrenOf(pid).reduce((sum, child) => sum + processorSeconds(child), own);
  } catch {
    // It ended meanwhile: its parent has its time by now.
    return 0;
  }
}

const childrenOf = (pid: number): number[] =>
  readdirSync(`/proc/${pid}/task`).flatMap((task) =>
    readFileSync(`/proc/${pid}/task/${task}/children`, 'utf8').split(' ').filter(Boolean).map(Number),
  );

export function writeDown(file: string, seconds: number): void {
  appendFileSync(LEDGER, `${seconds.toFixed(2)}\t${file}\n`);
}
