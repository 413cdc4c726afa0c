import { type ChildProcess, fork } from 'node:child_process';
import { once } from 'node:events';
import { readdirSync, readFileSync } from 'node:fs';
import { request } from 'node:http';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { entriesOf, noted, WALK } from '../../tests/builders/entries';
import { RunningServer } from '../../tests/builders/runningServer';
import { makeLink } from '../buyer';
import { ms, type Row } from '../row';
import { archives } from './archives';
import type { Attack } from './attack';
import { fetchAll, manyPapers } from './crowd';
import { holdLock } from './lock';
import { pictures } from './pictures';
import { recordings } from './recordings';
import { requests } from './requests';

const LOCKED_MS = 2000;

interface Outcome {
  name: string;
  status: number | string;
  isTold: boolean;
  tookMs: number;
  stallMs: number;
}

/** Sends one, and gives up after half a minute. A server may answer before it has read all. */
function send(
  origin: string,
  { method, path, headers = {}, body }: Attack,
  signed: { Cookie: string },
): Promise<{ status: number | string; isTold: boolean }> {
  return new Promise((done) => {
    const asked = request(
      `${origin}${path}`,
      {
        method,
        headers: { ...signed, ...headers, ...(body && { 'Content-Length': String(body.length) }) },
        agent: false,
      },
      async (response) => {
        const said = await text(response).catch(() => '');
        const isProblem = response.headers['content-type']?.startsWith('application/problem+json') === true;
        done({
          status: response.statusCode ?? 0,
          isTold: (response.statusCode ?? 0) < 400 || (isProblem && said.includes('"detail"')),
        });
        asked.destroy();
      },
    );
    asked.setTimeout(30_000, () => done({ status: 'no answer', isTold: false }));
    asked.on('error', (error: NodeJS.ErrnoException) =>
      setTimeout(() => done({ status: error.code ?? 'error', isTold: false }), 500),
    );
    asked.end(body);
  });
}

const memoryOf = (pid: number, field: string): number => {
  try {
    return (
      Number(new RegExp(`${field}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) /
      1024
    );
  } catch {
    return 0;
  }
};
const childrenOf = (pid: number): number[] => {
  try {
    return readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').split(' ').filter(Boolean).map(Number);
  } catch {
    return [];
  }
};

const longestOf = async (probe: ChildProcess): Promise<number> => {
  probe.send('ask');
  const [longest] = (await once(probe, 'message')) as [number];
  return longest;
};

/** Requests and files that mean no good, one after another, beside somebody who only asks whether the server is there. */
export async function benchHostile(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const { token } = await makeLink(server);
  const walkJson = Buffer.from(await (await server.fetch(`/api/walks/${WALK}/export`)).arrayBuffer());
  const attacks = [...requests(WALK, token), ...archives(walkJson), ...recordings(), ...(await pictures())];
  const probe = fork(new URL('./probe.ts', import.meta.url), [server.origin], {
    execArgv: ['--import', 'tsx'],
  });
  await new Promise((settled) => setTimeout(settled, 1500));
  await longestOf(probe);
  const quietMs = await new Promise((done) => setTimeout(done, 2000)).then(() => longestOf(probe));
  let mostInAll = 0;
  const watch = setInterval(() => {
    const all = [server.pid, ...childrenOf(server.pid)].map((pid) => memoryOf(pid, 'VmRSS'));
    mostInAll = Math.max(
      mostInAll,
      all.reduce((sum, each) => sum + each, 0),
    );
  }, 50);
  const outcomes: Outcome[] = [];
  let crowd = { whole: 0, of: 0, stallMs: 0 };
  let locked = { status: 0, tookMs: 0, stallMs: 0 };
  try {
    for (const attack of attacks) {
      const start = performance.now();
      const all = await Promise.all(
        Array.from({ length: attack.times ?? 1 }, () => send(server.origin, attack, server.signed)),
      );
      const { status = 'error', isTold = false } = all.find((each) => !each.isTold) ?? all[0] ?? {};
      const tookMs = performance.now() - start;
      outcomes.push({ name: attack.name, status, isTold, tookMs, stallMs: await longestOf(probe) });
    }
    const papers = await manyPapers(server);
    await longestOf(probe);
    const whole = await fetchAll(server, papers);
    crowd = { whole, of: papers.length, stallMs: await longestOf(probe) };
    const { free } = await holdLock(server.dataDir, LOCKED_MS);
    const began = performance.now();
    const written = await server.post(`/api/walks/${WALK}/entries`, {
      entries: entriesOf([noted(200, 'bonnet')], WALK, 0xd000),
    });
    locked = {
      status: written.status,
      tookMs: performance.now() - began,
      stallMs: await longestOf(probe),
    };
    await free;
  } finally {
    clearInterval(watch);
    probe.disconnect();
  }
  const isUp = (await fetch(`${server.origin}/api/health`)).ok;
  const mostOfServer = memoryOf(server.pid, 'VmHWM');
  const left = readdirSync(join(server.dataDir, 'photos', 'incoming'));
  await server.end();
  server.remove();
  const worst = outcomes.toSorted((a, b) => b.stallMs - a.stallMs);
  const slowest = outcomes.toSorted((a, b) => b.tookMs - a.tookMs);
  const untold = outcomes.filter(({ isTold, status }) => !isTold || Number(status) >= 500);
  if (process.env.ZELK_BENCH_VERBOSE)
    for (const { name, status, isTold, tookMs, stallMs } of outcomes)
      process.stderr.write(
        `${String(status).padEnd(10)} ${isTold ? 'told' : '    '} ${ms(tookMs).padStart(9)} stall ${ms(stallMs).padStart(9)}  ${name}\n`,
      );
  return [
    {
      what: `longest wait of an innocent request beside ${outcomes.length} hostile ones (${worst[0]?.name})`,
      measured: ms(worst[0]?.stallMs ?? 0),
      baseline: `${ms(quietMs)} (nobody else there)`,
      target: '≤ 250 ms',
    },
    {
      what: `longest a hostile one took (${slowest[0]?.name}); ${untold.length} without a problem document${untold.length > 0 ? `: ${untold.map(({ name, status }) => `${name} (${status})`).join(', ')}` : ''}`,
      measured: ms(slowest[0]?.tookMs ?? 0),
      target: '≤ 20 s, none',
    },
    {
      what: `longest wait of an innocent request while ${crowd.of} PDFs and archives are made at once; ${crowd.whole} came whole`,
      measured: ms(crowd.stallMs),
      target: '≤ 250 ms, all',
    },
    {
      what: `the same while another process holds the write lock for ${LOCKED_MS / 1000} s; an entry sent meanwhile was answered with ${locked.status} after ${ms(locked.tookMs)}`,
      measured: ms(locked.stallMs),
      target: '≤ 250 ms, 200',
    },
    {
      what: 'peak memory of the server; with the processes that open files',
      measured: `${Math.round(mostOfServer)} MB; ${Math.round(mostInAll)} MB`,
      target: '≤ 600 MB',
    },
    {
      what: 'left on disk; server',
      measured: `${left.length} files; ${isUp ? 'up' : 'gone'}`,
      target: 'none; up',
    },
  ];
}
