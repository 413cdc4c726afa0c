import { type ChildProcess, fork } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { setPriority } from 'node:os';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { Problem, type ProblemPart, unprocessable } from '../problems';
import type { JobInput, JobName, JobOutput } from './jobTypes';
import { memoryOf, processorMsOf } from './processOf';

/** What one file of a stranger may take before it is given up: processor time and memory. By the clock it may take far longer: the machine may have other things to do. */
const [MOST_MS, MOST_BYTES, LAST_MS] = [15_000, 512 * 1024 * 1024, 180_000] as const;
/** What opens a file and dies of it so often is not tried a third time. */
const MOST_DEATHS = 2;
/** So many at once: one for each core, and more only while these are held up by files that take long. */
const [AT_ONCE, MOST_AT_ONCE, HELD_UP_MS] = [2, 4, 1500] as const;
const LOOK_EVERY_MS = 50;
/** How far a child gives way to what answers: to a third of its share, and to a tenth where nobody is kept from working by it. */
const [NICE, VERY_NICE] = [5, 10] as const;

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
  /** Children that died of it by themselves. */
  deaths: number;
  done: (value: unknown) => void;
  fail: (error: unknown) => void;
}

interface Helper {
  child: ChildProcess;
  job?: Job;
}

interface Job {
  id: number;
  since: number;
  /** Processor time the child had taken before, once that is known. */
  before?: number;
  work: Waiting;
  /** Why the child is being ended. */
  ending?: Problem;
}

export interface Limits {
  /** Of processor time. */
  mostMs: number;
  mostBytes: number;
  /** By the clock. */
  lastMs?: number;
  nice?: number;
}

/**
 * Child processes in which strangers' files are opened: pictures, recordings, walk files. What takes too much processor time or memory ends there, with a Problem that
 * refuses it, and nobody else waits for it; where the machine is only slow, or a child was ended from outside, it says to try again.
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
      this.#waiting.push({ name, input, moreMs, deaths: 0, done: done as (value: unknown) => void, fail });
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
      const job: Job = { id, since: Date.now(), work };
      idle.job = job;
      void processorMsOf(idle.child.pid).then((before) => {
        if (before !== undefined) job.before = before;
      });
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
    // Whoever waits for an answer comes before whoever waits for a file.
    if (child.pid !== undefined) setPriority(child.pid, this.limits.nice ?? NICE);
    const helper: Helper = { child };
    this.#helpers.add(helper);
    child.on('message', (answer: Answer) => this.#answered(helper, answer));
    child.on('exit', (_code, signal) => {
      this.#helpers.delete(helper);
      const { job } = helper;
      delete helper.job;
      if (job) this.#died(job, signal);
      this.#next();
    });
    child.on('error', () => undefined);
    return helper;
  }

  /** What was ended fails with why. What died by itself is opened once more: it may have been the child. */
  #died({ work, ending }: Job, signal: NodeJS.Signals | null): void {
    const isFromOutside = signal === 'SIGKILL' || signal === 'SIGTERM';
    if (ending) work.fail(ending);
    else if (isFromOutside) work.fail(tooBusy());
    else if (++work.deaths < MOST_DEATHS) this.#waiting.unshift(work);
    else work.fail(tooMuch());
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
    for (const helper of busy) void this.#weigh(helper);
    this.#next();
  }

  async #weigh(helper: Helper): Promise<void> {
    const { child, job } = helper;
    if (!job) return;
    const { mostMs, mostBytes, lastMs = LAST_MS } = this.limits;
    const { moreMs } = job.work;
    const [taken, bytes] = await Promise.all([processorMsOf(child.pid), memoryOf(child.pid)]);
    // Answered meanwhile: what the child does now is weighed for itself.
    if (helper.job !== job) return;
    const isTooMuch = (taken ?? 0) - (job.before ?? taken ?? 0) > mostMs + moreMs || bytes > mostBytes;
    if (isTooMuch) job.ending = tooMuch();
    else if (Date.now() - job.since > lastMs + moreMs) job.ending = tooBusy();
    if (job.ending) child.kill('SIGKILL');
  }
}

const tooMuch = () =>
  unprocessable(
    'file-too-much',
    'Opening this file takes more time or memory than any photo, recording or walk needs. Send another, or save it anew and try again.',
  );

const tooBusy = () =>
  new Problem(
    503,
    'too-busy',
    'Zelk’s server has too much to do',
    'Zelk’s server has too much to do to open this now. Nothing is wrong with it: it is tried again.',
  );

/** Built, the child lies beside the server, or where `ZELK_ASIDE` says; while developing it is run as it stands. */
const built = process.env.ZELK_ASIDE ?? fileURLToPath(new URL('./aside.js', import.meta.url));
const childFile = () =>
  existsSync(built) ? built : fileURLToPath(new URL('../jobs/child.ts', import.meta.url));
const childArgs = () =>
  existsSync(built) ? [] : ['--import', pathToFileURL(createRequire(import.meta.url).resolve('tsx')).href];

/** The children of this process. They are made when first needed, and end with it. */
export const pool = new Pool();

/** Those that make papers: they begin many at once, and wait for whatever else there is to do. */
export const printers = new Pool({
  mostMs: MOST_MS,
  mostBytes: MOST_BYTES,
  lastMs: 3 * LAST_MS,
  nice: VERY_NICE,
});
