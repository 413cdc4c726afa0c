import { type ChildProcess, fork } from 'node:child_process';
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { Problem, type ProblemPart, unprocessable } from '../problems';
import type { JobInput, JobName, JobOutput } from './jobTypes';

/** What one file of a stranger may take before it is given up. */
const [MOST_MS, MOST_BYTES] = [15_000, 512 * 1024 * 1024] as const;
/** So many at once: one for each core, and more only while these are held up by files that take long. */
const [AT_ONCE, MOST_AT_ONCE, HELD_UP_MS] = [2, 4, 1500] as const;
const LOOK_EVERY_MS = 50;

export interface Sent {
  id: number;
  name: JobName;
  input: unknown;
}
export type Answer =
  | { id: number; ok: true; value: unknown }
  | { id: number; ok: false; problem: SentProblem }
  | { id: number; ok: false; failure: string };
export interface SentProblem {
  status: number;
  code: string;
  title: string;
  detail: string;
  errors?: readonly ProblemPart[] | undefined;
}

interface Waiting {
  name: JobName;
  input: unknown;
  /** Beyond what any file may take. */
  moreMs: number;
  done: (value: unknown) => void;
  fail: (error: unknown) => void;
}

interface Helper {
  child: ChildProcess;
  job?: { id: number; since: number; work: Waiting };
}

export interface Limits {
  mostMs: number;
  mostBytes: number;
}

/**
 * Child processes in which strangers' files are opened: pictures, recordings, walk files. What takes too long or too much memory ends there, with
 * a Problem, and nobody else waits for it.
 */
export class Pool {
  readonly #waiting: Waiting[] = [];
  readonly #helpers = new Set<Helper>();
  #lastId = 0;
  #watch: NodeJS.Timeout | undefined;

  constructor(private readonly limits: Limits = { mostMs: MOST_MS, mostBytes: MOST_BYTES }) {}

  /** Does a job in a child process; `moreMs` is what a large file may take beyond the limit. Throws the Problem the job throws, or one that says that the file was too much. */
  run<N extends JobName>(name: N, input: JobInput<N>, moreMs = 0): Promise<JobOutput<N>> {
    return new Promise((done, fail) => {
      this.#waiting.push({ name, input, moreMs, done: done as (value: unknown) => void, fail });
      this.#next();
    });
  }

  /** How many jobs wait for a child. */
  get waiting(): number {
    return this.#waiting.length;
  }

  /** Ends the children. Jobs under way fail. */
  stop(): void {
    clearInterval(this.#watch);
    this.#watch = undefined;
    for (const helper of this.#helpers) helper.child.kill('SIGKILL');
  }

  #next(): void {
    while (this.#waiting.length > 0 && this.#mayBegin()) {
      const idle = [...this.#helpers].find(({ job }) => !job) ?? this.#newHelper();
      const work = this.#waiting.shift() as Waiting;
      const id = ++this.#lastId;
      idle.job = { id, since: Date.now(), work };
      // While something is being done the process stays; an idle child keeps nobody.
      idle.child.ref();
      idle.child.channel?.ref?.();
      idle.child.send({ id, name: work.name, input: work.input } satisfies Sent);
      this.#watch ??= setInterval(() => this.#look(), LOOK_EVERY_MS);
    }
  }

  #mayBegin(): boolean {
    const jobs = [...this.#helpers].flatMap(({ job }) => job ?? []);
    const quick = jobs.filter(({ since }) => Date.now() - since < HELD_UP_MS).length;
    return quick < AT_ONCE && jobs.length < MOST_AT_ONCE;
  }

  #newHelper(): Helper {
    const child = fork(childFile(), {
      execArgv: [...childArgs(), '--max-old-space-size=384'],
      serialization: 'advanced',
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    });
    const helper: Helper = { child };
    this.#helpers.add(helper);
    child.on('message', (answer: Answer) => this.#answered(helper, answer));
    child.on('exit', () => {
      this.#helpers.delete(helper);
      helper.job?.work.fail(tooMuch());
      delete helper.job;
      this.#next();
    });
    child.on('error', () => undefined);
    return helper;
  }

  #answered(helper: Helper, answer: Answer): void {
    const { job } = helper;
    if (job?.id !== answer.id) return;
    delete helper.job;
    helper.child.unref();
    helper.child.channel?.unref?.();
    if (answer.ok) job.work.done(answer.value);
    else if ('problem' in answer) {
      const { status, code, title, detail, errors } = answer.problem;
      job.work.fail(new Problem(status, code, title, detail, errors));
    } else job.work.fail(new Error(answer.failure));
    this.#next();
  }

  /** Ends what takes too long or too much, and begins what waited behind it. */
  #look(): void {
    const busy = [...this.#helpers].filter(({ job }) => job);
    if (busy.length === 0) {
      clearInterval(this.#watch);
      this.#watch = undefined;
    }
    for (const { child, job } of busy) {
      if (job && Date.now() - job.since > this.limits.mostMs + job.work.moreMs) child.kill('SIGKILL');
      else
        void memoryOf(child.pid).then((bytes) => {
          if (bytes > this.limits.mostBytes) child.kill('SIGKILL');
        });
    }
    this.#next();
  }
}

const tooMuch = () =>
  unprocessable(
    'file-too-much',
    'Opening this file takes more time or memory than any photo, recording or walk needs. Send another, or save it anew and try again.',
  );

/** Bytes of memory a process holds, as Linux tells; 0 where nobody does. */
async function memoryOf(pid: number | undefined): Promise<number> {
  const text = await readFile(`/proc/${pid}/statm`, 'utf8').catch(() => '');
  return Number(text.split(' ')[1] ?? 0) * 4096;
}

/** Built, the child lies beside the server, or where `ZELK_ASIDE` says; while developing it is run as it stands. */
const built = process.env.ZELK_ASIDE ?? fileURLToPath(new URL('./aside.js', import.meta.url));
const childFile = () =>
  existsSync(built) ? built : fileURLToPath(new URL('../jobs/child.ts', import.meta.url));
const childArgs = () =>
  existsSync(built) ? [] : ['--import', pathToFileURL(createRequire(import.meta.url).resolve('tsx')).href];

/** The children of this process. They are made when first needed, and end with it. */
export const pool = new Pool();
