import { readFile } from 'node:fs/promises';

/** Linux counts processor time in hundredths of a second, and memory in pages. */
const [TICK_MS, PAGE_BYTES] = [10, 4096] as const;

/** Milliseconds of processor time a process has taken, all its threads together, as Linux tells (proc(5)); undefined where nobody does. */
export async function processorMsOf(pid: number | undefined): Promise<number | undefined> {
  const text = await readFile(`/proc/${pid}/stat`, 'utf8').catch(() => '');
  // Behind the name, which may hold anything: its own time, and the system's for it.
  const [own, forIt] = (text.split(') ').at(-1)?.split(' ') ?? []).slice(11, 13).map(Number);
  return own === undefined || forIt === undefined ? undefined : (own + forIt) * TICK_MS;
}

/** Bytes of memory a process holds, as Linux tells; 0 where nobody does. */
export async function memoryOf(pid: number | undefined): Promise<number> {
  const text = await readFile(`/proc/${pid}/statm`, 'utf8').catch(() => '');
  return Number(text.split(' ')[1] ?? 0) * PAGE_BYTES;
}
